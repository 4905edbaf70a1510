package org.zeroply.coach.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

/**
 * A first marking scheme for a position: the best line, the two other defences that hold out best,
 * the temptation with its refutation, and fifty points over them. The coach goes on from there.
 */
public final class FirstScheme {

    private static final int TOTAL = 50;
    private static final int LONGEST = 7;
    private static final int DEFENCES = 3;
    private static final int MINUTES = 15;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes nodes to judge a line on; defences get half as many
     */
    public FirstScheme(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /**
     * An exercise on a position.
     *
     * @param tempting a move that looks good and is not
     * @return nothing when the side to move has no legal move
     */
    public Optional<MoveTree> draft(Position position, Optional<Move> tempting) {
        Analysis deep = engine.analyse(AnalysisRequest.of(position, Limits.nodes(nodes)));
        if (deep.best().isEmpty()) {
            return Optional.empty();
        }
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        Exercise.mark(editor, "calculation");
        editor.tag(
                Exercise.PROMPT,
                position.sideToMove().word()
                        + " to move. Find the best continuation, the main defences against it, and"
                        + " give a verdict for each line.");
        editor.tag(Exercise.MINUTES, String.valueOf(MINUTES));
        Optional<Move> bait = tempting.filter(m -> !m.equals(deep.best().get().move()));
        write(editor, deep, bait.filter(position::isLegal));
        return Optional.of(editor.tree());
    }

    /** Writes the scheme into a tree that has no moves yet. */
    public void write(TreeEditor editor, Analysis deep, Optional<Move> tempting) {
        Position p = editor.tree().start();
        Analysis.Candidate best = deep.lines().get(0);
        int length = Math.min(best.line().size(), LONGEST);
        length -= length % 2 == 0 ? 1 : 0;
        List<Move> main = best.line().subList(0, length);
        Node end = editor.addLine(editor.tree().root(), main);
        addCheck(editor, end, best.score(), deep, p.sideToMove() == Side.WHITE);
        Node key = editor.tree().root().children().get(0);
        editor.comment(key, "The key move.");
        defences(editor, key, main);
        tempting.ifPresent(m -> temptation(editor, m));
        points(editor);
    }

    private void addCheck(TreeEditor editor, Node node, Score score, Analysis by, boolean white) {
        editor.annotate(
                node,
                a ->
                        a.withCheck(
                                        Optional.of(
                                                score.check(
                                                        white,
                                                        by.depth(),
                                                        by.nodes(),
                                                        engine.name())))
                                .withVerdict(Optional.of(score.verdict(white))));
    }

    /** The two other replies that hold out best, each with the answer to it. */
    private void defences(TreeEditor editor, Node key, List<Move> main) {
        Position p = key.position();
        Analysis replies =
                engine.analyse(AnalysisRequest.of(p, Limits.nodes(nodes / 2)).withLines(DEFENCES));
        for (Analysis.Candidate reply : replies.lines()) {
            if (main.size() > 1 && reply.move().equals(main.get(1)) || reply.line().size() < 2) {
                continue;
            }
            List<Move> line = new ArrayList<>(List.of(reply.move()));
            Position after = p.play(reply.move());
            Analysis answer = engine.analyse(AnalysisRequest.of(after, Limits.nodes(nodes / 2)));
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
                AnalysisRequest.of(p, Limits.nodes(nodes)).among(List.of(tempting));
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
        main.get(0).children().stream()
                .skip(1)
                .forEach(
                        defence -> {
                            editor.points(defence, List.of(PointRule.of(3)));
                            defence.mainChild()
                                    .ifPresent(n -> editor.points(n, List.of(PointRule.of(3))));
                        });
        int rest = TOTAL - MarkingScheme.of(editor.tree()).sum();
        if (rest > 0) {
            PointRule verdict = new PointRule(rest, true, Optional.empty());
            editor.points(end, List.of(end.annotation().points().get(0), verdict));
        }
        editor.tag(Exercise.MAX_POINTS, String.valueOf(MarkingScheme.of(editor.tree()).sum()));
    }
}
