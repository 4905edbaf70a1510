package org.zeroply.desktop.work;

import java.io.UncheckedIOException;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;

/** Makes the tables of exact endings beside everything else, the first time the program runs. */
public final class EndingsMaker implements AutoCloseable {

    private final EndingTables tables;
    private final Scheduler scheduler;
    private final Cancellation cancellation = new Cancellation();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");

    public EndingsMaker(EndingTables tables, Scheduler scheduler) {
        this.tables = tables;
        this.scheduler = scheduler;
    }

    /** The tables, as far as they are made. */
    public Endings tables() {
        return tables;
    }

    /** Begins, unless all tables are there. */
    public void start() {
        if (tables.count() == EndingTables.total()) {
            return;
        }
        say(Texts.of("work.making-exact-endings-of", tables.count(), EndingTables.total()));
        scheduler
                .submit(
                        Scheduler.Lane.ENDINGS,
                        "",
                        (cancel, progress) -> {
                            work();
                            return true;
                        })
                .whenFailed(state::set);
    }

    private void work() {
        try {
            tables.generateMissing(
                    1,
                    (ending, done, of) ->
                            say(
                                    done == of
                                            ? ""
                                            : Texts.of("work.making-exact-endings-of", done, of)),
                    cancellation);
        } catch (UncheckedIOException e) {
            say(e.getMessage());
        }
    }

    private void say(String text) {
        Platform.runLater(() -> state.set(text));
    }

    /** How far it has come, in words; empty when there is nothing to do. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Stops; what is finished stays, the rest is made the next time. */
    public void stop() {
        cancellation.cancel();
        state.set("");
    }

    @Override
    public void close() {
        cancellation.cancel();
    }
}
