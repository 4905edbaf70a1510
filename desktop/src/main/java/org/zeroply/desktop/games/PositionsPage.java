package org.zeroply.desktop.games;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.Query;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SetUpBoard;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.index.PositionFinder;
import org.zeroply.library.index.QueryStore;

/** Positions of all games by what stands where and what happens: drawn, or written. */
final class PositionsPage extends VBox {

    private static final double BOARD = 240;
    private static final double LEAST_BOARD = 180;

    /** What stands beside the small board takes so much at least. */
    private static final double BESIDE = 290;

    private static final List<String> CLAUSES =
            List.of(
                    "player ",
                    "white player ",
                    "black player ",
                    "opponent ",
                    "opening ",
                    "eco B90-B99",
                    "event ",
                    "site ",
                    "round 3",
                    "collection ",
                    "result 1-0",
                    "termination time",
                    "rated 2200",
                    "higher rated opponent",
                    "since 2020",
                    "until 2024.06");
    private static final List<String> ORDER =
            List.of("THEN ", "THEN WITHIN 10 MOVES ", "FOR 10 PLIES");

    private final PositionsModel model;
    private final Services services;
    private final Dialogs dialogs;
    private final SetUpBoard pattern = new SetUpBoard(new Drawing());
    private final Map<Query.Manner, ToggleButton> manners = manners();
    private final PatternTools tools = new PatternTools();
    private final FoundPositions found;
    private final TextArea text = new TextArea();
    private final Label problem = Widgets.wrapped("", "alarm");
    private final Button collect =
            Widgets.quiet("positions-collect", Texts.of("games.into-a-collection"), this::collect);
    private final MenuButton more = Menus.button("ask-more", Texts.of("games.more"), List.of());
    private final MenuButton kept = Menus.button("ask-kept", Texts.of("games.kept"), List.of());

    PositionsPage(PositionsModel model, Services services, Dialogs dialogs) {
        super(8);
        this.model = model;
        this.services = services;
        this.dialogs = dialogs;
        setId("positions-page");
        pattern.setId("ask-board");
        widthProperty().addListener(o -> fitPattern());
        fitPattern();
        pattern.setAccessibleText(Texts.of("games.board-to-draw-what-is"));
        HBox top = new HBox(12, pattern, asking());
        found = new FoundPositions(model, this::collect);
        VBox.setVgrow(found, Priority.ALWAYS);
        getChildren().addAll(top, going(), silent(), found);
        model.textProperty().addListener(o -> show());
        model.hits()
                .addListener(
                        (ListChangeListener<PositionFinder.Hit>)
                                c -> collect.setVisible(!model.hits().isEmpty()));
        model.kept().addListener((ListChangeListener<QueryStore.Kept>) c -> fillKept());
        fillKept();
        show();
        model.reload();
    }

    private static Map<Query.Manner, ToggleButton> manners() {
        Map<Query.Manner, ToggleButton> all = new EnumMap<>(Query.Manner.class);
        all.put(
                Query.Manner.MIRRORED,
                Widgets.toggle(
                        "ask-mirrored",
                        Texts.of("games.mirrored"),
                        Texts.of("games.also-with-the-wings-exchanged")));
        all.put(
                Query.Manner.EXCHANGED,
                Widgets.toggle(
                        "ask-exchanged",
                        Texts.of("games.either-side"),
                        Texts.of("games.also-with-the-colours-exchanged")));
        all.put(
                Query.Manner.EVERY,
                Widgets.toggle(
                        "ask-every",
                        Texts.of("games.every-one"),
                        Texts.of("games.every-position-not-only-the")));
        all.put(
                Query.Manner.CLEAREST,
                Widgets.toggle(
                        "ask-clearest",
                        Texts.of("games.clearest-first"),
                        Texts.of("games.those-with-the-fewest-men")));
        return all;
    }

    /** The small board leaves room for the men beside it. */
    private void fitPattern() {
        double size = Math.max(LEAST_BOARD, Math.min(BOARD, getWidth() - BESIDE));
        pattern.setMinSize(size, size);
        pattern.setPrefSize(size, size);
        pattern.setMaxSize(size, size);
    }

