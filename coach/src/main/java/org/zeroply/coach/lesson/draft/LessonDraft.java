package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Proposes a lesson on a theme: two clear examples, one where the idea fails, three questions of
 * rising difficulty, one thing changed, and homework. Everything that is claimed has its line; what
 * was not found is left out and said in the note of the first step. All figures are our choice.
 */
public final class LessonDraft {

    /** The note of the first step begins so where something could not be found. */
    public static final String NOT_FOUND = CoachWords.of("lesson.not-found");

    /** Clear examples that a lesson begins with: our choice. */
    private static final int EXAMPLES = 2;

    /** Positions that are worked out for questions and homework. */
    private static final int WORKED_OUT = 7;

    /** Questions of a lesson, as rising difficulty needs three. */
    private static final int QUESTIONS = 3;

    /** Exercises at the end: our choice. */
    private static final int HOMEWORK = 3;

    private static final List<Integer> SECONDS = List.of(60, 120, 240);

    /** What the lesson is to be about. */
    public record Theme(String title, String definition, List<String> themes) {
        public Theme {
            themes = List.copyOf(themes);
        }

        /** What steps of it have as their themes. */
        String tag() {
            return String.join(", ", themes);
        }
    }

    private final MoveEvaluator evaluator;
    private final SchemeDraft schemes;
    private final Cancellation cancellation;
    private final ChangedThing changed;

    /**
     * @param evaluator with the nodes for what is claimed
     * @param schemes works questions out
     */
    public LessonDraft(MoveEvaluator evaluator, SchemeDraft schemes, Cancellation cancellation) {
        this.evaluator = evaluator.remembering();
        this.schemes = schemes;
        this.cancellation = cancellation;
        this.changed = new ChangedThing(evaluator.brief(2));
    }

    /**
     * Proposes a lesson; empty when nothing was found that could be shown or asked.
     *
     * @param found places where the theme is there, in the order in which they are preferred;
     *     several of a game are told from those of others by their tree
     * @param exercises with the theme, for homework
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    public Optional<Lesson> draft(
            Theme theme, List<Example> found, List<MoveTree> exercises, DoubleConsumer progress) {
        List<String> missing = new ArrayList<>();
        ExampleSteps examples =
                ExampleSteps.judge(
                        evaluator, found, cancellation, part -> progress.accept(0.3 * part));
        List<LessonStep> steps = new ArrayList<>(examples.clear(theme, false, EXAMPLES, true));
        AskedMoves asked =
                AskedMoves.find(
                        evaluator,
                        found,
                        examples.used(),
                        cancellation,
                        part -> progress.accept(0.3 + 0.2 * part));
        for (AskedMove clear : asked.takeClearest(EXAMPLES - steps.size(), QUESTIONS)) {
            examples.use(clear.from().game());
            steps.add(new ShownMove(theme, clear, evaluator).step(steps.isEmpty()));
        }
        steps.addAll(examples.clear(theme, true, EXAMPLES - steps.size(), steps.isEmpty()));
        if (steps.size() < EXAMPLES) {
            missing.add(
                    CoachWords.of(
                            steps.isEmpty()
                                    ? "lesson.a-clear-example"
                                    : "lesson.a-second-clear-example"));
        }
        examples.failure(theme)
                .ifPresentOrElse(
                        steps::add,
                        () -> missing.add(CoachWords.of("lesson.an-example-where-it-fails")));
        List<AskedMove> posed = asked.without(examples.used()).atLeast(QUESTIONS);
        List<MoveTree> drafts = worked(posed, progress);
        for (int i = 0; i < Math.min(QUESTIONS, drafts.size()); i++) {
            steps.add(question(theme, drafts.get(i), i));
        }
        if (posed.stream().anyMatch(m -> !m.onTheme())) {
            missing.add(CoachWords.of("lesson.enough-questions-whose-answer-has"));
        }
        if (drafts.size() < QUESTIONS) {
            missing.add(
                    Counted.of(QUESTIONS - drafts.size(), CoachWords.of("lesson.more-question")));
        }
        drafts.stream()
                .findFirst()
                .flatMap(d -> changed.step(d, part -> progress.accept(0.85 + 0.15 * part)))
                .ifPresentOrElse(
                        steps::add,
                        () -> missing.add(CoachWords.of("lesson.one-thing-that-changes-the")));
        homework(exercises, drafts).forEach(steps::add);
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        if (!missing.isEmpty()) {
            String note =
                    CoachWords.of(
                            "lesson.among",
                            NOT_FOUND,
                            Counted.of(found.size(), "position"),
                            String.join(", ", missing));
            steps.set(0, steps.get(0).with(LessonStep.NOTE, note));
        }
        progress.accept(1);
        return Optional.of(new Lesson(theme.title(), steps));
    }

    // ---- Questions ------------------------------------------------------------------------------

    /**
     * The solutions of questions spread over the whole range of difficulty, the easiest first;
     * those that are settled alone, if they are enough.
     */
    private List<MoveTree> worked(List<AskedMove> posed, DoubleConsumer progress) {
        List<MoveTree> drafts = new ArrayList<>();
        int tries = Math.min(WORKED_OUT, posed.size());
        for (int i = 0; i < tries && drafts.size() < QUESTIONS + HOMEWORK; i++) {
            ExampleSteps.goOn(cancellation);
            int at = tries == 1 ? 0 : i * (posed.size() - 1) / (tries - 1);
            AskedMove one = posed.get(at);
            schemes.draft(one.from().position(), List.of(), part -> {}, cancellation)
                    .ifPresent(
                            draft -> {
                                LessonStep.origin(new TreeEditor(draft), one.from().game());
                                drafts.add(draft);
                            });
            progress.accept(0.5 + 0.35 * (i + 1) / tries);
        }
        List<MoveTree> settled = drafts.stream().filter(SchemeDraft::isSettled).toList();
        return settled.size() >= QUESTIONS ? settled : drafts;
    }

