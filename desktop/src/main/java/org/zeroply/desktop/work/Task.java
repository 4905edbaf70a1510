package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zeroply.engine.analysis.Cancellation;

/**
 * A piece of work behind the window, from being asked for to one of its three ends. Everything here
 * belongs to the interface thread; what is to happen at an end is told with {@link #whenDone},
 * {@link #whenFailed} and {@link #whenCancelled}, and happens at once if the end has come already.
 *
 * @param <T> what comes out of it
 */
public final class Task<T> {

    /** How far a task has come. The last three are ends: it stays there. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED,
        CANCELLED;

        /** Whether nothing comes after it. */
        public boolean isEnd() {
            return ordinal() >= DONE.ordinal();
        }
    }

    private final String name;
    private final boolean mustEnd;
    private final Cancellation cancellation = new Cancellation();
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.WAITING);
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);
    private final List<Runnable> atEnd = new ArrayList<>();
    private Optional<T> result = Optional.empty();
    private String reason = "";
    private boolean quiet;

    /**
     * @param name what is done, for whoever waits; empty when nobody is told
     * @param mustEnd whether it is ended even when the program ends
     */
    Task(String name, boolean mustEnd) {
        this.name = name;
        this.mustEnd = mustEnd;
    }

    boolean mustEnd() {
        return mustEnd;
    }

    /** A task that is over and of which nothing came. */
    public static Task<Object> none() {
        Task<Object> none = new Task<>("", false);
        none.cancel();
        return none;
    }

    /** Whether it was asked to stop. */
    public boolean isCancelled() {
        return cancellation.isCancelled();
    }

    /** What is done. */
    public String name() {
        return name;
    }

    /** How far it has come. */
    public ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** How far it has come. */
    public State state() {
        return state.get();
    }

    /** The part that is done, 0 to 1; negative while that is not known. */
    public ReadOnlyDoubleProperty progressProperty() {
        return progress.getReadOnlyProperty();
    }

    /** Why it failed, for the person who reads it; empty unless it did. */
    public String reason() {
        return reason;
    }

    /**
     * Asks it to stop. A task that still waits is cancelled at once; one that runs is when it
     * notices, unless it was done before.
     */
    public void cancel() {
        cancellation.cancel();
        if (state.get() == State.WAITING) {
            end(State.CANCELLED);
        }
    }

    /**
     * Asks it to stop and ends it here: what still comes out of it is too late, because something
     * else is asked by now.
     */
    public void abandon() {
        cancellation.cancel();
        end(State.CANCELLED);
    }

    /** Calls this with what came out of it. */
    public Task<T> whenDone(Consumer<T> handler) {
        return at(State.DONE, () -> handler.accept(result.orElse(null)));
    }

    /** Calls this with the reason if it failed. */
    public Task<T> whenFailed(Consumer<String> handler) {
        return at(State.FAILED, () -> handler.accept(reason));
    }

    /** Calls this if it was cancelled. */
    public Task<T> whenCancelled(Runnable handler) {
        return at(State.CANCELLED, handler);
    }

    /** Calls this if nothing came out of it: it failed or was cancelled. */
    public Task<T> otherwise(Runnable handler) {
        return whenFailed(why -> handler.run()).whenCancelled(handler);
    }

    /** Leaves a failure to whoever asked; else it is told in the status row too. */
    public Task<T> quietly() {
        quiet = true;
        return this;
    }

    boolean isQuiet() {
        return quiet;
    }

    private Task<T> at(State end, Runnable handler) {
        Runnable checked =
                () -> {
                    if (state.get() == end) {
                        handler.run();
                    }
                };
        if (state.get().isEnd()) {
            checked.run();
        } else {
            atEnd.add(checked);
        }
        return this;
    }

    Cancellation cancellation() {
        return cancellation;
    }

    void begin() {
        if (state.get() == State.WAITING) {
            state.set(State.RUNNING);
        }
    }

    /** A bar never goes back. */
    void advance(double part) {
        progress.set(Math.max(progress.get(), part));
    }

    void succeed(T value) {
        if (!state.get().isEnd()) {
            result = Optional.ofNullable(value);
            end(State.DONE);
        }
    }

    void fail(String why) {
        if (!state.get().isEnd()) {
            reason = why;
            end(State.FAILED);
        }
    }

    void stopped() {
        end(State.CANCELLED);
    }

    private void end(State end) {
        if (state.get().isEnd()) {
            return;
        }
        state.set(end);
        List<Runnable> handlers = List.copyOf(atEnd);
        atEnd.clear();
        handlers.forEach(Runnable::run);
    }
}
