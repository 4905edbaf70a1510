package org.zeroply.desktop.solve;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.marking.HoldGame;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Marker;
import org.zeroply.coach.exercise.marking.SelfMarking;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

/** One student solving one exercise: the clock, the rows written, and the commit that is final. */
public final class SolveModel {

    /** Where the solving stands. */
    public enum Stage {
        READY,
        SOLVING,
        COMMITTED
    }

    private final Exercise exercise;
    private final long exerciseId;
    private final String title;
    private final Student student;
    private final Clock clock;
    private Stage stage = Stage.READY;
    private Instant began = Instant.EPOCH;
    private Optional<Duration> shown = Optional.empty();

    public SolveModel(
            MoveTree scheme, long exerciseId, String title, Student student, Clock clock) {
        this.exercise = Exercise.of(scheme);
        this.exerciseId = exerciseId;
        this.title = title;
        this.student = student;
        this.clock = clock;
    }

    /** The exercise. */
    public Exercise exercise() {
        return exercise;
    }

    /** Where the solving stands. */
    public Stage stage() {
        return stage;
    }

    /** Name under which the unfinished answer is remembered. */
    public String draftName() {
        return "draft:" + exerciseId + ":" + student.uuid();
    }

    /** Starts the clock; the position stays in sight. */
    public void begin() {
        begin(Optional.empty());
    }

    /**
     * Starts the clock.
     *
     * @param show time after which the position is hidden; empty when it stays
     */
    public void begin(Optional<Duration> show) {
        stage = Stage.SOLVING;
        shown = show;
        began = clock.instant();
    }

    /** Whether the solver has to go on from memory. */
    public boolean isHidden() {
        return stage == Stage.SOLVING && shown.filter(s -> elapsed().compareTo(s) >= 0).isPresent();
    }

    /** Time since the beginning. */
    public Duration elapsed() {
        return stage == Stage.READY ? Duration.ZERO : Duration.between(began, clock.instant());
    }

    /**
     * What is wrong with a row, and nothing more: an illegal, ambiguous or unreadable move. Empty
     * when all of it can be read.
     */
    public Optional<String> problem(String row) {
        return WrittenAnswer.row(exercise.start(), 1, row)
                .problem()
                .map(WrittenAnswer.Problem::reason);
    }

    /** The answer as text, empty rows left out. */
    public static String answer(List<String> rows) {
        return rows.stream()
                .map(String::strip)
                .filter(r -> !r.isEmpty())
                .collect(Collectors.joining("\n"));
    }

    /** Stops the clock; nothing can be changed after this. The time used is in seconds. */
    public int commit() {
        int seconds = (int) elapsed().toSeconds();
        stage = Stage.COMMITTED;
        return seconds;
    }

    /** Takes a commit back whose answer could not be marked or kept; the clock goes on. */
    public void reopen() {
        stage = Stage.SOLVING;
    }

    /** Marks an answer; takes a while, as lines that are not in the scheme are checked. */
    public Attempt mark(
            String answer, int seconds, LineChecker checker, Cancellation cancellation) {
        WrittenAnswer written = WrittenAnswer.parse(exercise.start(), answer);
        MarkedSheet sheet = new Marker(exercise, Optional.of(checker)).mark(written, cancellation);
        return attempt(sheet, answer, seconds, false);
    }

    /**
     * An attempt on paper, marked by ticking items.
     *
     * @param ticked 0-based indexes of items of the scheme
     */
    public Attempt byHand(Set<Integer> ticked, boolean verdictRight, int seconds) {
        stage = Stage.COMMITTED;
        began = clock.instant().minusSeconds(seconds);
        return attempt(SelfMarking.mark(exercise, ticked, verdictRight), "", seconds, true);
    }

    /**
     * An attempt at holding a position.
     *
     * @param game the game that was played
     */
    public Attempt held(HoldGame game, int seconds) {
        String moves = Line.numbered(exercise.start(), game.played());
        return attempt(game.sheet(), moves, seconds, false);
    }

    private Attempt attempt(MarkedSheet sheet, String answer, int seconds, boolean byHand) {
        return new Attempt(
                0,
                UUID.randomUUID().toString(),
                student.id(),
                new WrittenWork(
                        OptionalLong.of(exerciseId),
                        title,
                        PgnWriter.write(exercise.scheme()),
                        began,
                        seconds,
                        answer),
                Marking.of(sheet).byHand(byHand));
    }
}
