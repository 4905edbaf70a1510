package org.zeroply.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SeriesStore;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;

/**
 * Lessons or tournaments of a library, and the one of them that is open: it is saved a moment after
 * each change, every change is taken back in its order, also tomorrow, and what is removed comes
 * back.
 */
public final class OpenSeries<S extends TreeSeries> {

    /** Shows what is open. */
    public interface Shown<S> {
        /**
         * Another one was opened, or none is open any more.
         *
         * @param again whether it is the one that was open before
         */
        void opened(Optional<S> now, boolean again);

        /** What is open looks otherwise: by undo, or because another program wrote it. */
        void replaced(S now);

        /** The list, or under which number something is kept, has changed. */
        void listed();
    }

    /**
     * What they are.
     *
     * @param word what one of them is called
     */
    public record Form<S extends TreeSeries>(
            SeriesStore<S> store, BinStore.Kind kind, String word) {

        /** By what the program remembers which was open. */
        private String remembered() {
            return word + "s.open";
        }
    }

    /** One of them from its opening on, under whatever number it is kept. */
    private static final class Opened {
        private long number;

        Opened(long number) {
            this.number = number;
        }
    }

    private final Services services;
    private final Form<S> form;
    private final Shown<S> shown;
    private final UndoTrail trail = new UndoTrail();
    private final SeriesSave<S> save;
    private final Removal removal;
    private final ObservableList<SheetRow> all = FXCollections.observableArrayList();
    private OptionalLong id = OptionalLong.empty();
    private Opened opened = new Opened(0);
    private Optional<S> series = Optional.empty();

    public OpenSeries(Services services, Form<S> form, Shown<S> shown) {
        this.services = services;
        this.form = form;
        this.shown = shown;
        save =
                new SeriesSave<>(
                        services,
                        form.store(),
                        form.word(),
                        new SeriesSave.Told() {
                            @Override
                            public void saved(long was, long now) {
                                OpenSeries.this.saved(was, now);
                            }

                            @Override
                            public void lookAgain(String what) {
                                OpenSeries.this.lookAgain(what);
                            }
                        });
        removal =
                new Removal(
                        services,
                        trail,
                        this::undo,
                        gone -> {
                            if (gone.stream().anyMatch(i -> isOpen(i.id()))) {
                                close();
                            }
                            reload();
                        },
                        back -> open(back.get(0).id()));
    }

    private SeriesStore<S> store() {
        return form.store();
    }

    /** What was done here, to be taken back. */
    public UndoTrail trail() {
        return trail;
    }

    /** Those of the library, the newest first. */
    public ObservableList<SheetRow> all() {
        return all;
    }

    /** The number of the open one. */
    public OptionalLong id() {
        return id;
    }

    /** The row of the open one. */
    public Optional<SheetRow> row() {
        return all.stream().filter(r -> isOpen(r.id())).findFirst();
    }

    private boolean isOpen(long other) {
        return id.equals(OptionalLong.of(other));
    }

    /** The open one. */
    public Optional<S> now() {
        return series;
    }

    // ---- Opening --------------------------------------------------------------------------------

    /** Reads the list again, and opens the newest where none is open. */
    public void reload() {
        services.scheduler()
                .library(
                        store()::all,
                        found -> {
                            all.setAll(found);
                            if (id.isEmpty() && !found.isEmpty()) {
                                open(last(found));
                            } else {
                                shown.listed();
                            }
                        });
    }

    /** The one that was open last, also before the program ended; else the newest. */
    private long last(List<SheetRow> found) {
        String before = services.memory().get(form.remembered()).orElse("");
        return found.stream()
                .map(SheetRow::id)
                .filter(number -> String.valueOf(number).equals(before))
                .findFirst()
                .orElse(found.get(0).id());
    }

    /** Opens one of the library. */
    public void open(long wanted) {
        open(wanted, () -> {});
    }

    private void open(long wanted, Runnable then) {
        save.flush();
        services.scheduler()
                .library(
                        () -> new Read<>(store().load(wanted), store().all()),
                        read -> {
                            all.setAll(read.all());
                            boolean again = isOpen(wanted);
                            id = OptionalLong.of(wanted);
                            opened = again ? opened : new Opened(wanted);
                            services.memory().put(form.remembered(), String.valueOf(wanted));
                            save.known(wanted, read.series());
                            series = Optional.of(save.newest(wanted, read.series()));
                            shown.opened(series, again);
                            then.run();
                        });
    }

