package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.PagedRows;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.WindowMemory;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.GameHeading;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetOrder;
import org.zeroply.library.sheet.SheetRow;

/**
 * The list of games as a drawer of one row or twelve, what is listed, and what is done with rows.
 */
final class GamesList {

    private static final double ROW = 26;
    private static final double HEADER = 30;
    private static final int OPEN_ROWS = 12;
    private static final List<String> RESULTS =
            List.of(
                    "",
                    GameResult.WHITE_WINS,
                    GameResult.BLACK_WINS,
                    GameResult.DRAW,
                    GameResult.NONE);
    private static final String COLUMNS = "games.columns";

    private final GamesModel model;
    private final Services services;
    private final Dialogs dialogs;
    private final WindowMemory memory;
    private final Node owner;
    private final TextField search = new TextField();
    private final ComboBox<SheetKind> kind = new ComboBox<>();
    private final ComboBox<String> result = new ComboBox<>();
    private final ComboBox<Optional<CollectionStore.Collection>> collection = new ComboBox<>();
    private final Button clear;
    private final ToggleButton drawer;
    private final RowTable<SheetRow> table;
    private final Bar tools;
    private Runnable onDrawer = () -> {};
    private boolean filling;

    /**
     * @param bringIn what brings games in from outside
     * @param owner in whose window files are asked for
     */
    GamesList(
            GamesModel model,
            Services services,
            Dialogs dialogs,
            List<Command> bringIn,
            Node owner) {
        this.model = model;
        this.services = services;
        this.dialogs = dialogs;
        memory = services.memory();
        this.owner = owner;
        table = new RowTable<SheetRow>("games-table", SheetRow::id, "").several();
        clear = Widgets.quiet("clear-filters", Texts.of("games.show-all"), model::clearFilters);
        drawer =
                Widgets.toggle(
                        "drawer",
                        Texts.of("games.list-2"),
                        Texts.of("games.twelve-rows-of-the-list"));
        buildTable();
        tools = build(bringIn);
        model.onRows(this::show);
        show(new GamesModel.Listed(new long[0], List.of(), List.of(), false));
    }

    private Bar build(List<Command> bringIn) {
        search.setId("search");
        search.setPromptText(Texts.of("games.search-names-events-dates"));
        search.setAccessibleText(Texts.of("games.search-games"));
        search.setPrefWidth(150);
        HBox.setHgrow(search, Priority.ALWAYS);
        search.textProperty().bindBidirectional(model.textProperty());
        kind.setId("kind");
        kind.setAccessibleText(Texts.of("games.games-or-analyses"));
        kind.getItems().addAll(SheetKind.GAME, SheetKind.ANALYSIS);
        Widgets.texts(
                kind,
                item ->
                        item == SheetKind.GAME
                                ? Texts.of("games.games")
                                : Texts.of("games.analyses"));
        kind.valueProperty().bindBidirectional(model.kindProperty());
        result.setId("result-filter");
        result.setAccessibleText(Texts.of("games.result"));
        result.getItems().addAll(RESULTS);
        Widgets.texts(
                result, r -> r.isEmpty() ? Texts.of("games.any-result") : GameResult.shown(r));
        result.valueProperty().bindBidirectional(model.resultProperty());
        collection.setId("collection");
        collection.setAccessibleText(Texts.of("games.collection"));
        Widgets.texts(
                collection,
                c ->
                        c.map(x -> x.name() + " (" + x.sheets() + ")")
                                .orElse(Texts.of("games.all-collections")));
        collection.setMaxWidth(170);
        collection.setOnAction(
                e -> {
                    if (!filling && collection.getValue() != null) {
                        model.collections().shownProperty().set(collection.getValue());
                    }
                });
        model.collections().shownProperty().addListener(o -> fillCollections());
        model.collections().all().addListener((javafx.beans.Observable o) -> fillCollections());
        fillCollections();
        clear.managedProperty().bind(clear.visibleProperty());
        clear.getStyleClass().add("filtered");
        drawer.setSelected(memory.get("games.drawer").isPresent());
        drawer.setOnAction(
                e -> {
                    memory.put("games.drawer", drawer.isSelected() ? "open" : "");
                    onDrawer.run();
                });
        Button add = Widgets.button("add-games", Texts.of("games.add"), () -> {});
        add.setOnAction(e -> Menus.of(adding(bringIn)).show(add, Side.BOTTOM, 0, 0));
        Bar bar = new Bar(6, search, kind, result, collection, clear, drawer, add);
        bar.getStyleClass().add("tools");
        return bar;
    }

