package org.zeroply.desktop.solve;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.marking.HoldGame;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.training.planning.TurnedExercise;
import org.zeroply.desktop.sheet.LinePlayer;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Student;

/**
 * A student at the desk: what is to be solved, how far that is, what came of it, and what was
 * solved before in the same sitting. What is committed is marked and kept in the log; what is not
 * is kept as a draft.
 */
final class SittingModel {

    /** How far the exercise is. */
    enum Stage {
        /** Nothing is chosen, or it is being read. */
        NOTHING,
        /** The clock waits. */
        READY,
        /** Rows are written down. */
        WRITING,
        /** Moves are played on the board. */
        HOLDING,
        /** The answer is final and not marked yet. */
        COMMITTED,
        /** What stands on paper is ticked. */
        TICKING,
        /** The marked sheet lies there. */
        MARKED;

        /** Whether the clock runs. */
        boolean isSolving() {
            return this == WRITING || this == HOLDING;
        }
    }

    private final Services services;
    private final Clock clock;
    private final TreeSession session = new TreeSession();
    private final AnswerDraft draft;
    private final HoldModel hold;
    private final SolveSession sitting = new SolveSession();
    private final ReadOnlyObjectWrapper<Stage> stage = new ReadOnlyObjectWrapper<>(Stage.NOTHING);
    private final ReadOnlyStringWrapper prompt = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper time = new ReadOnlyStringWrapper("0:00");
    private final ReadOnlyStringWrapper summary = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper hidden = new ReadOnlyBooleanWrapper(false);
    private final ReadOnlyObjectWrapper<Optional<Attempt>> marked =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private Optional<SolveTask> task = Optional.empty();
    private Optional<SolveModel> solving = Optional.empty();
    private MoveTree scheme = new MoveTree(Position.START);
    private Optional<HoldGame> unkept = Optional.empty();
    private boolean warned;

    SittingModel(Services services, Clock clock) {
        this.services = services;
        this.clock = clock;
        draft = new AnswerDraft(services);
        hold = new HoldModel(services, session, this::held);
    }

    /** How far the exercise is. */
    ReadOnlyObjectProperty<Stage> stageProperty() {
        return stage.getReadOnlyProperty();
    }

    /** What is asked, or what to do first. */
    ReadOnlyStringProperty promptProperty() {
        return prompt.getReadOnlyProperty();
    }

    /** Minutes and seconds used. */
    ReadOnlyStringProperty timeProperty() {
        return time.getReadOnlyProperty();
    }

    /** What was solved in this sitting, in words. */
    ReadOnlyStringProperty summaryProperty() {
        return summary.getReadOnlyProperty();
    }

    /** Whether the solver has to go on from memory. */
    ReadOnlyBooleanProperty hiddenProperty() {
        return hidden.getReadOnlyProperty();
    }

    /** The attempt that was marked last, while its sheet lies there. */
    ReadOnlyObjectProperty<Optional<Attempt>> markedProperty() {
        return marked.getReadOnlyProperty();
    }

    /** What there is to say to somebody who plays on the board. */
    ReadOnlyStringProperty holdMessageProperty() {
        return hold.messageProperty();
    }

    /** What the board shows: nothing but the position, until it is played on. */
    TreeSession session() {
        return session;
    }

    /** The exercise that was read; empty before. */
    Optional<Exercise> exercise() {
        return solving.map(SolveModel::exercise);
    }

    // ---- Before the clock runs ------------------------------------------------------------------

