package org.zeroply.desktop.work;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** What the program says: the newest, with what can be done about it, and what was said before. */
public final class Messages {

    /** How many are remembered. */
    static final int KEPT = 200;

    /** Something that can be done about what was said. */
    public record Action(String name, Runnable run) {}

    /**
     * Something that was said.
     *
     * @param actions the next steps that offer themselves
     */
    public record Message(Instant at, String text, List<Action> actions) {
        /** Keeps a list that does not change. */
        public Message {
            actions = List.copyOf(actions);
        }
    }

    private final Clock clock;
    private final ReadOnlyObjectWrapper<Optional<Message>> latest =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<Message> history = FXCollections.observableArrayList();

    public Messages(Clock clock) {
        this.clock = clock;
    }

    /** The newest; empty once it is no longer of interest. */
    public ReadOnlyObjectProperty<Optional<Message>> latestProperty() {
        return latest.getReadOnlyProperty();
    }

    /** What was said, the newest first. */
    public ObservableList<Message> history() {
        return FXCollections.unmodifiableObservableList(history);
    }

    /** Says something; from any thread. An empty text says nothing and clears what was said. */
    public void say(String text, Action... actions) {
        Message message = new Message(clock.instant(), text, List.of(actions));
        if (Platform.isFxApplicationThread()) {
            show(message);
        } else {
            Platform.runLater(() -> show(message));
        }
    }

    private void show(Message message) {
        if (message.text().isBlank()) {
            latest.set(Optional.empty());
            return;
        }
        history.add(0, message);
        if (history.size() > KEPT) {
            history.remove(KEPT, history.size());
        }
        latest.set(Optional.of(message));
    }
}
