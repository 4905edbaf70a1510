package org.zeroply.desktop.games;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.notation.Counted;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.SheetRow;

/** The collections of games, which of them is looked at, and what is put in and taken out. */
final class CollectionsModel {

    private final Services services;
    private final Runnable onChange;
    private final ObservableList<CollectionStore.Collection> all =
            FXCollections.observableArrayList();
    private final ObjectProperty<Optional<CollectionStore.Collection>> shown =
            new SimpleObjectProperty<>(Optional.empty());

    /**
     * @param onChange what is to be done when a collection has changed
     */
    CollectionsModel(Services services, Runnable onChange) {
        this.services = services;
        this.onChange = onChange;
    }

    /** All of them, as they were read last. */
    ObservableList<CollectionStore.Collection> all() {
        return all;
    }

    /** The one that is looked at; empty for all games. */
    ObjectProperty<Optional<CollectionStore.Collection>> shownProperty() {
        return shown;
    }

    /** The one that is looked at; empty for all games. */
    Optional<CollectionStore.Collection> shown() {
        return shown.get();
    }

    /** Puts games into a collection, which is made if there is none of this name. */
    void put(String name, List<SheetRow> chosen) {
        putIds(name, chosen.stream().map(SheetRow::id).toList());
    }

    /** The same by the numbers of their sheets. */
    void putIds(String name, List<Long> ids) {
        change(
                () -> services.library().collections().put(name, ids),
                Texts.of("games.in", Counted.of(ids.size(), "game"), name));
    }

    /** Takes games out of the collection that is looked at. */
    void takeOut(List<SheetRow> chosen) {
        List<Long> ids = chosen.stream().map(SheetRow::id).toList();
        shown().ifPresent(
                        c ->
                                change(
                                        () -> services.library().collections().take(c.id(), ids),
                                        Texts.of("games.taken-out-of-the-games", c.name())));
    }

    /** What speaks against calling the collection that is looked at so. */
    Optional<String> againstName(String wanted) {
        String name = wanted.strip();
        return all.stream()
                .filter(c -> !shown().map(now -> now.id() == c.id()).orElse(false))
                .filter(c -> c.name().equalsIgnoreCase(name))
                .map(c -> Texts.of("games.there-is-a-collection-already", c.name()))
                .findFirst();
    }

    /** Gives the collection that is looked at another name; not one that another has. */
    void rename(String wanted) {
        Optional<CollectionStore.Collection> now = shown();
        String name = wanted.strip();
        if (now.isEmpty() || name.isEmpty() || againstName(name).isPresent()) {
            return;
        }
        long id = now.get().id();
        change(
                () -> services.library().collections().rename(id, name),
                Texts.of("games.is-called-now", now.get().name(), name));
    }

    /** Gives the collection that is looked at up. */
    void dissolve() {
        Optional<CollectionStore.Collection> gone = shown();
        if (gone.isEmpty()) {
            return;
        }
        long id = gone.get().id();
        String name = gone.get().name();
        services.scheduler()
                .library(
                        () -> services.library().collections().dissolve(id),
                        sheets -> {
                            shown.set(Optional.empty());
                            onChange.run();
                            services.messages()
                                    .say(
                                            Texts.of("games.the-collection-is-gone-its", name),
                                            new Messages.Action(
                                                    Texts.of("games.undo"),
                                                    () ->
                                                            change(
                                                                    () ->
                                                                            services.library()
                                                                                    .collections()
                                                                                    .put(
                                                                                            name,
                                                                                            sheets),
                                                                    Texts.of("games.it-is-back"))));
                        });
    }

    private void change(Runnable work, String says) {
        services.scheduler()
                .library(
                        () -> {
                            work.run();
                            return true;
                        },
                        done -> {
                            services.messages().say(says);
                            onChange.run();
                        });
    }
}
