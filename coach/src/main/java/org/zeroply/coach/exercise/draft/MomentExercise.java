package org.zeroply.coach.exercise.draft;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.GameOrigin;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.engine.analysis.Cancellation;

/** Makes an exercise of a moment: a first scheme, with all lines that were looked at. */
public final class MomentExercise {

    private final SchemeDraft drafter;

    public MomentExercise(SchemeDraft drafter) {
        this.drafter = drafter;
    }

    /**
     * The exercise. What tempts in it is what tempted in the moment, else the error that was
     * played.
     *
     * @param lines lines from the position before the move; those the scheme lacks are added and
     *     earn no points
     * @param game the game it is from
     * @param progress told the part done, 0 to 1
     * @return nothing when there is no move to be found, or when cancelled
     */
    public Optional<MoveTree> draft(
            Moment moment,
            MoveTree lines,
            MoveTree game,
            DoubleConsumer progress,
            Cancellation cancellation) {
        Position position = moment.move().position();
        return drafter.draft(position, bait(moment), progress, cancellation)
                .map(
                        tree -> {
                            TreeEditor editor = new TreeEditor(tree);
                            editor.graft(editor.tree().root(), lines.root());
                            GameOrigin.write(editor, game);
                            moment.cause()
                                    .ifPresent(c -> editor.tag(Exercise.THEMES, c.theme().words()));
                            return editor.tree();
                        });
    }

    private static List<Move> bait(Moment moment) {
        MoveReview move = moment.move();
        return moment.tempting().isEmpty() && !move.isChoice()
                ? List.of(move.node().move())
                : moment.tempting().stream().limit(1).toList();
    }
}
