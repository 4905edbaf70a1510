package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.sheet.SheetStore.State;

/**
 * Saves the tree of a session a moment after it was changed, every state of it, so that each change
 * can be taken back later. What could not be saved is tried again until it is; it stays in the
 * order in which it was done, also when another sheet is opened meanwhile.
 */
public final class AutoSave implements Saving {

    /** Where states are kept; the library in the program. */
    public interface Keeper {
        /** Adds a sheet and its changes since it was made, and gives its number. */
        long add(MoveTree made, List<State> since);

        /**
         * Takes a sheet through its states; if it is not as it is known, keeps them beside it.
         *
         * @return the number of the sheet that has them
         */
        long save(long id, MoveTree known, List<State> states);

        /** What a sheet is now, if that is not how it is known. */
        Optional<MoveTree> newer(long id, MoveTree known);

        /** The state before the last change. */
        Optional<MoveTree> earlier(long id);

        /** The state before the last change was taken back. */
        Optional<MoveTree> later(long id);

        /** Keeps sheets in a library. */
        static Keeper of(SheetStore sheets) {
            return new Keeper() {
                @Override
                public long add(MoveTree made, List<State> since) {
                    return sheets.add(made, since);
                }

                @Override
                public long save(long id, MoveTree known, List<State> states) {
                    return sheets.save(id, known, states);
                }

                @Override
                public Optional<MoveTree> newer(long id, MoveTree known) {
                    return sheets.newer(id, known);
                }

                @Override
                public Optional<MoveTree> earlier(long id) {
                    return sheets.earlier(id);
                }

                @Override
                public Optional<MoveTree> later(long id) {
                    return sheets.later(id);
                }
            };
        }
    }

    private record Pending(OpenSheet sheet, State state) {}

    private static final Duration DELAY = Duration.millis(300);
    private static final Duration RETRY = Duration.seconds(5);

    private final Scheduler scheduler;
    private final Messages messages;
    private final Keeper keeper;
    private final TreeSession session;
    private final Runnable saved;
    private final List<Pending> pending = new ArrayList<>();
    private final PauseTransition delay = new PauseTransition(DELAY);
    private final PauseTransition retry = new PauseTransition(RETRY);
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private LongConsumer reopen = id -> {};
    private boolean writing;

    /**
     * @param saved called on the interface thread after each save
     */
    public AutoSave(Services services, TreeSession session, Runnable saved) {
        this(
                services.scheduler(),
                services.messages(),
                Keeper.of(services.library().sheets()),
                session,
                saved);
        services.saves().add(this);
    }

    AutoSave(
            Scheduler scheduler,
            Messages messages,
            Keeper keeper,
            TreeSession session,
            Runnable saved) {
        this.scheduler = scheduler;
        this.messages = messages;
        this.keeper = keeper;
        this.session = session;
        this.saved = saved;
        delay.setOnFinished(e -> write());
        retry.setOnFinished(e -> write());
        session.onChange(this::changed);
        session.setHistory(new Past());
    }

    /** Opens a sheet again in which something was taken back while another one was on the board. */
    public void onReopen(LongConsumer handler) {
        reopen = handler;
    }

    private void changed(SheetStep step) {
        pending.add(new Pending(session.sheet(), new State(session.tree().copy(), step)));
        delay.playFromStart();
    }

    /** Why the last save failed; empty when it did not. */
    @Override
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** Whether all that was done is in the library. */
    @Override
    public boolean isClean() {
        return pending.isEmpty();
    }

    /** The newest states that are not in the library, one a sheet. */
    @Override
    public List<MoveTree> unsaved() {
        return List.copyOf(
                pending.stream()
                        .collect(
                                Collectors.toMap(
                                        p -> System.identityHashCode(p.sheet()),
                                        p -> p.state().tree(),
                                        (old, now) -> now,
                                        LinkedHashMap::new))
                        .values());
    }

