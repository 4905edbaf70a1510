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
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.library.sheet.LessonStore;
import org.zeroply.library.sheet.SheetStep;

/**
 * Saves lessons a moment after they were changed, every state of them, so that each change can be
 * taken back later. What could not be saved is tried again until it is.
 */
public final class LessonSave implements Saving {

    /** Told what became of lessons in the library. */
    public interface Told {
        /** Something was saved; the lesson with the first number is kept under the second now. */
        void saved(long was, long now);

        /** Something else may have written lessons. */
        void lookAgain(String what);
    }

    private record Pending(long id, LessonStore.State state) {}

    private static final Duration DELAY = Duration.millis(300);
    private static final Duration RETRY = Duration.seconds(5);

    private final Scheduler scheduler;
    private final Messages messages;
    private final LessonStore store;
    private final Told told;
    private final List<Pending> pending = new ArrayList<>();

    /** How lessons are in the library, as far as this program knows. */
    private final Map<Long, Lesson> known = new HashMap<>();

    private final PauseTransition delay = new PauseTransition(DELAY);
    private final PauseTransition retry = new PauseTransition(RETRY);
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private boolean writing;

    /**
     * @param told called on the interface thread
     */
    public LessonSave(Services services, Told told) {
        this.scheduler = services.scheduler();
        this.messages = services.messages();
        this.store = services.library().lessons();
        this.told = told;
        delay.setOnFinished(e -> write());
        retry.setOnFinished(e -> write());
        services.saves().add(this);
    }

    /** A lesson is in the library so. */
    public void known(long id, Lesson lesson) {
        known.put(id, lesson);
    }

    /** A lesson was changed. */
    public void changed(long id, Lesson lesson) {
        pending.add(new Pending(id, new LessonStore.State(lesson, SheetStep.CHANGE)));
        delay.playFromStart();
    }

    /** The newest state of a lesson: what waits to be saved, else what was read. */
    public Lesson newest(long id, Lesson read) {
        return last(id).orElse(read);
    }

    private Optional<Lesson> last(long id) {
        return pending.stream()
                .filter(p -> p.id() == id)
                .map(p -> p.state().lesson())
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
        Map<Long, Lesson> newest = new LinkedHashMap<>();
        pending.forEach(p -> newest.put(p.id(), p.state().lesson()));
        return newest.values().stream().flatMap(l -> l.trees().stream()).toList();
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
        List<LessonStore.State> states =
                pending.stream().takeWhile(p -> p.id() == id).map(Pending::state).toList();
        Lesson before = known.get(id);
        writing = true;
        scheduler
                .library(() -> store.save(id, before, states), now -> kept(id, now, states))
                .quietly()
                .whenFailed(this::failed);
    }

    private void kept(long was, long now, List<LessonStore.State> states) {
        writing = false;
        problem.set("");
        pending.subList(0, states.size()).clear();
        known.put(now, states.get(states.size() - 1).lesson());
        if (was != now) {
            pending.replaceAll(p -> p.id() == was ? new Pending(now, p.state()) : p);
            messages.say(
                    "Another program has changed this lesson meanwhile. Its version stays as it is;"
                            + " yours is kept beside it.");
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
