package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Examples of a theme as steps of a lesson: clear ones, and one where the idea fails. All figures
 * are our choice.
 */
final class ExampleSteps {

    /** Places in games that are looked at for examples. */
    private static final int LOOKED_AT = 24;

    /** Expected score up to which an idea has failed: clearly worse, our choice. */
    private static final double FAILED = 0.35;

    /** Plies of the line that proves it: our choice. */
    private static final int PROOF = 8;

    /** Of the nodes, for the looks by which examples are chosen. */
    private static final int BRIEF = 4;

    private final MoveEvaluator evaluator;
    private final Cancellation cancellation;
    private final List<JudgedExample> judged;
    private final Set<MoveTree> used = new HashSet<>();

    private ExampleSteps(
            MoveEvaluator evaluator, Cancellation cancellation, List<JudgedExample> judged) {
        this.evaluator = evaluator;
        this.cancellation = cancellation;
        this.judged = judged;
    }

    /**
     * Looks at one example of each game, as many as there is time for.
     *
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    static ExampleSteps judge(
            MoveEvaluator evaluator,
            List<Example> found,
            Cancellation cancellation,
            DoubleConsumer progress) {
        MoveEvaluator brief = evaluator.brief(BRIEF);
        List<ExamplePlace> some = ExamplePlace.ofEachGame(found, LOOKED_AT, cancellation);
        List<JudgedExample> judged = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            goOn(cancellation);
            judged.add(JudgedExample.of(some.get(i), brief));
            progress.accept((i + 1.0) / some.size());
        }
        return new ExampleSteps(evaluator, cancellation, judged);
    }

    static void goOn(Cancellation cancellation) {
        if (cancellation.isCancelled()) {
            throw new CancellationException("the draft was cancelled");
        }
    }

    /** The games that were shown. */
    Set<MoveTree> used() {
        return used;
    }

    /**
     * Clear examples, the shortest first.
     *
     * @param disturbed whether those in which something beside the theme may decide, or the others
     * @param first whether the first of them begins the lesson
     */
    List<LessonStep> clear(LessonDraft.Theme theme, boolean disturbed, int most, boolean first) {
        List<LessonStep> steps = new ArrayList<>();
        judged.stream()
                .filter(JudgedExample::isClear)
                .filter(j -> j.isDisturbed() == disturbed)
                .filter(j -> !used.contains(j.example().game()))
                .sorted(Comparator.comparing(JudgedExample::rest))
                .limit(Math.max(0, most))
                .forEach(
                        j -> {
                            used.add(j.example().game());
                            steps.add(example(theme, j, first && steps.isEmpty()));
                        });
        return steps;
    }

    /** Takes a game as shown. */
    void use(MoveTree game) {
        used.add(game);
    }

    private LessonStep example(LessonDraft.Theme theme, JudgedExample judged, boolean first) {
        Example example = judged.example();
        MoveTree shown = ShownPlace.start(example);
        TreeEditor editor = new TreeEditor(shown);
        List<Node> rest = example.game().mainLine();
        List<Node> moves =
                rest.subList(
                        example.ply(), Math.min(rest.size(), example.ply() + JudgedExample.SHOWN));
        Node end = editor.addLine(shown.root(), moves.stream().map(Node::move).toList());
        Proof.stamp(editor, end, evaluator);
        String side = example.side().word();
        String how =
                rest.size() - example.ply() > JudgedExample.SHOWN
                        ? CoachWords.of(
                                "lesson.won-at-move",
                                side,
                                rest.get(rest.size() - 1).position().ply() / 2 + 1)
                        : CoachWords.of("lesson.won-soon-after", side);
        String introduction = ShownPlace.introduce(editor, theme, example, first);
        editor.comment(
                shown.root(),
                CoachWords.of(
                        "lesson.the-engine-gives-points-of",
                        introduction,
                        side,
                        ShownPlace.points(judged.at()),
                        ShownPlace.points(
                                evaluator.expected(end.position(), example.side()).value()),
                        how,
                        error(judged)));
        return ShownPlace.step(shown, theme, ShownPlace.title(theme, example, first));
    }

    /** What of it is an error of the other side, which a lesson must not pass over. */
    private static String error(JudgedExample judged) {
        if (!judged.isGift()) {
            return "";
        }
        List<Position> positions = judged.example().onwards();
        int from =
                positions.get(Math.max(0, judged.jumpAt() - JudgedExample.EVERY)).fullmoveNumber();
        int to = positions.get(judged.jumpAt() - 1).fullmoveNumber();
        return CoachWords.of(
                "lesson.of-these-points-came-at",
                ShownPlace.points(judged.jump()),
                judged.example().side().other().word(),
                from == to
                        ? CoachWords.of("lesson.at-move", from)
                        : CoachWords.of("lesson.between-moves-and", from, to));
    }

    /** An example that the side does not win, with the line that shows why. */
    Optional<LessonStep> failure(LessonDraft.Theme theme) {
        List<JudgedExample> failed =
                judged.stream()
                        .filter(j -> !j.example().won())
                        .filter(j -> j.at() <= FAILED && j.at() >= 1 - JudgedExample.DECIDED)
                        .filter(j -> !used.contains(j.example().game()))
                        .sorted(
                                Comparator.comparing(JudgedExample::isDisturbed)
                                        .thenComparing(
                                                JudgedExample::at, Comparator.reverseOrder()))
                        .toList();
        for (JudgedExample j : failed) {
            goOn(cancellation);
            Example example = j.example();
            Optional<Choice> best = evaluator.choice(example.position());
            if (best.isEmpty() || !touches(example, best.get())) {
                continue;
            }
            MoveTree shown = ShownPlace.start(example);
            TreeEditor editor = new TreeEditor(shown);
            Node end = Proof.line(editor, best.get().best(), PROOF);
            Proof.stamp(editor, end, evaluator);
            double promised = evaluator.expected(example.position(), example.side()).value();
            double left = evaluator.expected(end.position(), example.side()).value();
            if (promised > FAILED || left > FAILED) {
                continue;
            }
            String side = example.side().word();
            editor.comment(
                    shown.root(),
                    CoachWords.of(
                            "lesson.it-is-there-as-well",
                            side,
                            ShownPlace.points(promised),
                            ShownPlace.points(left)));
            used.add(example.game());
            return Optional.of(
                    ShownPlace.step(
                            shown, theme, CoachWords.of("lesson.where-it-fails", example.title())));
        }
        return Optional.empty();
    }

    /** Whether the line that shows the failure has to do with the theme. */
    private static boolean touches(Example example, Choice best) {
        return example.evidence().isTouched(example.position(), best.best().line(), PROOF);
    }
}
