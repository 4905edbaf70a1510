package org.zeroply.coach.lesson.draft;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.texts.CoachWords;

/**
 * An example of which the engine's line is shown and not what was played: the one good move of a
 * position, which makes use of the theme.
 */
final class ShownMove {

    /** Plies of the line: our choice, enough to see what it comes to. */
    private static final int SHOWN = 10;

    private final LessonDraft.Theme theme;
    private final AskedMove asked;
    private final MoveEvaluator evaluator;

    /**
     * @param evaluator for the verdict at the end
     */
    ShownMove(LessonDraft.Theme theme, AskedMove asked, MoveEvaluator evaluator) {
        this.theme = theme;
        this.asked = asked;
        this.evaluator = evaluator;
    }

    /**
     * The step.
     *
     * @param first whether it is the first of the lesson, which says what the theme is
     */
    LessonStep step(boolean first) {
        Example example = asked.from();
        MoveTree shown = ShownPlace.start(example);
        TreeEditor editor = new TreeEditor(shown);
        String introduction = ShownPlace.introduce(editor, theme, example, first);
        Node end = Proof.line(editor, asked.choice().best(), SHOWN);
        Proof.stamp(editor, end, evaluator);
        editor.comment(shown.root(), introduction + said());
        return ShownPlace.step(shown, theme, ShownPlace.title(theme, example, first));
    }

    private String said() {
        Weighed best = asked.choice().best();
        String side = asked.from().side().word();
        return CoachWords.of(
                "lesson.one-move-makes-use-of",
                side,
                ShownPlace.points(best.expected().value()),
                numbered(best.move()),
                asked.choice()
                        .second()
                        .map(
                                s ->
                                        CoachWords.of(
                                                "lesson.and-after-the-next-best",
                                                ShownPlace.points(s.expected().value()),
                                                numbered(s.move())))
                        .orElse(""),
                played(best.move()));
    }

    /** What the game went on with. */
    private String played(Move best) {
        Example example = asked.from();
        if (example.ply() == example.game().mainLine().size()) {
            return "";
        }
        Move played = example.game().mainLine().get(example.ply()).move();
        return played.equals(best)
                ? CoachWords.of("lesson.it-was-played")
                : CoachWords.of("lesson.in-the-game-was-played", numbered(played));
    }

    private String numbered(Move move) {
        return Line.numbered(asked.from().position(), List.of(move));
    }
}
