package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.collections.ListChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.Query;
import org.zeroply.desktop.board.Diagram;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SetUpBoard;
import org.zeroply.desktop.board.SquareSign;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.index.PositionFinder;
import org.zeroply.library.index.QueryStore;

/** Positions of all games by what stands where and what happens: drawn, or written. */
final class PositionsPage extends VBox {

    private static final List<PieceType> MEN =
            List.of(
                    PieceType.KING,
                    PieceType.QUEEN,
                    PieceType.ROOK,
                    PieceType.BISHOP,
                    PieceType.KNIGHT,
                    PieceType.PAWN);
    private static final double MAN = 26;
    private static final double BOARD = 240;
    private static final double LEAST_BOARD = 180;

    /** What stands beside the small board takes so much at least. */
    private static final double BESIDE = 290;

    private static final double GAP = 10;

    /** The least side of a diagram, in pixels, and what a tile has around it. */
    private static final double DIAGRAM = 132;

    private static final double AROUND = 12;
    private static final List<String> EXAMPLES =
            List.of(
                    "white isolated queen's pawn FOR 10 PLIES; colours exchanged",
                    "white sacrificed the exchange; colours exchanged",
                    "white lifted a rook THEN mate by white; colours exchanged",
                    "opposite-coloured bishops, rook on the board, no queens",
                    "white outpost for good; colours exchanged");
    private static final List<String> CLAUSES =
            List.of(
                    "player ",
                    "opening ",
                    "collection ",
                    "result 1-0",
                    "rated 2200",
                    "since 2020",
                    "until 2024.06");
    private static final List<String> ORDER =
            List.of("THEN ", "THEN WITHIN 10 MOVES ", "FOR 10 PLIES");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final PositionsModel model;
    private final Services services;
    private final Dialogs dialogs;
    private final SetUpBoard pattern = new SetUpBoard(new Drawing());
    private final ToggleGroup hand = new ToggleGroup();
    private final ToggleButton not =
            Widgets.toggle("ask-not", "not", "What is drawn next must not be there");
    private final ToggleButton mirrored =
            Widgets.toggle("ask-mirrored", "Mirrored", "Also with the wings exchanged");
    private final ToggleButton exchanged =
            Widgets.toggle("ask-exchanged", "Either side", "Also with the colours exchanged");
    private final ToggleButton every =
            Widgets.toggle(
                    "ask-every", "Every one", "Every position, not only the first of each game");
    private final TextArea text = new TextArea();
    private final Label problem = Widgets.wrapped("", "alarm");
    private final Button collect =
            Widgets.quiet("positions-collect", "Into a collection …", this::collect);
    private final MenuButton kept = Menus.button("ask-kept", "Kept", List.of());
    private final FlowPane tiles = new FlowPane(GAP, GAP);
    private final VBox empty = new VBox(6);
    private final Map<PositionFinder.Hit, Button> shown = new HashMap<>();
    private double side = DIAGRAM;
    private Palette palette = Palette.PAPER;

    PositionsPage(PositionsModel model, Services services, Dialogs dialogs) {
        super(8);
        this.model = model;
        this.services = services;
        this.dialogs = dialogs;
        setId("positions-page");
        pattern.setId("ask-board");
        widthProperty().addListener(o -> fitPattern());
        fitPattern();
        pattern.setAccessibleText("Board to draw what is looked for");
        VBox.setVgrow(tiles, Priority.ALWAYS);
        HBox top = new HBox(12, pattern, asking());
        ScrollPane scroll = new ScrollPane(new VBox(empty, tiles));
        scroll.setId("positions-found");
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("plain-scroll");
        scroll.viewportBoundsProperty().addListener((o, was, is) -> fit(is.getWidth()));
        fillEmpty();
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(top, going(), scroll);
        model.textProperty().addListener(o -> show());
        model.hits().addListener(this::changed);
        model.kept().addListener((ListChangeListener<QueryStore.Kept>) c -> fillKept());
        empty.managedProperty().bind(empty.visibleProperty());
        fillKept();
        show();
    }

    /** What to do first, with examples a press away. */
    private void fillEmpty() {
        empty.setId("positions-empty");
        empty.getChildren()
                .add(
                        Widgets.wrapped(
                                "Every position of every game is looked at. Choose a man and press"
                                        + " squares of the small board, or write what you look for;"
                                        + " More has all that can be asked. For example:",
                                "plain"));
        EXAMPLES.forEach(
                said -> {
                    Button example = Widgets.quiet("", said, () -> ask(said));
                    example.getStyleClass().add("example");
                    empty.getChildren().add(example);
                });
    }

    /** The small board leaves room for the men beside it. */
    private void fitPattern() {
        double size = Math.max(LEAST_BOARD, Math.min(BOARD, getWidth() - BESIDE));
        pattern.setMinSize(size, size);
        pattern.setPrefSize(size, size);
        pattern.setMaxSize(size, size);
    }

