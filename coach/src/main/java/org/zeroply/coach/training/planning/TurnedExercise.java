package org.zeroply.coach.training.planning;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.Exercise;

/**
 * An exercise in other clothes: the board turned over, so that it has to be calculated again and
 * not remembered. Points, verdicts and marks turn with it; words do not, as they name squares.
 */
public final class TurnedExercise {

    private static final Pattern SQUARE = Pattern.compile("[a-h][1-8]");
    private static final Map<Verdict, Verdict> SWAPPED =
            Map.of(
                    Verdict.WHITE_WINS, Verdict.BLACK_WINS,
                    Verdict.WHITE_BETTER, Verdict.BLACK_BETTER,
                    Verdict.WHITE_SLIGHTLY, Verdict.BLACK_SLIGHTLY,
                    Verdict.BLACK_WINS, Verdict.WHITE_WINS,
                    Verdict.BLACK_BETTER, Verdict.WHITE_BETTER,
                    Verdict.BLACK_SLIGHTLY, Verdict.WHITE_SLIGHTLY);

    private TurnedExercise() {}

    /** The exercise turned over; nothing where it is not the same game then. */
    public static Optional<MoveTree> of(MoveTree exercise, Symmetry symmetry) {
        return symmetry == Symmetry.SAME
                ? Optional.of(exercise.copy())
                : symmetry.of(exercise.start()).map(start -> turned(exercise, start, symmetry));
    }

    private static MoveTree turned(MoveTree exercise, Position start, Symmetry symmetry) {
        TreeEditor editor = new TreeEditor(new MoveTree(start));
        Deque<Node> from = new ArrayDeque<>(List.of(exercise.root()));
        Deque<Node> to = new ArrayDeque<>(List.of(editor.tree().root()));
        while (!from.isEmpty()) {
            Node under = to.pop();
            for (Node child : from.pop().children()) {
                Node twin = editor.add(under, symmetry.of(child.move(), under.position()));
                editor.annotate(twin, a -> turned(child.annotation(), symmetry));
                from.push(child);
                to.push(twin);
            }
        }
        for (String tag :
                List.of(
                        Exercise.KIND,
                        Exercise.MINUTES,
                        Exercise.MAX_POINTS,
                        Exercise.BAND,
                        Exercise.THEMES,
                        Exercise.VERDICTS,
                        "ZpTitle")) {
            editor.tag(tag, exercise.tag(tag));
        }
        editor.tag(Exercise.PROMPT, prompt(exercise.tag(Exercise.PROMPT), symmetry));
        return editor.tree();
    }

    /** A prompt that names squares would be wrong now and is left out. */
    private static String prompt(String prompt, Symmetry symmetry) {
        if (SQUARE.matcher(prompt).find()) {
            return "";
        }
        String white = Side.WHITE.word();
        String black = Side.BLACK.word();
        return symmetry.swapsSides()
                ? prompt.replace(white, "\0").replace(black, white).replace("\0", black)
                : prompt;
    }

    private static Annotation turned(Annotation said, Symmetry symmetry) {
        List<Mark> marks =
                said.marks().stream()
                        .map(
                                m ->
                                        new Mark(
                                                m.meaning(),
                                                m.squares().stream()
                                                        .map(symmetry::square)
                                                        .toList()))
                        .toList();
        Annotation turned = said.withBefore("").withAfter("").withMarks(marks);
        return symmetry.swapsSides()
                ? turned.withVerdict(said.verdict().map(v -> SWAPPED.getOrDefault(v, v)))
                        .withCheck(said.check().map(TurnedExercise::swapped))
                : turned;
    }

    private static EngineCheck swapped(EngineCheck check) {
        return new EngineCheck(
                check.mate(), -check.value(), check.depth(), check.nodes(), check.engine());
    }
}
