package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;

/** The lines of a moment as a tree: what was better, what was played, and what tempted. */
final class MomentLines {

    private MomentLines() {}

    /** The position alone, before anybody has tried. */
    static MoveTree bare(Moment moment) {
        return new MoveTree(moment.move().position());
    }

    /**
     * The lines, as far as they differ.
     *
     * @param nodes nodes each search had, for the stamp
     * @param engine name of the engine, for the stamp
     */
    static MoveTree of(Moment moment, long nodes, String engine) {
        MoveReview move = moment.move();
        TreeEditor editor = new TreeEditor(bare(moment));
        Node root = editor.tree().root();
        boolean threat = moment.kind() == Moment.Kind.IGNORED_THREAT;
        Node end = editor.addLine(root, threat ? move.best().line() : moment.line());
        EngineCheck check =
                move.best()
                        .score()
                        .check(move.side() == Side.WHITE, move.best().line().size(), nodes, engine);
        editor.annotate(end, a -> a.withCheck(Optional.of(check)));
        if (!move.isChoice()) {
            List<Move> played = new ArrayList<>(List.of(move.node().move()));
            played.addAll(move.answer());
            editor.addLine(root, played);
            Node error = root.child(move.node().move()).orElseThrow();
            move.grade().ifPresent(nag -> editor.grade(error, nag));
        }
        if (!moment.tempting().isEmpty()) {
            editor.addLine(root, moment.tempting());
        }
        return editor.tree();
    }
}