    // ---- Asking ---------------------------------------------------------------------------------

    private VBox asking() {
        text.setId("ask-text");
        Widgets.tabLeaves(text);
        text.setWrapText(true);
        text.setPrefRowCount(3);
        text.setMinHeight(62);
        text.setPromptText("white rook on g5, black king on g8, no white pawn on g");
        text.setAccessibleText(Texts.of("games.what-is-looked-for-in"));
        text.textProperty().bindBidirectional(model.textProperty());
        text.addEventFilter(
                KeyEvent.KEY_PRESSED,
                e -> {
                    if (e.getCode() == KeyCode.ENTER && !e.isShiftDown()) {
                        model.search();
                        e.consume();
                    }
                });
        problem.setId("ask-problem");
        problem.textProperty().bind(model.problemProperty());
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        VBox.setVgrow(text, Priority.ALWAYS);
        manners.values().forEach(m -> m.setOnAction(e -> see()));
        Bar ways =
                new Bar(
                        6,
                        manners.get(Query.Manner.MIRRORED),
                        manners.get(Query.Manner.EXCHANGED),
                        manners.get(Query.Manner.EVERY));
        Bar rest =
                new Bar(
                        6,
                        more,
                        kept,
                        Widgets.quiet("ask-keep", Texts.of("games.keep"), this::keep),
                        Widgets.quiet(
                                "ask-clear",
                                Texts.of("games.clear"),
                                () -> model.textProperty().set("")));
        VBox asking = new VBox(8, tools, text, problem, ways, rest);
        HBox.setHgrow(asking, Priority.ALWAYS);
        asking.setMinWidth(0);
        return asking;
    }

    /** What there is to be asked; a menu of many, made when the page is first seen. */
    private void fillMore() {
        ConditionReader.menu()
                .forEach(
                        (title, examples) -> {
                            Menu menu = new Menu(title);
                            menu.setMnemonicParsing(false);
                            examples.forEach(e -> menu.getItems().add(example(e)));
                            more.getItems().add(menu);
                        });
        Menu games = new Menu(Texts.of("games.which-games"));
        CLAUSES.forEach(c -> games.getItems().add(item(c, () -> type("; " + c))));
        Menu order = new Menu(Texts.of("games.one-after-the-other"));
        ORDER.forEach(c -> order.getItems().add(item(c, () -> type(" " + c))));
        more.getItems().addAll(order, games);
    }

    /** Puts words behind the text, to be written on. */
    private void type(String words) {
        text.setText(text.getText().stripTrailing() + words);
        text.requestFocus();
        text.end();
    }

    private MenuItem example(String said) {
        MenuItem item = new MenuItem(said);
        item.setMnemonicParsing(false);
        item.setOnAction(
                e -> {
                    model.change(QueryDraft.with(text.getText(), said));
                    text.requestFocus();
                    text.end();
                });
        return item;
    }

    /** Draws what the text says, as far as it can be drawn. */
    private void show() {
        QueryDraft.Drawn drawn = QueryDraft.drawn(text.getText());
        pattern.show(drawn.men(), drawn.signs());
        var query = QueryDraft.read(text.getText());
        manners.forEach(
                (manner, button) -> button.setSelected(query.map(q -> q.is(manner)).orElse(false)));
    }

    private void see() {
        model.change(
                QueryDraft.asked(
                        text.getText(),
                        manners.keySet().stream()
                                .filter(m -> manners.get(m).isSelected())
                                .collect(Collectors.toSet())));
        show();
    }

    /** Another order is asked for at once, where something was found. */
    private void order() {
        see();
        if (!model.hits().isEmpty()) {
            model.search();
        }
    }

    private final class Drawing implements SetUpBoard.Handler {
        @Override
        public void pressed(int square, boolean away) {
            String now = text.getText();
            model.change(
                    away || tools.chosen().isEmpty()
                            ? QueryDraft.cleared(now, square)
                            : QueryDraft.pressed(now, tools.chosen().get(), square, tools.isNot()));
        }

