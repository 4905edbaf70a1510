package org.zeroply.desktop.lessons;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.Reply;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;

/**
 * A lesson as it is given: slide after slide, step after step. Each step keeps its place, so that
 * one can jump and come back; what is tried on the board in between leaves it where it is.
 */
public final class GivenLesson implements Projected {

    private record At(int step, int slide) {}

    private final Lesson lesson;
    private final Clock clock;
    private final List<List<Slide>> slides;
    private final int[] places;
    private final Map<At, Instant> shownSince = new HashMap<>();
    private final ReadOnlyIntegerWrapper steps = new ReadOnlyIntegerWrapper();
    private Optional<Slide> aside = Optional.empty();
    private int step;

    /**
     * @param from the step it begins with, from 0
     */
    public GivenLesson(Lesson lesson, int from, Clock clock) {
        this.lesson = lesson;
        this.clock = clock;
        slides = lesson.steps().stream().map(Slide::of).toList();
        places = new int[slides.size()];
        step = from;
        seen();
    }

    /** The lesson. */
    public Lesson lesson() {
        return lesson;
    }

    /** The step that is shown, from 0. */
    public int step() {
        return step;
    }

    /** Which slide of the step is shown, from 0. */
    public int slideNumber() {
        return places[step];
    }

    /** The step that is shown. */
    public LessonStep shown() {
        return lesson.steps().get(step);
    }

    @Override
    public ReadOnlyIntegerProperty stepsProperty() {
        return steps.getReadOnlyProperty();
    }

    @Override
    public Side seenFrom() {
        return shown().seenFrom();
    }

    /** The slide of the lesson, whatever is tried on the board. */
    public Slide own() {
        return slides.get(step).get(places[step]);
    }

    @Override
    public Slide slide() {
        return aside.orElseGet(this::own);
    }

    /** The question that is open. */
    public Optional<LessonQuestion> question() {
        return own().asks().map(LessonStep.Stop::question);
    }

    /** What comes next, in words; empty at the very end. */
    public String next() {
        List<Slide> here = slides.get(step);
        if (places[step] + 1 < here.size()) {
            Slide then = here.get(places[step] + 1);
            return then.rows().stream()
                    .filter(RevealedLines.Row::present)
                    .map(RevealedLines.Row::last)
                    .findFirst()
                    .orElse(
                            own().asks().isPresent()
                                    ? Texts.of("lessons.the-answer")
                                    : Texts.of("lessons.the-next-words"));
        }
        if (step + 1 < slides.size()) {
            LessonStep then = lesson.steps().get(step + 1);
            String title = then.title().isEmpty() ? "" : ": " + then.title();
            return Texts.of("lessons.step", step + 2, then.kind().words(), title);
        }
        return "";
    }

    /** Whether there is nothing more to be shown. */
    public boolean isOver() {
        return next().isEmpty();
    }

    @Override
    public void reveal() {
        if (aside.isPresent()) {
            backToStep();
            return;
        }
        if (places[step] + 1 < slides.get(step).size()) {
            places[step]++;
        } else if (step + 1 < slides.size()) {
            step++;
        }
        moved();
    }

    @Override
    public void back() {
        if (aside.isPresent()) {
            backToStep();
            return;
        }
        if (places[step] > 0) {
            places[step]--;
        } else if (step > 0) {
            step--;
        }
        moved();
    }

    /** Jumps to a step, from 0, where it was left. */
    public void go(int wanted) {
        step = Math.max(0, Math.min(wanted, slides.size() - 1));
        moved();
    }

    private void moved() {
        aside = Optional.empty();
        seen();
        steps.set(steps.get() + 1);
    }

    /** The time to think begins when a question is seen for the first time. */
    private void seen() {
        shownSince.putIfAbsent(new At(step, places[step]), clock.instant());
    }

    /**
     * Something is tried on the board: shown until the lesson goes on.
     *
     * @param moves from the position of the slide
     */
    public void tryOut(Position from, List<Move> moves) {
        if (moves.isEmpty()) {
            backToStep();
            return;
        }
        Slide own = own();
        int last = moves.size() - 1;
        RevealedLines.Row row = new RevealedLines.Row("", Line.numbered(from, moves), true);
        aside =
                Optional.of(
                        new Slide(
                                new Slide.Picture(from.play(moves), moves.get(last), List.of()),
                                own.prompt(),
                                List.of(row),
                                "",
                                own.asks(),
                                List.of(),
                                0));
        steps.set(steps.get() + 1);
    }

    /** Whether something is tried on the board. */
    public boolean isAside() {
        return aside.isPresent();
    }

    /** Goes back from what was tried to the step, at the place where it was left. */
    public void backToStep() {
        if (aside.isPresent()) {
            aside = Optional.empty();
            steps.set(steps.get() + 1);
        }
    }

    /**
     * What a student says to the question that is open, as it is kept.
     *
     * @param id the lesson's number in the library
     * @param reply what is said to it
     */
    LessonAnswer answered(Student student, OptionalLong id, Reply reply) {
        LessonAnswer.Asked asked =
                new LessonAnswer.Asked(
                        id,
                        lesson.title(),
                        step,
                        question().orElseThrow().prompt(),
                        shown().themes());
        LessonAnswer.Given said =
                new LessonAnswer.Given(reply.answer(), reply.outcome(), seconds(), clock.instant());
        return new LessonAnswer(UUID.randomUUID().toString(), student.id(), asked, said);
    }

    /** Whole seconds since the slide was seen first. */
    public int seconds() {
        Instant since = shownSince.getOrDefault(new At(step, places[step]), clock.instant());
        return (int) Math.max(0, Duration.between(since, clock.instant()).toSeconds());
    }

    @Override
    public String place() {
        return Texts.of("lessons.step-of", step + 1, slides.size());
    }

    @Override
    public String time() {
        Optional<LessonQuestion> asked = question();
        if (asked.isEmpty()) {
            return "";
        }
        int given = asked.get().seconds();
        int left = given == 0 ? seconds() : given - seconds();
        return left < 0
                ? Texts.of("lessons.time-is-up")
                : MinutesSeconds.of(Duration.ofSeconds(left));
    }
}