    private List<Command> adding(List<Command> bringIn) {
        List<Command> all = new ArrayList<>();
        all.add(new Command(Texts.of("games.new-game"), "Shortcut+N", model::create));
        all.addAll(bringIn);
        return all;
    }

    private void fillCollections() {
        filling = true;
        List<Optional<CollectionStore.Collection>> all = new ArrayList<>();
        all.add(Optional.empty());
        model.collections().all().forEach(c -> all.add(Optional.of(c)));
        collection.getItems().setAll(all);
        long now =
                model.collections()
                        .shownProperty()
                        .get()
                        .map(CollectionStore.Collection::id)
                        .orElse(0L);
        collection.setValue(
                all.stream()
                        .filter(c -> c.map(CollectionStore.Collection::id).orElse(0L) == now)
                        .findFirst()
                        .orElse(Optional.empty()));
        boolean any = all.size() > 1;
        collection.setVisible(any);
        collection.setManaged(any);
        filling = false;
    }

    private void buildTable() {
        table.text(
                Texts.of("games.white"),
                150,
                r -> name(r.heading().white(), r.heading().whiteElo(), r.title()));
        table.text(
                Texts.of("games.black"),
                150,
                r -> name(r.heading().black(), r.heading().blackElo(), ""));
        table.text(Texts.of("games.result"), 60, r -> GameResult.shown(r.heading().result()));
        table.figure(Texts.of("games.moves"), 64, r -> (r.plies() + 1) / 2, String::valueOf);
        table.text(Texts.of("games.date"), 100, row -> row.heading().date());
        table.text(Texts.of("games.event"), 140, row -> row.heading().event());
        table.setTableMenuButtonVisible(true);
        List<String> hidden = memory.get(COLUMNS).map(t -> List.of(t.split(","))).orElse(List.of());
        table.getColumns()
                .forEach(
                        c -> {
                            c.setVisible(!hidden.contains(c.getText()));
                            c.visibleProperty().addListener(o -> rememberColumns());
                        });
        table.onChoose(
                row -> {
                    if (!model.session().isOpen(row.id())) {
                        model.open(row.id());
                    }
                });
        table.onOpen(row -> model.open(row.id()));
        table.onRemove(model::remove);
        table.onMenu(this::menu);
        table.onSort((column, descending) -> model.orderProperty().set(order(column, descending)));
    }

    private void rememberColumns() {
        memory.put(
                COLUMNS,
                String.join(
                        ",",
                        table.getColumns().stream()
                                .filter(c -> !c.isVisible())
                                .map(c -> c.getText())
                                .toList()));
    }

    private static SheetOrder order(String column, boolean descending) {
        return column.isEmpty()
                ? SheetOrder.NEWEST
                : new SheetOrder(
                        SheetOrder.By.valueOf(column.toUpperCase(Locale.ROOT)), descending);
    }

    private static String name(String player, int elo, String otherwise) {
        if (player.isEmpty()) {
            return otherwise;
        }
        return elo > 0 ? player + "  " + elo : player;
    }

    private void show(GamesModel.Listed listed) {
        clear.setVisible(model.isFiltered());
        table.setEmpty(
                model.isFiltered()
                        ? Texts.of("games.nothing-fits-press-show-all")
                        : Texts.of("games.nothing-here-yet-press-add"));
        PagedRows<SheetRow> rows =
                new PagedRows<>(listed.ids(), SheetRow::id, this::blank, model::rows);
        rows.begin(listed.first());
        table.show(rows);
        mark();
    }

    /** A row that is not read yet. */
    private SheetRow blank(long id) {
        return new SheetRow(id, model.kindProperty().get(), "…", GameHeading.NONE, 0);
    }

    /** Marks the open game in the list. */
    void mark() {
        if (table.chosen().size() > 1) {
            return;
        }
        model.session().id().ifPresent(table::mark);
    }

    Bar tools() {
        return tools;
    }

    Region table() {
        return table;
    }

