package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.controls.PagedRows;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.AutoSave;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetOrder;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;

/** The games and analyses of the library, which of them are listed, and the one that is open. */
public final class GamesModel {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final ObjectProperty<SheetKind> kind = new SimpleObjectProperty<>(SheetKind.GAME);
    private final StringProperty text = new SimpleStringProperty("");
    private final StringProperty result = new SimpleStringProperty("");
    private final CollectionsModel collections;
    private final ObjectProperty<SheetOrder> order = new SimpleObjectProperty<>(SheetOrder.NEWEST);
    private final ReadOnlyBooleanWrapper empty = new ReadOnlyBooleanWrapper();
    private Consumer<Listed> onRows = rows -> {};
    private Runnable onOpened = () -> {};
    private final Removal removal;
    private Task<?> listing = Task.none();

    GamesModel(Services services) {
        this.services = services;
        collections = new CollectionsModel(services, this::reload);
        autoSave = new AutoSave(services, session, this::reload);
        autoSave.onReopen(this::open);
        removal = Removal.ofSheets(services, session, this::clear, this::open, this::reload);
        kind.addListener(o -> reload());
        text.addListener(o -> reload());
        result.addListener(o -> reload());
        collections.shownProperty().addListener(o -> reload());
        order.addListener(o -> reload());
    }

    /** The open game or analysis. */
    public TreeSession session() {
        return session;
    }

    /** Whether games or analyses are listed. */
    ObjectProperty<SheetKind> kindProperty() {
        return kind;
    }

    /** Words that must stand in names, event or date. */
    StringProperty textProperty() {
        return text;
    }

    /** The result that is asked for; empty for any. */
    StringProperty resultProperty() {
        return result;
    }

    /** In which order they are listed. */
    ObjectProperty<SheetOrder> orderProperty() {
        return order;
    }

    /** The collections of the library, and which of them is listed. */
    CollectionsModel collections() {
        return collections;
    }

    /** Whether there is nothing at all in the library yet. */
    ReadOnlyBooleanProperty emptyProperty() {
        return empty.getReadOnlyProperty();
    }

    /** Calls this with what is listed whenever it was read. */
    void onRows(Consumer<Listed> handler) {
        onRows = handler;
    }

    /** Calls this when another sheet was opened. */
    void onOpened(Runnable handler) {
        onOpened = handler;
    }

    /** Whether anything keeps rows out of the list. */
    boolean isFiltered() {
        return !text.get().isBlank() || !result.get().isEmpty() || collections.shown().isPresent();
    }

    /** Lists all again. */
    void clearFilters() {
        text.set("");
        result.set("");
        collections.shownProperty().set(Optional.empty());
    }

    /**
     * What is listed.
     *
     * @param ids the sheets, in their order
     * @param first what is told of the first of them
     * @param isLibraryEmpty whether there is nothing at all in the library
     */
    record Listed(
            long[] ids,
            List<SheetRow> first,
            List<CollectionStore.Collection> collections,
            boolean isLibraryEmpty) {}

    /** Reads the list again with the present filters. */
    public void reload() {
        SheetQuery query =
                new SheetQuery(
                        kind.get(),
                        text.get(),
                        result.get(),
                        0,
                        collections.shown().map(CollectionStore.Collection::id).orElse(0L),
                        order.get());
        // Of what is asked for while somebody types, only the last is read.
        listing.abandon();
        listing =
                services.scheduler()
                        .library(
                                () -> read(query),
                                listed -> {
                                    collections.all().setAll(listed.collections());
                                    empty.set(listed.isLibraryEmpty());
                                    onRows.accept(listed);
                                });
    }

    private Listed read(SheetQuery query) {
        SheetStore sheets = services.library().sheets();
        long[] ids = sheets.ids(query);
        return new Listed(
                ids,
                sheets.rows(Arrays.copyOf(ids, Math.min(ids.length, PagedRows.PAGE))),
                services.library().collections().all(),
                ids.length == 0 && isLibraryEmpty());
    }

    /** Reads what is told of sheets of the list. */
    void rows(long[] ids, Consumer<List<SheetRow>> use) {
        services.scheduler().library(() -> services.library().sheets().rows(ids), use);
    }

    private boolean isLibraryEmpty() {
        return Arrays.stream(SheetKind.values())
                        .allMatch(k -> services.library().sheets().newest(k).isEmpty())
                && services.library().students().all().isEmpty();
    }

    // ---- Opening --------------------------------------------------------------------------------

    /** Opens a sheet of the library. */
    public void open(long id) {
        open(id, () -> {});
    }

