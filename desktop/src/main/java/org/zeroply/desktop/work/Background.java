package org.zeroply.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.LibraryException;

/**
 * Work that must not hold up the window. Library work is done one piece after the other on a thread
 * of its own, longer work on another; results come back on the interface thread.
 */
public final class Background implements AutoCloseable {

    private final ExecutorService library = single("library");
    private final ExecutorService longWork = single("long-work");
    private final ExecutorService beside = single("beside");
    private final StringProperty message = new SimpleStringProperty("");
    private final BooleanProperty busy = new SimpleBooleanProperty();
    private final DoubleProperty progress = new SimpleDoubleProperty(-1);
    private volatile Cancellation current = new Cancellation();
    private volatile Cancellation besideNow = new Cancellation();

    private static ExecutorService single(String name) {
        return Executors.newSingleThreadExecutor(
                r -> {
                    Thread thread = new Thread(r, name);
                    thread.setDaemon(true);
                    return thread;
                });
    }

    /** What happened last, for the status row. */
    public StringProperty messageProperty() {
        return message;
    }

    /** Whether longer work is going on. */
    public BooleanProperty busyProperty() {
        return busy;
    }

    /** How far it has come, 0 to 1; negative when not known. */
    public DoubleProperty progressProperty() {
        return progress;
    }

    /** Says something in the status row. */
    public void say(String text) {
        Platform.runLater(() -> message.set(text));
    }

    /** Asks the longer work to stop. */
    public void cancel() {
        current.cancel();
    }

    /** Reads or writes the library. */
    public <T> void library(Callable<T> work, Consumer<T> done) {
        hand(library, () -> call(work, done));
    }

    /** Work that takes a cancellation token and may report progress. */
    public interface LongWork<T> {
        T run(Cancellation cancellation, Consumer<Double> progress) throws Exception;
    }

    /** Does longer work, with progress and a way to cancel. */
    public <T> void longWork(String name, LongWork<T> work, Consumer<T> done) {
        hand(
                longWork,
                () -> {
                    Cancellation cancellation = new Cancellation();
                    current = cancellation;
                    Platform.runLater(
                            () -> {
                                busy.set(true);
                                progress.set(-1);
                                message.set(name + " …");
                            });
                    call(
                            () ->
                                    work.run(
                                            cancellation,
                                            f -> Platform.runLater(() -> progress.set(f))),
                            done);
                    Platform.runLater(() -> busy.set(false));
                });
    }

    /**
     * Does work beside everything else that nobody waits for; it says nothing in the status row,
     * and is left out once all work is ended.
     *
     * @return cancels it
     */
    public <T> Cancellation beside(LongWork<T> work, Consumer<T> done) {
        Cancellation cancellation = new Cancellation();
        hand(
                beside,
                () -> {
                    if (!cancellation.isCancelled()) {
                        call(() -> work.run(cancellation, f -> {}), done);
                    }
                });
        besideNow = cancellation;
        return cancellation;
    }

    /** Hands work over; what comes after the window was closed is left out, as nobody waits. */
    static void hand(ExecutorService worker, Runnable work) {
        try {
            worker.execute(work);
        } catch (RejectedExecutionException e) {
            if (!worker.isShutdown()) {
                throw e;
            }
        }
    }

    private <T> void call(Callable<T> work, Consumer<T> done) {
        try {
            T result = work.call();
            Platform.runLater(() -> done.accept(result));
        } catch (LibraryException e) {
            say(e.getMessage());
        } catch (Exception e) {
            System.getLogger(Background.class.getName())
                    .log(System.Logger.Level.ERROR, "background work failed", e);
            say("Something went wrong: " + e.getMessage() + ". What was saved before is safe.");
        }
    }

    /** Lets the library work that was begun finish. */
    @Override
    public void close() {
        current.cancel();
        besideNow.cancel();
        longWork.shutdownNow();
        beside.shutdownNow();
        library.shutdown();
        try {
            library.awaitTermination(10, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
