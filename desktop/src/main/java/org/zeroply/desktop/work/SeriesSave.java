package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.sheet.SeriesStore;
import org.zeroply.library.sheet.SheetStep;

/**
 * Saves lessons or tournaments a moment after they were changed, every state of them, so that each
 * change can be taken back later. What could not be saved is tried again until it is.
 */
public final class SeriesSave<S extends TreeSeries> implements Saving {

    /** Told what became of them in the library. */
    public interface Told {
        /** Something was saved; what has the first number is kept under the second now. */
        void saved(long was, long now);

        /** Something else may have written some. */
        void lookAgain(String what);
    }

    private record Pending<S extends TreeSeries>(long id, SeriesStore.State<S> state) {}

    private static final Duration DELAY = Duration.millis(300);
    private static final Duration RETRY = Duration.seconds(5);

    private final Scheduler scheduler;
    private final Messages messages;
    private final SeriesStore<S> store;
    private final String word;
    private final Told told;
    private final List<Pending<S>> pending = new ArrayList<>();

    /** How they are in the library, as far as this program knows. */
    private final Map<Long, S> known = new HashMap<>();

    private final PauseTransition delay = new PauseTransition(DELAY);
    private final PauseTransition retry = new PauseTransition(RETRY);
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private boolean writing;

    /**
     * @param word what one of them is called
     * @param told called on the interface thread
     */
    public SeriesSave(Services services, SeriesStore<S> store, String word, Told told) {
        this.scheduler = services.scheduler();
        this.messages = services.messages();
        this.store = store;
        this.word = word;
        this.told = told;
        delay.setOnFinished(e -> write());
        retry.setOnFinished(e -> write());
        services.saves().add(this);
    }

    /** What one of them is in the library. */
    public void known(long id, S series) {
        known.put(id, series);
    }

    /** One of them was changed. */
    public void changed(long id, S series) {
        pending.add(new Pending<>(id, new SeriesStore.State<>(series, SheetStep.CHANGE)));
        delay.playFromStart();
    }

    /** The newest state of one: what waits to be saved, else what was read. */
    public S newest(long id, S read) {
        return last(id).orElse(read);
    }

    private Optional<S> last(long id) {
        return pending.stream()
                .filter(p -> p.id() == id)
                .map(p -> p.state().series())
                .reduce((old, now) -> now);
    }

    @Override
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    @Override
    public void flush() {
        delay.stop();
        write();
    }

    @Override
    public boolean isClean() {
        return pending.isEmpty();
    }

    @Override
    public List<MoveTree> unsaved() {
        Map<Long, S> newest = new LinkedHashMap<>();
        pending.forEach(p -> newest.put(p.id(), p.state().series()));
        return newest.values().stream().flatMap(s -> s.trees().stream()).toList();
    }

    @Override
    public void lookAgain(String what) {
        told.lookAgain(what);
    }

    private void write() {
        if (writing || pending.isEmpty()) {
            return;
        }
        retry.stop();
        long id = pending.get(0).id();
        List<SeriesStore.State<S>> states =
                pending.stream().takeWhile(p -> p.id() == id).map(Pending::state).toList();
        S before = known.get(id);
        writing = true;
        scheduler
                .library(() -> store.save(id, before, states), now -> kept(id, now, states))
                .quietly()
                .whenFailed(this::failed);
    }

    private void kept(long was, long now, List<SeriesStore.State<S>> states) {
        writing = false;
        problem.set("");
        pending.subList(0, states.size()).clear();
        known.put(now, states.get(states.size() - 1).series());
        if (was != now) {
            pending.replaceAll(p -> p.id() == was ? new Pending<>(now, p.state()) : p);
            messages.say(Texts.of("work.another-program-has-changed-this-meanwhile", word));
        }
        told.saved(was, now);
        write();
    }

    private void failed(String reason) {
        writing = false;
        problem.set(reason);
        retry.playFromStart();
    }
}
