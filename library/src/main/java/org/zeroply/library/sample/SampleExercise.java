package org.zeroply.library.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.exercise.MarkingScheme;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

/**
 * Looks whether a position of a game makes an exercise (one clearly best, not obvious move) and
 * writes a marking scheme for it.
 */
final class SampleExercise {

    private static final long NODES = 250_000;
    private static final double MARGIN = 0.22;

    private final Engine engine;

    SampleExercise(Engine engine) {
        this.engine = engine;
    }

    /** The exercise in this position, if it makes one. */
    Optional<MoveTree> from(MoveTree game, Node node) {
        Position p = node.position();
        Analysis quick = engine.analyse(AnalysisRequest.of(p, Limits.nodes(20_000)).withLines(2));
        if (!isClear(quick, p)) {
            return Optional.empty();
        }
        Analysis deep = engine.analyse(AnalysisRequest.of(p, Limits.nodes(NODES)).withLines(3));
        if (!isClear(deep, p) || !deep.lines().get(0).move().equals(quick.lines().get(0).move())) {
            return Optional.empty();
        }
        Move best = deep.lines().get(0).move();
        Optional<Move> tempting =
                deep.byDepth().stream()
                        .limit(4)
                        .map(Analysis.DepthBest::move)
                        .filter(m -> !m.equals(best))
                        .findFirst();
        if (tempting.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(write(game, node, deep, tempting.get()));
    }

    private static boolean isClear(Analysis analysis, Position p) {
        if (analysis.lines().size() < 2) {
            return false;
        }
        Analysis.Candidate best = analysis.lines().get(0);
        double gap = best.expected() - analysis.lines().get(1).expected();
        boolean known = best.expected() > 0.55 && best.line().size() >= 5;
        boolean recapture = best.move().isCapture() && p.halfmoveClock() == 0;
        return known && gap >= MARGIN && !recapture;
    }

    private MoveTree write(MoveTree game, Node node, Analysis deep, Move tempting) {
        Position p = node.position();
        TreeEditor editor = new TreeEditor(new MoveTree(p));
        tags(editor, game, p);
        Analysis.Candidate best = deep.lines().get(0);
        int length = Math.min(best.line().size(), 7);
        length -= length % 2 == 0 ? 1 : 0;
        List<Move> main = best.line().subList(0, length);
        Node end = editor.addLine(editor.tree().root(), main);
        addCheck(editor, end, best.score(), deep, p.sideToMove() == Side.WHITE);
        Node key = editor.tree().root().children().get(0);
        editor.comment(key, "The key move.");
        defences(editor, key, main);
        temptation(editor, tempting);
        points(editor);
        return editor.tree();
    }

    private static void tags(TreeEditor editor, MoveTree game, Position p) {
        Exercise.mark(editor, "calculation");
        editor.tag("Event", "From " + game.tag("White") + " – " + game.tag("Black"));
        editor.tag("White", game.tag("White"));
        editor.tag("Black", game.tag("Black"));
        editor.tag("Date", game.tag("Date"));
        editor.tag(
                Exercise.PROMPT,
                p.sideToMove().word()
                        + " to move. Find the best continuation, the main defences against it, and"
                        + " give a verdict for each line.");
        editor.tag(Exercise.MINUTES, "15");
    }

    private void addCheck(TreeEditor editor, Node node, Score score, Analysis by, boolean white) {
        Score own = white ? score : score.negated();
        boolean mate = own instanceof Score.Mate;
        int value = own instanceof Score.Mate m ? m.moves() : own.ordinal();
        EngineCheck check = new EngineCheck(mate, value, by.depth(), by.nodes(), engine.name());
        editor.annotate(
                node,
                a ->
                        a.withCheck(Optional.of(check))
                                .withVerdict(Optional.of(score.verdict(white))));
    }

    /** The two other replies that hold out best, each with the answer to it. */
    private void defences(TreeEditor editor, Node key, List<Move> main) {
        Position p = key.position();
        Analysis replies =
                engine.analyse(AnalysisRequest.of(p, Limits.nodes(NODES / 2)).withLines(3));
        for (Analysis.Candidate reply : replies.lines()) {
            if (main.size() > 1 && reply.move().equals(main.get(1)) || reply.line().size() < 2) {
                continue;
            }
            List<Move> line = new ArrayList<>(List.of(reply.move()));
            Position after = p.play(reply.move());
            Analysis answer = engine.analyse(AnalysisRequest.of(after, Limits.nodes(NODES / 2)));
            if (answer.lines().isEmpty()) {
                continue;
            }
            Analysis.Candidate best = answer.lines().get(0);
            line.addAll(best.line().subList(0, Math.min(best.line().size(), 3)));
            Node end = editor.addLine(key, line);
            addCheck(editor, end, best.score(), answer, after.sideToMove() == Side.WHITE);
        }
    }

    private void temptation(TreeEditor editor, Move tempting) {
        Position p = editor.tree().start();
        AnalysisRequest request =
                AnalysisRequest.of(p, Limits.nodes(NODES)).among(List.of(tempting));
        Analysis analysis = engine.analyse(request);
        Analysis.Candidate line = analysis.lines().get(0);
        Node end =
                editor.addLine(
                        editor.tree().root(),
                        line.line().subList(0, Math.min(line.line().size(), 4)));
        addCheck(editor, end, line.score(), analysis, p.sideToMove() == Side.WHITE);
        Node bait = editor.tree().root().child(tempting).orElseThrow();
        editor.annotate(bait, a -> a.withTempting(true));
        String reply =
                line.line().size() > 1
                        ? Line.number(bait.position(), true)
                                + San.write(bait.position(), line.line().get(1))
                        : "best play";
        editor.comment(
                bait, "Looks natural at first sight, but after " + reply + " little is left.");
    }

    /** 50 points: the key move, our further moves, the defences considered, and the verdict. */
    private static void points(TreeEditor editor) {
        List<Node> main = editor.tree().mainLine();
        for (int i = 0; i < main.size(); i++) {
            int points = i == 0 ? 10 : i % 2 == 0 ? 5 : i == 1 ? 4 : 2;
            editor.points(main.get(i), List.of(PointRule.of(points)));
        }
        Node end = main.get(main.size() - 1);
        editor.annotate(end, a -> a.withEnd(true));
        List<Node> defences = main.get(0).children();
        for (Node defence : defences.subList(1, defences.size())) {
            editor.points(defence, List.of(PointRule.of(3)));
            defence.mainChild().ifPresent(n -> editor.points(n, List.of(PointRule.of(3))));
        }
        int rest = 50 - MarkingScheme.of(editor.tree()).sum();
        if (rest > 0) {
            PointRule verdict = new PointRule(rest, true, Optional.empty());
            editor.points(end, List.of(end.annotation().points().get(0), verdict));
        }
        editor.tag(Exercise.MAX_POINTS, String.valueOf(MarkingScheme.of(editor.tree()).sum()));
    }
}
