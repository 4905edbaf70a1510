package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;

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
                    texts.add("There is nothing to compare with: put a second position beside it.");
                }
            }
            case WHAT_IF -> {
                if (step.beside().stream().allMatch(b -> b.cells().isEmpty())) {
                    texts.add("The table is empty: bring it in from the Defence desk.");
                }
            }
            case GAME -> {
                if (step.tree().mainLine().isEmpty()) {
                    texts.add("The game has no moves.");
                }
                step.stops().forEach(s -> question(s.question(), texts));
            }
            case HOMEWORK -> homework(step.tree()).ifPresent(texts::add);
        }
        if (step.words().split("\\s+").length > MOST_WORDS) {
            texts.add(
                    "The words are more than "
                            + MOST_WORDS
                            + ", too many to be read from the back of a room.");
        }
        return texts;
    }

    private static Optional<String> show(LessonStep step) {
        boolean nothing = step.words().isBlank() && step.tree().root().children().isEmpty();
        return nothing
                ? Optional.of("It says nothing: write what the class is to see, or add a line.")
                : Optional.empty();
    }

    private static void question(LessonQuestion question, List<String> texts) {
        if (!question.isComplete()) {
            texts.add(
                    switch (question.asked()) {
                        case MOVE, CHOOSE -> "No move is right: play it on the board.";
                        case PLAN -> "No plan is right: mark one of them so.";
                        case VERDICT -> "There is no verdict.";
                        case SQUARES -> "No squares are right: name them.";
                        case NUMBER -> "There is no number.";
                        case TRUE -> "It is not said whether it is true.";
                    });
        }
        boolean choose = question.asked() == Asked.CHOOSE || question.asked() == Asked.PLAN;
        if (choose && question.choices().size() < 2) {
            texts.add("There is no choice: name at least two answers.");
        }
        question.choices().stream()
                .filter(c -> c.outcome() == AnswerOutcome.TEMPTING && c.words().isBlank())
                .filter(c -> question.says().tempting().isBlank())
                .forEach(c -> texts.add("It is not said why " + c.text() + " does not work."));
    }

    private static Optional<String> homework(MoveTree tree) {
        if (!Exercise.isExercise(tree)) {
            return Optional.of("It is no exercise: choose one of the library.");
        }
        return MarkingScheme.of(tree).items().isEmpty()
                ? Optional.of("The exercise gives no points for anything.")
                : Optional.empty();
    }
}
