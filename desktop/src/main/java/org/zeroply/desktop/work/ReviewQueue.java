package org.zeroply.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.LongProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleLongProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Setting;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.Reviewed;

/**
 * Reviews the games of the queue one after the other, beside everything else. What was searched is
 * in the library, so that a paused or killed review goes on where it was; one that was going on
 * when the program ended goes on by itself.
 */
public final class ReviewQueue implements AutoCloseable {

    private static final Setting<Boolean> RUNNING = Setting.flag("review.running");
    private static final Setting<Long> NODES = Setting.number("review.nodes", FirstPass.NODES);

    private final Library library;
    private final Engine engine;
    private final Scheduler scheduler;
    private final ObservableList<ReviewStore.Entry> entries = FXCollections.observableArrayList();
    private final BooleanProperty running = new SimpleBooleanProperty();
    private final LongProperty current = new SimpleLongProperty();
    private final DoubleProperty part = new SimpleDoubleProperty();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final LongProperty finished = new SimpleLongProperty();
    private volatile Cancellation cancellation = new Cancellation();

    /**
     * @param engine one of its own, so that nothing else waits for it
     */
    public ReviewQueue(Library library, Engine engine, Scheduler scheduler) {
        this.library = library;
        this.scheduler = scheduler;
        this.engine = new RememberingEngine(engine, library.analyses());
    }

    /** Reads the queue, and goes on if it was going on when the program ended. */
    public void open() {
        behind(
                () -> {
                    refresh();
                    if (library.settings().get(RUNNING)) {
                        Platform.runLater(this::start);
                    }
                });
    }

    /** The games of the queue. */
    public ObservableList<ReviewStore.Entry> entries() {
        return entries;
    }

    /** Whether it is going on. */
    public BooleanProperty runningProperty() {
        return running;
    }

    /** The game under review, 0 for none. */
    public LongProperty currentProperty() {
        return current;
    }

    /** How far that game has come, 0 to 1. */
    public DoubleProperty partProperty() {
        return part;
    }

    /** What is going on, in words. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** The game that was finished last. */
    public LongProperty finishedProperty() {
        return finished;
    }

    /** Nodes for each search of the games to come. */
    public long nodes() {
        return library.settings().get(NODES);
    }

    /** Chooses the nodes for games put into the queue from now on. */
    public void setNodes(long nodes) {
        behind(() -> library.settings().put(NODES, nodes));
    }

    /**
     * The review of a game on these nodes, by the engine that made it.
     *
     * @param progress told the part done, 0 to 1, where it has to be made again
     */
    public Optional<Reviewed> review(
            long sheetId,
            MoveTree game,
            long nodes,
            Engine with,
            DoubleConsumer progress,
            Cancellation cancel) {
        return Reviewed.read(library, sheetId, game, nodes, with, progress, cancel);
    }

    /** Puts games at the end of the queue and goes on. */
    public void add(List<Long> sheetIds) {
        cancelled(
                () -> {
                    library.reviews().queue(sheetIds, nodes());
                    refresh();
                    Platform.runLater(this::start);
                });
    }

    /** Takes games that wait out of the queue. */
    public void withdraw(List<Long> sheetIds) {
        boolean goesOn = running.get();
        cancelled(
                () -> {
                    library.reviews().withdraw(sheetIds);
                    refresh();
                    if (goesOn) {
                        Platform.runLater(this::start);
                    }
                });
    }

    /** Breaks off what is going on, which is taken up again later, and does something first. */
    private void cancelled(Runnable work) {
        cancellation.cancel();
        behind(work);
    }

    /** Goes on with the games that wait. */
    public void start() {
        if (running.get() && !cancellation.isCancelled()) {
            return;
        }
        Cancellation token = new Cancellation();
        cancellation = token;
        running.set(true);
        behind(
                () -> {
                    library.settings().put(RUNNING, true);
                    work(token);
                });
    }

    /** Stops after what is searched just now; nothing that was searched is lost. */
    public void pause() {
        cancelled(() -> library.settings().put(RUNNING, false));
        running.set(false);
        state.set("");
    }

    private void work(Cancellation token) {
        long began = System.nanoTime();
        int done = 0;
        Optional<ReviewStore.Entry> next = next();
        while (next.isPresent() && !token.isCancelled()) {
            ReviewStore.Entry entry = next.get();
            tell(entry, done, began);
            review(entry, token);
            if (!token.isCancelled()) {
                done++;
                refresh();
                Platform.runLater(() -> finished.set(entry.sheetId()));
                next = next();
            }
        }
        if (!token.isCancelled()) {
            library.settings().put(RUNNING, false);
            Platform.runLater(
                    () -> {
                        running.set(false);
                        current.set(0);
                        state.set("");
                    });
        }
    }

    private Optional<ReviewStore.Entry> next() {
        return library.reviews().entries().stream()
                .filter(e -> e.state() == ReviewStore.State.WAITING)
                .findFirst();
    }

    private void review(ReviewStore.Entry entry, Cancellation token) {
        try {
            MoveTree game = library.sheets().load(entry.sheetId());
            new FirstPass(engine, entry.nodes(), library.games().without(entry.sheetId()))
                    .review(
                            game,
                            Optional.empty(),
                            p -> Platform.runLater(() -> part.set(p)),
                            token)
                    .ifPresent(r -> library.reviews().done(entry.sheetId(), entry.nodes(), r));
        } catch (LibraryException | EngineFailure e) {
            library.reviews().failed(entry.sheetId(), entry.nodes(), e.getMessage());
        } catch (RuntimeException e) {
            if (token.isCancelled()) {
                return;
            }
            // One game that cannot be reviewed must not end the reviews of the others.
            System.getLogger(ReviewQueue.class.getName())
                    .log(System.Logger.Level.ERROR, "a review failed", e);
            String words = Texts.of("work.it-could-not-be-reviewed", e.getMessage());
            library.reviews().failed(entry.sheetId(), entry.nodes(), words);
        }
    }

    private void tell(ReviewStore.Entry entry, int done, long began) {
        long waiting =
                library.reviews().entries().stream()
                        .filter(e -> e.state() == ReviewStore.State.WAITING)
                        .count();
        String left = TimeLeft.words(done, began, waiting);
        String words =
                (waiting == 1
                                ? Texts.of("work.the-last-game")
                                : Texts.of("work.games-to-go", waiting))
                        + left;
        Platform.runLater(
                () -> {
                    current.set(entry.sheetId());
                    part.set(0);
                    state.set(words);
                });
    }

    /** Reads the queue again; on the worker only. */
    private void refresh() {
        List<ReviewStore.Entry> now = library.reviews().entries();
        Platform.runLater(() -> entries.setAll(now));
    }

    /** Does something in the lane of reviews; a failure leaves the queue paused, not stuck. */
    private void behind(Runnable work) {
        scheduler
                .submit(
                        Scheduler.Lane.REVIEWS,
                        "",
                        (cancel, progress) -> {
                            work.run();
                            return true;
                        })
                .whenFailed(this::broken);
    }

    private void broken(String reason) {
        cancellation.cancel();
        running.set(false);
        current.set(0);
        state.set(Texts.of("work.stopped", reason));
    }

    @Override
    public void close() {
        cancellation.cancel();
    }
}