    /** Opens a sheet of the library, and does something once it is on the board. */
    public void open(long id, Runnable then) {
        flush();
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> {
                            show(autoSave.newest(id, tree), OptionalLong.of(id));
                            then.run();
                        });
    }

    private void show(MoveTree tree, OptionalLong id) {
        flush();
        session.open(tree, id);
        onOpened.run();
    }

    /** A new game without moves, open at once. */
    void create() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("White", "White");
        editor.tag("Black", "Black");
        MoveTree tree = editor.tree();
        services.scheduler()
                .library(
                        () -> services.library().sheets().add(tree.copy()),
                        id -> {
                            clearFilters();
                            kind.set(SheetKind.GAME);
                            show(tree, OptionalLong.of(id));
                            reload();
                        });
    }

    /** Starts an analysis of a position; the list of games stays in sight. */
    public void analyse(Position position) {
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        editor.tag(SheetStore.SHEET_TAG, SheetKind.ANALYSIS.word());
        editor.tag("Event", "Analysis");
        show(editor.tree(), OptionalLong.empty());
    }

    /** Opens the newest game, as after an import. */
    public void openNewest() {
        kind.set(SheetKind.GAME);
        services.scheduler()
                .library(
                        () -> services.library().sheets().newest(SheetKind.GAME),
                        newest -> {
                            newest.ifPresent(this::open);
                            reload();
                        });
    }

    /** Opens the game that was open when the program ended, if there is one. */
    void openLast() {
        services.scheduler()
                .library(
                        () ->
                                Optional.of(services.library().settings().get(SheetStore.OPEN_GAME))
                                        .filter(services.library().sheets()::has)
                                        .or(
                                                () ->
                                                        services.library()
                                                                .sheets()
                                                                .newest(SheetKind.GAME)),
                        last -> last.filter(id -> session.id().isEmpty()).ifPresent(this::open));
    }

    /** Remembers which game is open. */
    void rememberOpen() {
        if (session.id().isPresent()) {
            services.library().settings().put(SheetStore.OPEN_GAME, session.id().getAsLong());
        }
    }

    /** Saves what is not saved yet. */
    public void flush() {
        autoSave.flush();
    }

    // ---- Removing, collecting, renaming ---------------------------------------------------------

    /** Puts sheets into the bin; the open one leaves the board. */
    void remove(List<SheetRow> chosen) {
        List<BinStore.Item> items =
                chosen.stream()
                        .map(r -> new BinStore.Item(BinStore.Kind.of(r.kind()), r.id()))
                        .toList();
        String what =
                chosen.size() == 1
                        ? chosen.get(0).title()
                        : Texts.of("games.sheets", chosen.size());
        flush();
        removal.remove(items, what);
    }

    private void clear() {
        flush();
        session.clear();
        onOpened.run();
    }

    /** The spellings of players' names, with the number of games of each. */
    void players(Consumer<Map<String, Integer>> use) {
        services.scheduler().library(() -> services.library().sheets().players(), use);
    }

    /** Writes a name in one way in all games. */
    void rename(String from, String to, Runnable then) {
        flush();
        services.scheduler()
                .library(
                        () -> services.library().sheets().rename(from, to),
                        changed -> {
                            reopen(changed);
                            then.run();
                            services.messages()
                                    .say(
                                            Texts.of(
                                                    "games.is-in",
                                                    from,
                                                    to,
                                                    changed.size(),
                                                    changed.size() == 1
                                                            ? Texts.of("games.one-game")
                                                            : Texts.of("games.games-changed")),
                                            new Messages.Action(
                                                    Texts.of("games.undo"),
                                                    () -> renameBack(changed, to, from)));
                        });
    }

    private void renameBack(List<Long> games, String from, String to) {
        services.scheduler()
                .library(() -> services.library().sheets().renameIn(games, from, to), this::reopen);
    }

    /** Shows the open game as it is in the library now. */
    private void reopen(List<Long> changed) {
        session.id().stream().filter(changed::contains).findFirst().ifPresent(this::open);
        reload();
    }

    /** The chosen games as PGN, for a file or the clipboard. */
    void pgn(List<SheetRow> chosen, Consumer<String> use) {
        List<Long> ids = chosen.stream().map(SheetRow::id).toList();
        services.scheduler()
                .library(
                        () -> {
                            StringBuilder all = new StringBuilder();
                            for (long id : ids) {
                                all.append(PgnWriter.write(services.library().sheets().load(id)));
                            }
                            return all.toString();
                        },
                        use);
    }

    /** Puts games into the queue of reviews. */
    void review(List<SheetRow> chosen) {
        services.reviews().add(chosen.stream().map(SheetRow::id).toList());
        services.messages().say(Texts.of("games.queued-for-review", chosen.size()));
    }

    /** Makes an exercise of the position on the board, with the lines that go on from it. */
    void setAsExercise(LongConsumer open) {
        Node from = session.current();
        TreeEditor editor = new TreeEditor(new MoveTree(from.position()));
        editor.graft(editor.tree().root(), from);
        Exercise.mark(editor, "calculation");
        for (String tag : List.of("White", "Black", "Date")) {
            editor.tag(tag, session.tree().tag(tag));
        }
        String game = title().orElse(Texts.of("games.an-analysis"));
        editor.tag("ZpTitle", Texts.of("games.exercise-from", game));
        String pgn = PgnWriter.write(editor.tree());
        services.scheduler().library(() -> services.library().sheets().add(pgn), open::accept);
    }

    /** Who played whom in the open game; empty where nobody did. */
    Optional<String> title() {
        String white = session.tree().tag("White");
        return white.isEmpty() || white.equals("?")
                ? Optional.empty()
                : Optional.of(white + " – " + session.tree().tag("Black"));
    }

    /** Changes tags of the open game together, to be taken back at once. */
    void tags(Map<String, String> values) {
        session.editor().together(() -> new ArrayList<>(values.entrySet()).forEach(this::tag));
    }

    private void tag(Map.Entry<String, String> value) {
        if (!session.tree().tag(value.getKey()).equals(value.getValue())) {
            session.editor().tag(value.getKey(), value.getValue());
        }
    }
}
