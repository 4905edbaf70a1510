package org.zeroply.coach.exercise.marking;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;

/**
 * A sound line of an answer that the scheme lacks, taken into it. Where the solver leaves the
 * scheme, the move becomes equal to the main one; where it is the opponent's move, it is a defence
 * considered, with points of its own that the maximum grows by.
 */
public final class Granting {

    /** Points for a defence where the scheme gives none to any. */
    private static final int FOR_A_DEFENCE = 2;

    private final Exercise exercise;
    private final MarkingScheme scheme;

    public Granting(Exercise exercise) {
        this.exercise = exercise;
        this.scheme = MarkingScheme.of(exercise.scheme());
    }

    /**
     * What a row would earn were it in the scheme: for a move of the solver what the main move
     * beside it earns, for a defence what the cheapest defence of the scheme earns. Nothing for a
     * row that does not leave the scheme.
     *
     * @return points, at least 1
     */
    public Optional<Integer> points(WrittenAnswer.Row row) {
        Node last = exercise.scheme().root().along(row.moves());
        if (last.depth() == row.moves().size()) {
            return Optional.empty();
        }
        return Optional.of(isSolver(last.position()) ? Math.max(1, besideOf(last)) : forADefence());
    }

    private boolean isSolver(Position position) {
        return position.sideToMove() == exercise.start().sideToMove();
    }

    private int besideOf(Node parent) {
        return parent.mainChild().stream()
                .flatMap(n -> scheme.items().stream().filter(i -> i.node() == n))
                .filter(i -> !i.rule().needsVerdict())
                .mapToInt(i -> i.rule().points())
                .sum();
    }

    private int forADefence() {
        return scheme.items().stream()
                .filter(i -> !isSolver(i.node().parent().orElseThrow().position()))
                .mapToInt(i -> i.rule().points())
                .min()
                .orElse(FOR_A_DEFENCE);
    }

    /**
     * Writes a line into the scheme of an editor, as one change.
     *
     * @param editor of the exercise's scheme, which may have been changed since
     * @param points what a defence earns from now on
     * @param note why, for the comment at the line's first own move; may be empty
     */
    public void write(TreeEditor editor, List<Move> line, int points, String note) {
        Node parent = editor.tree().root().along(line);
        if (parent.depth() == line.size()) {
            return;
        }
        List<Move> rest = line.subList(parent.depth(), line.size());
        boolean counted =
                String.valueOf(sum(editor)).equals(editor.tree().tag(Exercise.MAX_POINTS));
        editor.together(
                () -> {
                    boolean hadMain = !parent.children().isEmpty();
                    editor.addLine(parent, rest);
                    Node added = parent.child(rest.get(0)).orElseThrow();
                    if (isSolver(parent.position()) && hadMain) {
                        editor.annotate(added, a -> a.withEqual(true));
                    } else if (points > 0) {
                        editor.points(added, List.of(PointRule.of(points)));
                    }
                    editor.comment(
                            added,
                            note.isBlank() ? CoachWords.of("exercise.from-an-answer") : note);
                    if (counted) {
                        editor.tag(Exercise.MAX_POINTS, String.valueOf(sum(editor)));
                    }
                });
    }

    private static int sum(TreeEditor editor) {
        return MarkingScheme.of(editor.tree()).sum();
    }
}