    private static LessonStep question(Theme theme, MoveTree draft, int number) {
        LessonStep step = ExerciseQuestion.of(draft);
        return step.with(LessonStep.TITLE, CoachWords.of("lesson.question", number + 1))
                .with(LessonStep.SECONDS, String.valueOf(SECONDS.get(number)))
                .with(Exercise.THEMES, theme.tag());
    }

    /** Exercises of the coach first; then what was worked out beyond the questions. */
    static List<LessonStep> homework(List<MoveTree> exercises, List<MoveTree> drafts) {
        List<MoveTree> all = new ArrayList<>(exercises);
        drafts.stream().skip(QUESTIONS).filter(SchemeDraft::isSettled).forEach(all::add);
        return all.stream().limit(HOMEWORK).map(t -> LessonStep.of(StepKind.HOMEWORK, t)).toList();
    }

    /**
     * Proposes a lesson of exercises alone: the first is shown, three are asked, one thing is
     * changed, and the others are homework; empty when there are none.
     *
     * @param exercises the easiest first
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    public Optional<Lesson> ofExercises(
            Theme theme, List<MoveTree> exercises, DoubleConsumer progress) {
        if (exercises.isEmpty()) {
            return Optional.empty();
        }
        List<LessonStep> steps = new ArrayList<>();
        boolean shows = exercises.size() > 1;
        if (shows) {
            steps.add(shown(theme, exercises.get(0)));
        }
        List<MoveTree> rest = exercises.subList(shows ? 1 : 0, exercises.size());
        List<MoveTree> asked = rest.subList(0, Math.min(QUESTIONS, rest.size()));
        for (int i = 0; i < asked.size(); i++) {
            steps.add(question(theme, asked.get(i), i));
        }
        ExampleSteps.goOn(cancellation);
        changed.step(asked.get(0), progress).ifPresent(steps::add);
        homework(rest.subList(asked.size(), rest.size()), List.of()).forEach(steps::add);
        steps.set(
                0,
                steps.get(0)
                        .with(
                                LessonStep.NOTE,
                                CoachWords.of("lesson.made-of-exercises-alone-say")));
        return Optional.of(new Lesson(theme.title(), steps));
    }

    private static LessonStep shown(Theme theme, MoveTree exercise) {
        LessonStep step =
                ExerciseQuestion.of(exercise).as(StepKind.SHOW).with(LessonStep.ASKED, "");
        MoveTree tree = step.tree().copy();
        new TreeEditor(tree).comment(tree.root(), theme.definition() + ".");
        return new LessonStep(tree)
                .with(LessonStep.TITLE, CoachWords.of("lesson.how-it-is-done"))
                .with(Exercise.THEMES, theme.tag());
    }
}
