package org.zeroply.library.sample;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.exercise.FirstScheme;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Looks whether a position of a game makes an exercise (one clearly best, not obvious move) and
 * writes a marking scheme for it.
 */
final class SampleExercise {

    private static final long NODES = 250_000;
    private static final double MARGIN = 0.22;

    private final Engine engine;
    private final FirstScheme scheme;

    SampleExercise(Engine engine) {
        this.engine = engine;
        this.scheme = new FirstScheme(engine, NODES);
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
        scheme.write(editor, deep, Optional.of(tempting));
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
}
