package org.zeroply.coach.exercise.draft;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.sound.Located;

/** Mends what the check finds wrong with a draft. */
final class Repairs {

    private final TreeEditor editor;
    private final Growth growth;

    Repairs(TreeEditor editor, Growth growth) {
        this.editor = editor;
        this.growth = growth;
    }

    /** Mends errors, one after the other; whether anything was changed. */
    boolean mend(List<Located> errors) {
        boolean changed = false;
        for (Located error : errors) {
            // An earlier repair may have taken it away.
            boolean there = editor.tree().nodes().contains(error.node());
            changed |= there && mend(error);
        }
        return changed;
    }

    private boolean mend(Located error) {
        Node node = error.node();
        switch (error.finding().kind()) {
            case SECOND_SOLUTION -> secondSolution(node, error.move());
            case MISSING_DEFENCE -> error.move().ifPresent(m -> growth.defence(node, m));
            case NOT_REFUTED, NOT_EQUAL -> editor.delete(node);
            case WRONG_VERDICT -> wrongVerdict(node);
            default -> {
                return false;
            }
        }
        return true;
    }

    /** A bait whose end turns out otherwise teaches nothing any more. */
    private void wrongVerdict(Node node) {
        node.path().stream()
                .filter(n -> n.annotation().scheme().tempting())
                .findFirst()
                .ifPresentOrElse(editor::delete, () -> growth.judged(node));
    }

    /** At the first move it is as good; later ones are not asked for where several do. */
    private void secondSolution(Node node, Optional<Move> move) {
        if (!node.isRoot()) {
            growth.endBefore(node);
            return;
        }
        move.ifPresent(
                m -> {
                    node.child(m).ifPresent(editor::delete);
                    growth.equal(node, m);
                });
    }
}