        @Override
        public void dragged(int from, int to) {
            model.change(QueryDraft.moved(text.getText(), from, to));
        }
    }

    // ---- Queries with a name --------------------------------------------------------------------

    private void fillKept() {
        kept.getItems().clear();
        for (QueryStore.Kept query : model.kept()) {
            Menu menu = new Menu(query.name());
            menu.setMnemonicParsing(false);
            menu.getItems()
                    .addAll(
                            item(Texts.of("games.ask"), () -> model.ask(query.query())),
                            item(Texts.of("games.forget"), () -> model.forget(query)));
            kept.getItems().add(menu);
        }
        if (kept.getItems().isEmpty()) {
            MenuItem none = item(Texts.of("games.none-yet-write-one-and"), () -> {});
            none.setDisable(true);
            kept.getItems().add(none);
        }
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(e -> action.run());
        return item;
    }

    void keep() {
        if (model.isKeepable()) {
            dialogs.text(
                    Texts.of("games.name-of-the-query"), "", Texts.of("games.keep-2"), model::keep);
        } else {
            services.messages().say(Texts.of("games.there-is-no-query-to"));
        }
    }

    // ---- What was found -------------------------------------------------------------------------

    private Label silent() {
        Label silent = Widgets.wrapped("", "faded");
        silent.setId("positions-silent");
        silent.textProperty().bind(model.silentProperty());
        silent.managedProperty().bind(silent.textProperty().isNotEmpty());
        return silent;
    }

    private Bar going() {
        Label state = Widgets.label("", "faded");
        state.setId("positions-state");
        state.setMinWidth(0);
        Widgets.tellCut(state);
        state.textProperty().bind(model.stateProperty());
        HBox.setHgrow(state, Priority.ALWAYS);
        state.setMaxWidth(Double.MAX_VALUE);
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(90);
        bar.progressProperty().bind(model.partProperty());
        Button stop = Widgets.button("positions-stop", Texts.of("games.stop"), model::stop);
        for (Region each : List.of(bar, stop)) {
            each.visibleProperty().bind(model.runningProperty());
            each.managedProperty().bind(each.visibleProperty());
        }
        collect.setVisible(false);
        ToggleButton clearest = manners.get(Query.Manner.CLEAREST);
        clearest.setOnAction(e -> order());
        clearest.visibleProperty()
                .bind(Bindings.isNotEmpty(model.hits()).or(clearest.selectedProperty()));
        Button go =
                Widgets.button("positions-go", Texts.of("games.look-through-games"), model::search);
        return new Bar(8, state, bar, stop, clearest, collect, go);
    }

    /** Puts the games of what was found into a collection. */
    void collect() {
        if (model.hits().isEmpty()) {
            services.messages().say(Texts.of("games.nothing-is-found-yet"));
        } else {
            dialogs.text(
                    Texts.of("games.collection"), "", Texts.of("games.put-in"), model::collect);
        }
    }

    void shown() {
        if (more.getItems().isEmpty()) {
            fillMore();
        }
        model.reload();
    }

    void setPalette(Palette value) {
        pattern.setPalette(value);
        tools.setPalette(value);
        found.setPalette(value);
    }

    /**
     * The queries that have a name, for the palette of commands.
     *
     * @param show brings this page to the front
     */
    List<Command> choices(Runnable show) {
        return model.kept().stream()
                .map(
                        k ->
                                Command.of(
                                        Texts.of("games.look-for", k.name()),
                                        () -> {
                                            show.run();
                                            model.ask(k.query());
                                        }))
                .toList();
    }

    List<Command> commands() {
        return List.of(
                Command.of(Texts.of("games.look-through-games-for-the"), model::search),
                Command.of(Texts.of("games.keep-the-query-under-a"), this::keep),
                new Command(
                        Texts.of("games.put-the-games-found-into"),
                        "Shortcut+Shift+K",
                        this::collect));
    }
}
