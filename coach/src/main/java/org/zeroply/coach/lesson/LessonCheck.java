package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;

/** What a lesson still lacks before it can be given. */
public final class LessonCheck {

    /** Words that one reads from the back of a room: our choice. */
    private static final int MOST_WORDS = 70;

    private LessonCheck() {}

    /**
     * Something that is missing or wrong.
     *
     * @param place of the step, from 0
     */
    public record Remark(int place, String text) {}

    /** All there is to be said, in the order of the steps. */
    public static List<Remark> of(Lesson lesson) {
        List<Remark> remarks = new ArrayList<>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            int place = i;
            of(lesson.steps().get(i)).forEach(text -> remarks.add(new Remark(place, text)));
        }
        return remarks;
    }

    private static List<String> of(LessonStep step) {
        List<String> texts = new ArrayList<>();
        switch (step.kind()) {
            case SHOW -> show(step).ifPresent(texts::add);
            case ASK -> question(step.question(), texts);
            case COMPARE -> {
                if (step.beside().isEmpty()) {
                    texts.add(CoachWords.of("lesson.there-is-nothing-to-compare"));
                }
            }
            case WHAT_IF -> {
                if (step.beside().stream().allMatch(b -> b.cells().isEmpty())) {
                    texts.add(CoachWords.of("lesson.the-table-is-empty-bring"));
                }
            }
            case GAME -> {
                if (step.tree().mainLine().isEmpty()) {
                    texts.add(CoachWords.of("lesson.the-game-has-no-moves"));
                }
                step.stops().forEach(s -> question(s.question(), texts));
            }
            case HOMEWORK -> homework(step.tree()).ifPresent(texts::add);
        }
        if (step.words().split("\\s+").length > MOST_WORDS) {
            texts.add(CoachWords.of("lesson.the-words-are-more-than", MOST_WORDS));
        }
        return texts;
    }

    private static Optional<String> show(LessonStep step) {
        boolean nothing = step.words().isBlank() && step.tree().root().children().isEmpty();
        return nothing
                ? Optional.of(CoachWords.of("lesson.it-says-nothing-write-what"))
                : Optional.empty();
    }

    private static void question(LessonQuestion question, List<String> texts) {
        if (!question.isComplete()) {
            texts.add(
                    switch (question.asked()) {
                        case MOVE, CHOOSE -> CoachWords.of("lesson.no-move-is-right-play");
                        case PLAN -> CoachWords.of("lesson.no-plan-is-right-mark");
                        case VERDICT -> CoachWords.of("lesson.there-is-no-verdict");
                        case SQUARES -> CoachWords.of("lesson.no-squares-are-right-name");
                        case NUMBER -> CoachWords.of("lesson.there-is-no-number");
                        case TRUE -> CoachWords.of("lesson.it-is-not-said-whether");
                    });
        }
        boolean choose = question.asked() == Asked.CHOOSE || question.asked() == Asked.PLAN;
        if (choose && question.choices().size() < 2) {
            texts.add(CoachWords.of("lesson.there-is-no-choice-name"));
        }
        question.choices().stream()
                .filter(c -> c.outcome() == AnswerOutcome.TEMPTING && c.words().isBlank())
                .filter(c -> question.says().tempting().isBlank())
                .forEach(c -> texts.add(CoachWords.of("lesson.it-is-not-said-why", c.text())));
    }

    private static Optional<String> homework(MoveTree tree) {
        if (!Exercise.isExercise(tree)) {
            return Optional.of(CoachWords.of("lesson.it-is-no-exercise-choose"));
        }
        return MarkingScheme.of(tree).items().isEmpty()
                ? Optional.of(CoachWords.of("lesson.the-exercise-gives-no-points"))
                : Optional.empty();
    }
}
