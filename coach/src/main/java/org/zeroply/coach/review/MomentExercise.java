package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.exercise.FirstScheme;
import org.zeroply.engine.analysis.Engine;

/** Makes an exercise of a moment: a first scheme, with all lines that were looked at. */
public final class MomentExercise {

    private static final List<String> FROM_GAME = List.of("White", "Black", "Date");

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes nodes to judge a line on
     */
    public MomentExercise(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /**
     * The exercise. What tempts in it is what tempted in the moment, else the error that was
     * played.
     *
     * @param lines lines from the position before the move; those the scheme lacks are added and
     *     earn no points
     * @param game the game it is from
     * @return nothing when there is no move to be found
     */
    public Optional<MoveTree> draft(Moment moment, MoveTree lines, MoveTree game) {
        Position position = moment.move().position();
        return new FirstScheme(engine, nodes)
                .draft(position, bait(moment))
                .map(
                        tree -> {
                            TreeEditor editor = new TreeEditor(tree);
                            merge(editor, editor.tree().root(), lines.root());
                            FROM_GAME.forEach(tag -> editor.tag(tag, game.tag(tag)));
                            moment.cause()
                                    .ifPresent(c -> editor.tag(Exercise.THEMES, c.theme().words()));
                            editor.tag("ZpTitle", title(game, position));
                            return editor.tree();
                        });
    }

    private static Optional<Move> bait(Moment moment) {
        MoveReview move = moment.move();
        return moment.tempting().isEmpty() && !move.isChoice()
                ? Optional.of(move.node().move())
                : moment.tempting().stream().findFirst();
    }

    private static String title(MoveTree game, Position position) {
        return game.tag("White")
                + " – "
                + game.tag("Black")
                + ", move "
                + position.fullmoveNumber();
    }

    private static void merge(TreeEditor editor, Node to, Node from) {
        for (Node child : from.children()) {
            merge(editor, editor.add(to, child.move()), child);
        }
    }
}