    /** The newest state of a sheet of the library: what waits to be saved, else what was read. */
    public MoveTree newest(long id, MoveTree read) {
        return pending.stream()
                .filter(p -> p.sheet().id().equals(OptionalLong.of(id)))
                .map(p -> p.state().tree())
                .reduce(read, (old, now) -> now);
    }

    /** Saves now what was not saved yet. */
    @Override
    public void flush() {
        delay.stop();
        write();
    }

    private void write() {
        if (writing || pending.isEmpty()) {
            return;
        }
        retry.stop();
        OpenSheet sheet = pending.get(0).sheet();
        List<State> states =
                pending.stream().takeWhile(p -> p.sheet() == sheet).map(Pending::state).toList();
        writing = true;
        scheduler
                .library(
                        () -> keep(sheet.id(), sheet.known(), states),
                        id -> kept(sheet, id, states))
                .quietly()
                .whenFailed(this::failed);
    }

    private long keep(OptionalLong id, MoveTree known, List<State> states) {
        return id.isEmpty()
                ? keeper.add(known, states)
                : keeper.save(id.getAsLong(), known, states);
    }

    private void kept(OpenSheet sheet, long id, List<State> states) {
        writing = false;
        problem.set("");
        if (sheet.id().isPresent() && sheet.id().getAsLong() != id) {
            messages.say(Texts.of("work.another-program-has-changed-this"));
        }
        sheet.stored(id, states.get(states.size() - 1).tree());
        pending.subList(0, states.size()).clear();
        saved.run();
        write();
    }

    /** Shows what something else has written; what was done here and is not saved yet stays. */
    @Override
    public void lookAgain(String what) {
        OpenSheet sheet = session.sheet();
        if (sheet.id().isEmpty() || !isClean()) {
            saved.run();
            return;
        }
        long id = sheet.id().getAsLong();
        scheduler.library(
                () -> keeper.newer(id, sheet.known()),
                newer -> {
                    boolean same = session.sheet() == sheet && isClean();
                    newer.filter(t -> same)
                            .ifPresent(
                                    t -> {
                                        sheet.stored(id, t.copy());
                                        session.show(t);
                                        if (!what.isEmpty()) {
                                            messages.say(what);
                                        }
                                    });
                    saved.run();
                });
    }

    private void failed(String reason) {
        writing = false;
        problem.set(reason);
        retry.playFromStart();
    }

    /** The history that is in the library. */
    private final class Past implements TreeSession.History {

        @Override
        public void step(SheetStep step) {
            flush();
            OpenSheet sheet = session.sheet();
            int revision = session.revisionProperty().get();
            scheduler.library(
                    () -> read(sheet, step),
                    found -> {
                        boolean same =
                                session.sheet() == sheet
                                        && session.revisionProperty().get() == revision;
                        if (same && found.isPresent()) {
                            session.replace(found.get(), step);
                        } else if (same) {
                            messages.say(
                                    step == SheetStep.UNDO
                                            ? Texts.of("work.nothing-more-to-take-back")
                                            : Texts.of("work.nothing-to-make-again-here"));
                        }
                    });
        }

        private Optional<MoveTree> read(OpenSheet sheet, SheetStep step) {
            if (sheet.id().isEmpty()) {
                return Optional.empty();
            }
            long id = sheet.id().getAsLong();
            return step == SheetStep.UNDO ? keeper.earlier(id) : keeper.later(id);
        }

        @Override
        public void step(OpenSheet sheet, SheetStep step) {
            flush();
            scheduler.library(
                    () -> read(sheet, step).map(t -> stepped(sheet, new State(t, step))),
                    now ->
                            now.ifPresent(
                                    id -> {
                                        saved.run();
                                        reopen.accept(id);
                                    }));
        }

        /** Saves a step; the sheet is known by it before anything else is saved of it. */
        private long stepped(OpenSheet sheet, State state) {
            long id = keep(sheet.id(), sheet.known(), List.of(state));
            sheet.stored(id, state.tree());
            return id;
        }
    }
}