    /** The height of one row, or of twelve, with the heading. */
    double usualHeight() {
        return HEADER + (drawer.isSelected() ? OPEN_ROWS : 1) * ROW + 2;
    }

    /** Calls this when the drawer is opened or shut. */
    void onDrawer(Runnable handler) {
        onDrawer = handler;
    }

    private List<Command> menu(List<SheetRow> chosen) {
        if (chosen.isEmpty()) {
            return List.of();
        }
        List<Command> all = new ArrayList<>();
        all.add(Command.of(Texts.of("games.open"), () -> model.open(chosen.get(0).id())));
        all.add(Command.of(Texts.of("games.review"), () -> model.review(chosen)));
        all.add(Menus.LINE);
        model.collections()
                .all()
                .forEach(
                        c ->
                                all.add(
                                        Command.of(
                                                Texts.of("games.into", c.name()),
                                                () -> model.collections().put(c.name(), chosen))));
        all.add(Command.of(Texts.of("games.into-a-collection"), () -> collect(chosen)));
        if (model.collections().shownProperty().get().isPresent()) {
            all.add(
                    Command.of(
                            Texts.of("games.out-of-this-collection"),
                            () -> model.collections().takeOut(chosen)));
        }
        all.add(Menus.LINE);
        all.add(Command.of(Texts.of("games.copy-as-pgn"), () -> copy(chosen)));
        all.add(Command.of(Texts.of("games.save-as-pgn"), () -> save(chosen)));
        all.add(Command.of(Texts.of("games.spellings-of-names"), this::names));
        all.add(Menus.LINE);
        all.add(new Command(Texts.of("games.remove"), "Delete", () -> model.remove(chosen)));
        return all;
    }

    private void collect(List<SheetRow> chosen) {
        dialogs.text(
                Texts.of("games.collection"),
                "",
                Texts.of("games.put-in"),
                name -> model.collections().put(name, chosen));
    }

    private void rename() {
        model.collections()
                .shownProperty()
                .get()
                .ifPresentOrElse(
                        c ->
                                dialogs.text(
                                        Texts.of("games.name-of-the-collection"),
                                        c.name(),
                                        Texts.of("games.rename"),
                                        model.collections()::againstName,
                                        model.collections()::rename),
                        () ->
                                services.messages()
                                        .say(Texts.of("games.choose-a-collection-above-the")));
    }

    private void copy(List<SheetRow> chosen) {
        model.pgn(
                chosen,
                pgn -> {
                    Widgets.toClipboard(pgn);
                    services.messages()
                            .say(Texts.of("games.on-the-clipboard-as-pgn", chosen.size()));
                });
    }

    private void save(List<SheetRow> chosen) {
        FileSaver saver = new FileSaver(services, owner);
        saver.choose(Texts.of("games.save-games"), "games.pgn", "pgn")
                .ifPresent(file -> model.pgn(chosen, pgn -> saver.writeText(file, () -> pgn)));
    }

    private void names() {
        dialogs.show(new NamesPane(model, dialogs::close));
    }

    private void chosen(Consumer<List<SheetRow>> use) {
        if (table.chosen().isEmpty()) {
            services.messages().say(Texts.of("games.choose-games-of-the-list"));
        } else {
            use.accept(table.chosen());
        }
    }

    List<Command> commands() {
        return List.of(
                new Command(Texts.of("games.search-games"), "Shortcut+F", search::requestFocus),
                Command.of(Texts.of("games.open-or-shut-the-list"), drawer::fire),
                Command.of(Texts.of("games.show-all-games-again"), model::clearFilters),
                Command.of(Texts.of("games.remove-the-chosen-games"), () -> chosen(model::remove)),
                Command.of(
                        Texts.of("games.put-the-chosen-games-into"), () -> chosen(this::collect)),
                Command.of(Texts.of("games.rename-the-collection-that-is"), this::rename),
                Command.of(
                        Texts.of("games.give-up-the-collection-that"),
                        model.collections()::dissolve),
                Command.of(Texts.of("games.save-the-chosen-games-as"), () -> chosen(this::save)),
                Command.of(Texts.of("games.review-the-chosen-games"), () -> chosen(model::review)),
                Command.of(Texts.of("games.spellings-of-players-names"), this::names));
    }
}
