package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.LibraryException;

/**
 * The one place where work is done that must not hold up the window. Each lane does one piece after
 * the other; lanes go on side by side. Results come back on the interface thread, and a piece that
 * failed is told and logged, whatever else is made of it.
 */
public final class Scheduler implements AutoCloseable {

    private static final int SECONDS_TO_END = 10;

    /** Where a piece of work is done. */
    public enum Lane {
        /** Reading and writing the library; what was begun is ended before the program ends. */
        LIBRARY(Thread.NORM_PRIORITY),
        /** Longer work that somebody waits for. */
        LONG(Thread.NORM_PRIORITY),
        /** Work beside everything else that nobody waits for. */
        BESIDE(Thread.NORM_PRIORITY),
        /** Making drafts better that are shown already. */
        REFINING(Thread.MIN_PRIORITY),
        /** The engine beside the board. */
        LIVE(Thread.MIN_PRIORITY),
        /** The queue of reviews. */
        REVIEWS(Thread.MIN_PRIORITY),
        /** Looking through games for exercises. */
        SEARCH(Thread.MIN_PRIORITY),
        /** Looking through games for positions. */
        POSITIONS(Thread.NORM_PRIORITY),
        /** Making exact endings. */
        ENDINGS(Thread.MIN_PRIORITY);

        private final int priority;

        Lane(int priority) {
            this.priority = priority;
        }
    }

    /** Work that can be cancelled and may tell how far it is, from 0 to 1. */
    public interface Work<T> {
        /**
         * Does it.
         *
         * @throws CancellationException if it stopped because it was asked to
         */
        T run(Cancellation cancellation, Consumer<Double> progress) throws Exception;
    }

    private final Messages messages;
    private final Map<Lane, ExecutorService> lanes = new EnumMap<>(Lane.class);

    /** Threads that a piece of work may use beside its own. */
    private final ExecutorService helpers =
            Executors.newCachedThreadPool(
                    work -> {
                        Thread thread = new Thread(work, "helper");
                        thread.setDaemon(true);
                        return thread;
                    });

    private final Set<Task<?>> open = ConcurrentHashMap.newKeySet();
    private final ObjectProperty<Task<?>> shown = new SimpleObjectProperty<>();

    /** What goes on and is to be shown, the last begun at the end; for the window's thread. */
    private final List<Task<?>> running = new ArrayList<>();

    /**
     * @param messages told of what failed
     */
    public Scheduler(Messages messages) {
        this.messages = messages;
        for (Lane lane : Lane.values()) {
            lanes.put(lane, Executors.newSingleThreadExecutor(r -> thread(lane, r)));
        }
    }

    private static Thread thread(Lane lane, Runnable work) {
        Thread thread = new Thread(work, lane.name().toLowerCase(Locale.ROOT));
        thread.setDaemon(true);
        thread.setPriority(lane.priority);
        return thread;
    }

    /** What runs the parts of a piece of work side by side; it ends with the program. */
    public Executor helpers() {
        return helpers;
    }

    /** The longer work that is going on and that somebody waits for; null for none. */
    public ObjectProperty<Task<?>> shownProperty() {
        return shown;
    }

    /** Whether longer work is going on or waits. */
    public boolean isBusy() {
        return shown.get() != null;
    }

    /** Asks the longer work that is shown to stop. */
    public void cancel() {
        if (shown.get() != null) {
            shown.get().cancel();
        }
    }

    /** Reads or writes the library, and hands over what came of it. */
    public <T> Task<T> library(Callable<T> work, Consumer<T> done) {
        return submit(Lane.LIBRARY, "", (cancellation, progress) -> work.call()).whenDone(done);
    }

    /** Does longer work that somebody waits for, shown with its progress and a way to cancel. */
    public <T> Task<T> longWork(String name, Work<T> work, Consumer<T> done) {
        return submit(Lane.LONG, name, work).whenDone(done);
    }

    /** Does work beside everything else that nobody waits for. */
    public <T> Task<T> beside(Work<T> work, Consumer<T> done) {
        return submit(Lane.BESIDE, "", work).whenDone(done);
    }

    /**
     * Does work in a lane, after what was handed to the lane before. What comes after the window
     * was closed is left out, as nobody waits.
     *
     * @param name what is done, shown while it goes on; empty to show nothing
     */
    public <T> Task<T> submit(Lane lane, String name, Work<T> work) {
        Task<T> task = new Task<>(name, lane == Lane.LIBRARY);
        open.add(task);
        ExecutorService executor = lanes.get(lane);
        try {
            executor.execute(() -> run(task, work));
        } catch (RejectedExecutionException e) {
            open.remove(task);
            if (!executor.isShutdown()) {
                throw e;
            }
        }
        return task;
    }

    private <T> void run(Task<T> task, Work<T> work) {
        if (task.cancellation().isCancelled()) {
            finish(task, task::stopped);
            return;
        }
        Platform.runLater(
                () -> {
                    task.begin();
                    if (!task.name().isEmpty()) {
                        running.add(task);
                        shown.set(task);
                    }
                });
        try {
            T result =
                    work.run(
                            task.cancellation(),
                            part -> Platform.runLater(() -> task.advance(part)));
            finish(task, () -> task.succeed(result));
        } catch (CancellationException e) {
            finish(task, task::stopped);
        } catch (LibraryException e) {
            failed(task, e.getMessage(), e);
        } catch (Exception | LinkageError | StackOverflowError | OutOfMemoryError e) {
            // An error ends this piece of work, not the thread that others wait for.
            failed(task, Texts.of("work.something-went-wrong", words(e)), e);
        }
    }

    private static String words(Throwable e) {
        String message = e.getMessage();
        return Texts.of(
                "work.what-was-saved-before-is",
                message == null ? e.getClass().getSimpleName() : message);
    }

    private void failed(Task<?> task, String reason, Throwable e) {
        System.getLogger(Scheduler.class.getName())
                .log(System.Logger.Level.ERROR, "work failed: " + task.name(), e);
        finish(
                task,
                () -> {
                    if (!task.isQuiet()) {
                        messages.say(reason);
                    }
                    task.fail(reason);
                });
    }

    private void finish(Task<?> task, Runnable end) {
        open.remove(task);
        Platform.runLater(
                () -> {
                    running.remove(task);
                    shown.set(running.isEmpty() ? null : running.get(running.size() - 1));
                    end.run();
                });
    }

    /** Lets the library work that was begun finish; everything else is asked to stop. */
    @Override
    public void close() {
        open.stream().filter(t -> !t.mustEnd()).forEach(t -> t.cancellation().cancel());
        lanes.forEach(
                (lane, executor) -> {
                    executor.shutdown();
                    if (lane == Lane.LONG || lane == Lane.BESIDE) {
                        executor.shutdownNow();
                    }
                });
        helpers.shutdown();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS_TO_END);
        try {
            for (ExecutorService executor : lanes.values()) {
                executor.awaitTermination(until - System.nanoTime(), TimeUnit.NANOSECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