    /**
     * Lays out a task for a student, or nothing where one of them is missing.
     *
     * @param expected points the student is expected to earn
     */
    void take(Optional<SolveTask> wanted, Optional<Student> student, double expected) {
        hold.stop();
        task = wanted;
        solving = Optional.empty();
        unkept = Optional.empty();
        marked.set(Optional.empty());
        hidden.set(false);
        time.set("0:00");
        warned = false;
        stage.set(Stage.NOTHING);
        if (wanted.isEmpty() || student.isEmpty()) {
            prompt.set(Texts.of("solve.choose-an-exercise-and-who"));
            return;
        }
        SolveTask now = wanted.get();
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(now.exercise()),
                        tree -> {
                            // Another task may have been chosen while this one was read.
                            if (task.equals(wanted) && stage.get() == Stage.NOTHING) {
                                MoveTree seen = TurnedExercise.of(tree, now.clothes()).orElse(tree);
                                ready(seen, now, student.get(), expected);
                            }
                        });
    }

    private void ready(MoveTree tree, SolveTask now, Student student, double expected) {
        SolveModel next = new SolveModel(tree, now.exercise(), now.title(), student, clock);
        solving = Optional.of(next);
        scheme = tree;
        prompt.set(
                Texts.of(
                        "solve.minutes-points-about-to-be",
                        next.exercise().prompt(),
                        next.exercise().minutes(),
                        next.exercise().maxPoints(),
                        Math.round(expected)));
        session.open(new MoveTree(tree.start()), OptionalLong.empty());
        stage.set(Stage.READY);
    }

    /** Another student sits down. */
    void newSitting() {
        sitting.begin();
        summary.set("");
    }

    // ---- While it runs --------------------------------------------------------------------------

    /**
     * Starts the clock.
     *
     * @param shown time after which the position is hidden; empty when it stays
     * @param unfinished told of an answer that was begun before
     */
    void begin(Optional<Duration> shown, Consumer<String> unfinished) {
        if (stage.get() != Stage.READY) {
            return;
        }
        SolveModel now = solving.orElseThrow();
        now.begin(shown);
        assigned(a -> services.library().assignments().opened(a.id()));
        if (isHolding(now)) {
            hold.begin(now.exercise(), clock.millis());
            stage.set(Stage.HOLDING);
        } else {
            stage.set(Stage.WRITING);
            draft.restore(now, unfinished);
        }
    }

    private static boolean isHolding(SolveModel m) {
        return DefenceTask.of(m.exercise().scheme()).equals(Optional.of(DefenceTask.HOLD));
    }

    /** Whether moves are played on the board just now. */
    boolean isPlaying() {
        return hold.game().isPresent();
    }

    /** Looks at the clock. */
    void tick() {
        solving.filter(m -> stage.get().isSolving())
                .ifPresent(
                        m -> {
                            long seconds = m.elapsed().toSeconds();
                            boolean over = seconds > m.exercise().minutes() * 60L;
                            if (over && !warned) {
                                warned = true;
                                services.messages().say(Texts.of("solve.the-time-is-up-go"));
                            }
                            String used = MinutesSeconds.of(seconds);
                            time.set(over ? Texts.of("solve.time-is-up", used) : used);
                            hidden.set(m.isHidden());
                        });
    }

    /** What is wrong with a row; empty when it can be read. */
    Optional<String> problem(String row) {
        return solving.flatMap(m -> m.problem(row));
    }

    /** Keeps an answer while it is being written. */
    void keep(String answer) {
        if (stage.get() == Stage.WRITING) {
            draft.save(solving.orElseThrow(), answer);
        }
    }

    // ---- What came of it ------------------------------------------------------------------------

    /** Makes the answer final: it is marked and logged. */
    void commit(String answer) {
        if (stage.get() == Stage.HOLDING) {
            unkept.or(() -> hold.game().filter(g -> !g.steps().isEmpty()))
                    .ifPresentOrElse(
                            this::held,
                            () -> services.messages().say(Texts.of("solve.make-a-move-first")));
        } else if (stage.get() == Stage.WRITING) {
            mark(solving.orElseThrow(), answer);
        }
    }

    private void mark(SolveModel m, String answer) {
        int seconds = m.commit();
        hidden.set(false);
        stage.set(Stage.COMMITTED);
        services.scheduler()
                .longWork(
                        Texts.of("solve.marking"),
                        (cancellation, progress) -> {
                            Attempt attempt =
                                    m.mark(answer, seconds, services.lineChecker(), cancellation);
                            services.library().attempts().add(attempt);
                            services.library().settings().put(m.draftName(), "");
                            return attempt;
                        },
                        this::marked)
                .otherwise(
                        () -> again(m, Stage.WRITING, Texts.of("solve.the-answer-was-not-marked")));
    }

    private void held(HoldGame game) {
        SolveModel m = solving.orElseThrow();
        hold.stop();
        unkept = Optional.of(game);
        int seconds = m.commit();
        hidden.set(false);
        stage.set(Stage.COMMITTED);
        log(
                () -> m.held(game, seconds),
                () -> again(m, Stage.HOLDING, Texts.of("solve.the-game-was-not-kept")));
    }

    /** What was committed is not lost when marking it fails: it can be committed once more. */
    private void again(SolveModel m, Stage before, String words) {
        m.reopen();
        stage.set(before);
        services.messages().say(words);
    }

    /** Lets somebody tick what a solution on paper has. */
    void onPaper() {
        if (stage.get() == Stage.READY) {
            stage.set(Stage.TICKING);
        }
    }

    /**
     * Logs what was ticked.
     *
     * @param items 0-based indexes of items of the scheme
     * @param seconds time used
     */
    void ticked(Set<Integer> items, boolean verdictRight, int seconds) {
        SolveModel m = solving.orElseThrow();
        log(() -> m.byHand(items, verdictRight, seconds), () -> {});
    }

    private void log(Supplier<Attempt> work, Runnable failed) {
        services.scheduler()
                .library(
                        () -> {
                            Attempt attempt = work.get();
                            services.library().attempts().add(attempt);
                            return attempt;
                        },
                        this::marked)
                .otherwise(failed);
    }

    private void marked(Attempt attempt) {
        sitting.add(attempt);
        assigned(a -> services.library().assignments().done(a.id(), attempt.uuid()));
        summary.set(sitting.summary());
        marked.set(Optional.of(attempt));
        stage.set(Stage.MARKED);
        services.messages()
                .say(
                        Texts.of(
                                "solve.of-points-kept-in-the",
                                attempt.marking().points(),
                                attempt.marking().max()));
    }

    /** Plays a line of the scheme or of the answer on the board. */
    void play(String answer, String line) {
        LinePlayer.play(session, scheme, answer.lines().findFirst().orElse(""), line);
    }

    /** The next exercise of a list that this student has not tried in this sitting. */
    Optional<SolveTask> next(List<SolveTask> all) {
        int from = task.map(all::indexOf).orElse(-1);
        for (int i = 1; i < all.size(); i++) {
            SolveTask candidate = all.get((from + i) % all.size());
            if (!sitting.hasTried(candidate.exercise())) {
                return Optional.of(candidate);
            }
        }
        services.messages().say(Texts.of("solve.no-exercise-is-left", sitting.summary()));
        return Optional.empty();
    }

    /** Does something about what the task was assigned as, if it was. */
    private void assigned(Consumer<Assignment> work) {
        task.flatMap(SolveTask::assignment)
                .ifPresent(
                        a ->
                                services.scheduler()
                                        .library(
                                                () -> {
                                                    work.accept(a);
                                                    return a;
                                                },
                                                done -> {}));
    }
}