    private record Read<S>(S series, List<SheetRow> all) {}

    private void close() {
        id = OptionalLong.empty();
        series = Optional.empty();
        shown.opened(series, false);
    }

    /** Puts a new one into the library, and opens it. */
    public void add(S made, Runnable then) {
        services.scheduler()
                .library(
                        () -> store().add(made),
                        number -> {
                            BinStore.Item item = new BinStore.Item(form.kind(), number);
                            trail.did(() -> bin(item, true), () -> bin(item, false));
                            open(number, then);
                        });
    }

    private void bin(BinStore.Item item, boolean away) {
        Removal.move(
                services,
                List.of(item),
                away,
                done -> {
                    if (away && isOpen(item.id())) {
                        close();
                        reload();
                    } else if (!away) {
                        open(item.id());
                    }
                });
    }

    /** Puts some into the bin. */
    public void remove(List<SheetRow> chosen) {
        save.flush();
        removal.remove(
                chosen.stream().map(row -> new BinStore.Item(form.kind(), row.id())).toList(),
                chosen.size() == 1
                        ? chosen.get(0).title()
                        : chosen.size() + " " + form.word() + "s");
    }

    // ---- Changing -------------------------------------------------------------------------------

    /** Changes the open one; saved in a moment, and to be taken back. */
    public void change(S now) {
        boolean same = series.filter(now::says).isPresent();
        if (id.isPresent() && !same) {
            save.changed(id.getAsLong(), now);
            trail.did(new ChangeOf(opened));
        }
        series = Optional.of(now);
    }

    /** Saves what is not saved yet. */
    public void flush() {
        save.flush();
    }

    private void saved(long was, long now) {
        if (isOpen(was)) {
            id = OptionalLong.of(now);
            opened.number = now;
            services.memory().put(form.remembered(), String.valueOf(now));
        }
        services.scheduler()
                .library(
                        store()::all,
                        found -> {
                            all.setAll(found);
                            shown.listed();
                        });
    }

    private void lookAgain(String what) {
        if (id.isEmpty() || !save.isClean()) {
            reload();
            return;
        }
        long number = id.getAsLong();
        services.scheduler()
                .library(
                        () -> store().load(number),
                        read -> {
                            boolean other = series.filter(read::says).isEmpty();
                            if (other && isOpen(number) && save.isClean()) {
                                save.known(number, read);
                                series = Optional.of(read);
                                shown.replaced(read);
                                if (!what.isEmpty()) {
                                    services.messages().say(what);
                                }
                            }
                            reload();
                        });
    }

    // ---- Undo -----------------------------------------------------------------------------------

    private final class ChangeOf implements UndoTrail.Act {
        private final Opened changed;

        ChangeOf(Opened changed) {
            this.changed = changed;
        }

        @Override
        public boolean undo() {
            step(changed.number, SheetStep.UNDO);
            return true;
        }

        @Override
        public boolean redo() {
            step(changed.number, SheetStep.REDO);
            return true;
        }
    }

    /** Takes back what was done last, here or once upon a time. */
    public void undo() {
        if (!trail.undo() && id.isPresent()) {
            step(id.getAsLong(), SheetStep.UNDO);
        }
    }

    /** Makes again what was taken back last. */
    public void redo() {
        if (!trail.redo() && id.isPresent()) {
            step(id.getAsLong(), SheetStep.REDO);
        }
    }

    private void step(long number, SheetStep how) {
        save.flush();
        services.scheduler()
                .<Optional<S>>library(
                        () -> {
                            Optional<S> found =
                                    how == SheetStep.UNDO
                                            ? store().earlier(number)
                                            : store().later(number);
                            found.ifPresent(l -> store().save(number, l, how));
                            return found;
                        },
                        found -> found.ifPresentOrElse(l -> stepped(number, l), this::noStep));
    }

    private void stepped(long number, S now) {
        save.known(number, now);
        if (isOpen(number)) {
            series = Optional.of(now);
            shown.replaced(now);
            saved(number, number);
        } else {
            open(number);
        }
    }

    private void noStep() {
        services.messages().say(Texts.of("work.nothing-more-to-take-back-or"));
    }
}
