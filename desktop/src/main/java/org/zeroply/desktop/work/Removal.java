package org.zeroply.desktop.work;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.BinStore.Item;

/**
 * Removing things and bringing them back: they go into the bin, and the last removal is undone
 * first.
 */
public final class Removal {

    private final Services services;
    private final UndoTrail trail;
    private final Runnable undo;
    private final Consumer<List<Item>> gone;
    private final Consumer<List<Item>> back;

    /**
     * @param trail notes what was done at the desk
     * @param undo takes back what was done last at the desk
     * @param gone called when things went into the bin
     * @param back called when they came back
     */
    public Removal(
            Services services,
            UndoTrail trail,
            Runnable undo,
            Consumer<List<Item>> gone,
            Consumer<List<Item>> back) {
        this.services = services;
        this.trail = trail;
        this.undo = undo;
        this.gone = gone;
        this.back = back;
    }

    /**
     * For the sheets of a desk, one of which is open: the open one leaves the board with the
     * others, and what comes back is opened.
     *
     * @param clear takes the open sheet off the board
     * @param open opens a sheet
     * @param reload reads the list of sheets again
     */
    public static Removal ofSheets(
            Services services,
            TreeSession session,
            Runnable clear,
            LongConsumer open,
            Runnable reload) {
        return new Removal(
                services,
                session.trail(),
                session::undo,
                items -> {
                    if (items.stream().anyMatch(i -> session.isOpen(i.id()))) {
                        clear.run();
                    }
                    reload.run();
                },
                items -> {
                    open.accept(items.get(0).id());
                    reload.run();
                });
    }

    /**
     * Puts things into the bin.
     *
     * @param what what they are, for whoever reads it
     */
    public void remove(List<Item> items, String what) {
        if (items.isEmpty()) {
            return;
        }
        put(items);
        trail.did(() -> restore(items), () -> put(items));
        services.messages()
                .say(
                        Texts.of("work.removed-the-bin-keeps-it", what),
                        new Messages.Action(Texts.of("work.undo"), undo));
    }

    private void put(List<Item> items) {
        move(services, items, true, gone);
    }

    private void restore(List<Item> items) {
        move(
                services,
                items,
                false,
                done -> {
                    services.messages().say(Texts.of("work.it-is-back"));
                    back.accept(done);
                });
    }

    /**
     * Puts things into the bin or takes them out of it, without a word.
     *
     * @param away whether they go in
     * @param done called with them afterwards
     */
    public static void move(
            Services services, List<Item> items, boolean away, Consumer<List<Item>> done) {
        services.scheduler()
                .library(
                        () -> {
                            BinStore bin = services.library().bin();
                            if (away) {
                                bin.put(items);
                            } else {
                                bin.restore(items);
                            }
                            return items;
                        },
                        done);
    }
}