    /** Lets the diagrams fill their rows. */
    private void fit(double width) {
        double room = width - 2;
        int columns = Math.max(1, (int) ((room + GAP) / (DIAGRAM + AROUND + GAP)));
        side = Math.floor((room - GAP * (columns - 1)) / columns - AROUND);
        tiles.getChildren().forEach(t -> fit((Button) t));
    }

    private void fit(Button tile) {
        VBox content = (VBox) tile.getGraphic();
        content.setMaxWidth(side);
        content.setPrefWidth(side);
        ((Diagram) content.getChildren().get(0)).setSide(side);
    }

    // ---- Asking ---------------------------------------------------------------------------------

    private VBox asking() {
        text.setId("ask-text");
        text.setWrapText(true);
        text.setPrefRowCount(3);
        text.setMinHeight(62);
        text.setPromptText("white rook on g5, black king on g8, no white pawn on g");
        text.setAccessibleText("What is looked for, in words");
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
        mirrored.setOnAction(e -> see());
        exchanged.setOnAction(e -> see());
        every.setOnAction(e -> see());
        Bar ways = new Bar(6, mirrored, exchanged, every);
        Bar more =
                new Bar(
                        6,
                        more(),
                        kept,
                        Widgets.quiet("ask-keep", "Keep …", this::keep),
                        Widgets.quiet("ask-clear", "Clear", () -> model.textProperty().set("")));
        VBox asking = new VBox(8, men(), text, problem, ways, more);
        HBox.setHgrow(asking, Priority.ALWAYS);
        asking.setMinWidth(0);
        return asking;
    }

    private Region men() {
        GridPane grid = new GridPane();
        grid.setHgap(2);
        grid.setVgap(2);
        for (Side side : Side.values()) {
            for (PieceType type : MEN) {
                Piece man = new Piece(side, type);
                ToggleButton button =
                        tool(
                                "ask-" + man.letter(),
                                side.word() + " " + type.word(),
                                QueryDraft.Tool.of(man));
                grid.add(button, MEN.indexOf(type), side.ordinal());
            }
            ToggleButton any =
                    tool(
                            "ask-any-" + side.word().toLowerCase(Locale.ROOT),
                            "Any man of " + side.word(),
                            QueryDraft.Tool.any(side));
            grid.add(any, MEN.size(), side.ordinal());
        }
        ToggleButton nothing = tool("ask-nothing", "Nothing there", QueryDraft.Tool.NOTHING);
        grid.add(nothing, MEN.size() + 1, 0);
        not.getStyleClass().add("man-button");
        not.setMinSize(MAN + 6, MAN + 6);
        grid.add(not, MEN.size() + 1, 1);
        hand.selectToggle(hand.getToggles().get(0));
        return grid;
    }

    /** A square of the board with what the tool puts there. */
    private static SquareSign drawn(QueryDraft.Tool tool, Palette palette) {
        SquareSign sign = new SquareSign(MAN, palette);
        tool.man().ifPresentOrElse(sign::show, () -> sign.show(tool.sign()));
        return sign;
    }

    private ToggleButton tool(String id, String says, QueryDraft.Tool tool) {
        ToggleButton button = Widgets.toggle(id, "", says);
        button.getStyleClass().add("man-button");
        button.setMinSize(MAN + 6, MAN + 6);
        button.setToggleGroup(hand);
        button.setUserData(tool);
        button.setGraphic(drawn(tool, palette));
        return button;
    }

    private MenuButton more() {
        MenuButton more = new MenuButton("More");
        more.setId("ask-more");
        more.setMinWidth(Region.USE_PREF_SIZE);
        ConditionReader.menu()
                .forEach(
                        (title, examples) -> {
                            Menu menu = new Menu(title);
                            menu.setMnemonicParsing(false);
                            examples.forEach(e -> menu.getItems().add(example(e)));
                            more.getItems().add(menu);
                        });
        Menu games = new Menu("Which games");
        CLAUSES.forEach(c -> games.getItems().add(item(c, () -> type("; " + c))));
        Menu order = new Menu("One after the other");
        ORDER.forEach(c -> order.getItems().add(item(c, () -> type(" " + c))));
        more.getItems().addAll(order, games);
        return more;
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
        mirrored.setSelected(query.map(Query::mirrored).orElse(false));
        exchanged.setSelected(query.map(Query::exchanged).orElse(false));
        every.setSelected(query.map(Query::every).orElse(false));
    }

    private void see() {
        model.change(
                QueryDraft.seen(
                        text.getText(),
                        mirrored.isSelected(),
                        exchanged.isSelected(),
                        every.isSelected()));
        show();
    }

    private final class Drawing implements SetUpBoard.Handler {
        @Override
        public void pressed(int square, boolean away) {
            if (away || hand.getSelectedToggle() == null) {
                model.change(QueryDraft.cleared(text.getText(), square));
            } else {
                QueryDraft.Tool tool = (QueryDraft.Tool) hand.getSelectedToggle().getUserData();
                model.change(QueryDraft.pressed(text.getText(), tool, square, not.isSelected()));
            }
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
                            item("Ask", () -> ask(query.query())),
                            item("Forget", () -> model.forget(query)));
            kept.getItems().add(menu);
        }
        if (kept.getItems().isEmpty()) {
            MenuItem none = item("None yet: write one and press Keep", () -> {});
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

    private void ask(String query) {
        model.textProperty().set(query);
        model.search();
    }

    void keep() {
        if (model.isKeepable()) {
            dialogs.text("Name of the query", "", "Keep", model::keep);
        } else {
            services.messages().say("There is no query to be kept yet.");
        }
    }

    // ---- What was found -------------------------------------------------------------------------

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
        Button stop = Widgets.button("positions-stop", "Stop", model::stop);
        for (Region each : List.of(bar, stop)) {
            each.visibleProperty().bind(model.runningProperty());
            each.managedProperty().bind(each.visibleProperty());
        }
        collect.setVisible(false);
        Button go = Widgets.button("positions-go", "Look through games", model::search);
        return new Bar(8, state, bar, stop, collect, go);
    }

    /** Puts the games of what was found into a collection. */
    void collect() {
        if (model.hits().isEmpty()) {
            services.messages().say("Nothing is found yet.");
        } else {
            dialogs.text("Collection", "", "Put in", model::collect);
        }
    }

    private void changed(ListChangeListener.Change<? extends PositionFinder.Hit> change) {
        while (change.next()) {
            if (change.wasRemoved()) {
                tiles.getChildren().clear();
                shown.clear();
            }
            change.getAddedSubList().forEach(h -> tiles.getChildren().add(tile(h)));
        }
        boolean none = model.hits().isEmpty();
        empty.setVisible(none && model.stateProperty().get().isEmpty());
        collect.setVisible(!none);
    }

    private Button tile(PositionFinder.Hit hit) {
        Diagram diagram = new Diagram(hit.position(), side);
        diagram.setPalette(palette);
        Label title = Widgets.label(hit.game().title(), "hit-title");
        Label about = Widgets.label(about(hit), "faded");
        for (Label label : List.of(title, about)) {
            label.setMinWidth(0);
        }
        Button tile = new Button();
        tile.setId("hit-" + tiles.getChildren().size());
        tile.getStyleClass().add("hit");
        tile.setGraphic(new VBox(3, diagram, title, about));
        tile.setAccessibleText(hit.game().title() + ", " + about.getText());
        tile.setTooltip(
                Widgets.wide(
                        hit.game().title()
                                + ", "
                                + hit.game().date()
                                + ", "
                                + hit.game().result()));
        // A press leaves the focus where it is: the arrows step through the game on the board.
        Widgets.leaveFocus(tile);
        tile.setOnAction(e -> choose(hit));
        tile.setOnContextMenuRequested(
                e -> Menus.show(tile, e.getScreenX(), e.getScreenY(), menu(hit)));
        fit(tile);
        shown.put(hit, tile);
        return tile;
    }

    private static String about(PositionFinder.Hit hit) {
        int ply = hit.match().ply();
        String after = "at the start";
        if (ply > 0) {
            Move last = new Move(hit.line().moves()[ply - 1]);
            after = Line.numbered(hit.line().at(ply - 1), List.of(last));
        }
        String year = hit.game().date().replaceAll("\\..*|\\?.*", "");
        return year.isEmpty() ? after : after + "  ·  " + year;
    }

    private List<Command> menu(PositionFinder.Hit hit) {
        List<Command> all = new ArrayList<>();
        all.add(Command.of("On the board", () -> choose(hit)));
        all.add(Command.of("All games found into a collection …", this::collect));
        return all;
    }

    private void choose(PositionFinder.Hit hit) {
        shown.forEach((h, tile) -> tile.pseudoClassStateChanged(CHOSEN, h.equals(hit)));
        model.open(hit);
    }

    void shown() {
        model.reload();
    }

    void setPalette(Palette value) {
        palette = value;
        pattern.setPalette(value);
        for (Toggle each : hand.getToggles()) {
            QueryDraft.Tool tool = (QueryDraft.Tool) each.getUserData();
            ((ToggleButton) each).setGraphic(drawn(tool, value));
        }
        tiles.getChildren().stream()
                .map(t -> ((VBox) ((Button) t).getGraphic()).getChildren().get(0))
                .forEach(d -> ((Diagram) d).setPalette(value));
    }

    List<Command> commands() {
        return List.of(
                Command.of("Look through games for the position drawn", model::search),
                Command.of("Keep the query under a name …", this::keep),
                new Command(
                        "Put the games found into a collection …",
                        "Shortcut+Shift+K",
                        this::collect));
    }
}
