package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.CandidatesView;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.MoveCommands;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.WindowMemory;

/** Games: find one, replay it, work out lines with the engine beside them. */
public final class GamesDesk implements Desk {

    private static final String LIST = Texts.of("games.list");
    private static final String POSITIONS = Texts.of("games.positions");

    private final GamesModel model;
    private final LineSheetView sheet;
    private final CandidatesView candidates;
    private final AnnotationBar annotations;
    private final GamesList list;
    private final GameTitle title;
    private final PositionsPage positions;
    private final PageSwitch pages = new PageSwitch(Texts.of("games.games"), name -> turned());
    private final VBox content = new VBox();
    private final StackPane place = new StackPane(content);
    private final LongConsumer openExercise;
    private final ReadOnlyObjectWrapper<BoardUse> use = new ReadOnlyObjectWrapper<>(BoardUse.LARGE);
    private Optional<Node> start = Optional.empty();
    private boolean opened;

    /**
     * @param openExercise called with the id of an exercise that was just set
     * @param bringIn what brings games in from outside
     */
    public GamesDesk(
            Services services, Dialogs dialogs, LongConsumer openExercise, List<Command> bringIn) {
        this.openExercise = openExercise;
        model = new GamesModel(services);
        sheet = new LineSheetView(model.session(), false);
        sheet.onMenu(new MoveCommands(model.session(), services.messages())::menu);
        candidates = new CandidatesView(services.live(), model.session());
        annotations = new AnnotationBar(model.session(), services.messages());
        WindowMemory memory = services.memory();
        list = new GamesList(model, services, dialogs, bringIn, content);
        title = new GameTitle(model);
        content.getStyleClass().add("desk");
        content.setId("games-desk");
        sheet.setMinHeight(80);
        VBox written = new VBox(8, sheet, annotations);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox below = new VBox(8, title, candidates.under(written, memory, "games.sheet"));
        Split whole =
                new Split(
                        memory,
                        "games.list",
                        Orientation.VERTICAL,
                        size -> list.usualHeight(),
                        list.table(),
                        below);
        list.onDrawer(whole::reset);
        VBox.setVgrow(whole, Priority.ALWAYS);
        VBox listed = new VBox(8, list.tools(), whole);
        positions = new PositionsPage(new PositionsModel(services, model), services, dialogs);
        pages.add(LIST, listed);
        pages.add(POSITIONS, positions);
        pages.setPrimary(
                LIST,
                Widgets.primary(
                        "set-exercise", Texts.of("games.set-as-exercise"), this::setAsExercise));
        pages.lift(POSITIONS, "#positions-go");
        content.getChildren().addAll(pages.row(), pages.place());
        pages.show(LIST);
        model.onOpened(
                () -> {
                    arrange();
                    list.mark();
                    if (pages.isFront(LIST)) {
                        sheet.requestFocus();
                    }
                });
        model.emptyProperty().addListener(o -> arrange());
    }

    private void turned() {
        if (pages.isFront(POSITIONS)) {
            positions.shown();
        }
    }

    /** What is shown in place of the desk while the library is empty. */
    public void setStart(Node page) {
        start = Optional.of(page);
        arrange();
    }

    private void arrange() {
        boolean showStart = model.emptyProperty().get() && start.isPresent() && !hasBoard();
        place.getChildren().setAll(showStart ? start.get() : content);
        use.set(showStart ? BoardUse.NONE : BoardUse.LARGE);
    }

    /** Whether something is on the board that is not in the library yet. */
    private boolean hasBoard() {
        TreeSession session = model.session();
        return session.id().isPresent()
                || !session.tree().start().equals(Position.START)
                || session.tree().nodes().size() > 1;
    }

    /** Opens a sheet of the library. */
    public void open(long id) {
        pages.show(LIST);
        model.open(id);
    }

    /** Starts an analysis of a position. */
    public void analyse(Position position) {
        pages.show(LIST);
        model.analyse(position);
        arrange();
    }

    /** Opens the game that was open last, or the newest one. */
    public void openLast() {
        model.openLast();
    }

    /** Opens the newest game, as after an import. */
    public void openNewest() {
        pages.show(LIST);
        model.openNewest();
    }

    /** Lists the games that have these words in names, event or date. */
    public void search(String words) {
        pages.show(LIST);
        model.textProperty().set(words);
    }

    /** A new game, its title open to be filled in. */
    public void create() {
        pages.show(LIST);
        model.create();
    }

    /** Makes an exercise of the position on the board, with the lines that go on from it. */
    public void setAsExercise() {
        annotations.commit();
        model.setAsExercise(openExercise);
    }

    /** Remembers which game is open, for the next day; reads and writes the library. */
    public void rememberOpen() {
        model.rememberOpen();
    }

    @Override
    public String name() {
        return Texts.of("games.games");
    }

    @Override
    public Region content() {
        return place;
    }

    @Override
    public ObservableValue<BoardUse> boardUse() {
        return use.getReadOnlyProperty();
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public TreeSession session() {
        return model.session();
    }

    @Override
    public boolean isOpenBook() {
        return true;
    }

    @Override
    public void shown() {
        model.reload();
        if (!opened) {
            opened = true;
            model.openLast();
        }
    }

    @Override
    public void flush() {
        annotations.commit();
        model.flush();
    }

    @Override
    public void setPalette(Palette palette) {
        sheet.setPalette(palette);
        candidates.setPalette(palette);
        positions.setPalette(palette);
    }

    @Override
    public List<Command> boardMenu() {
        return List.of(
                new Command(Texts.of("games.set-as-exercise"), "Shortcut+E", this::setAsExercise));
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        if (pages.isFront(LIST)) {
            commands.add(
                    new Command(Texts.of("games.type-a-move"), "Enter", annotations::typeMove));
            commands.addAll(candidates.commands());
        }
        commands.add(new Command(Texts.of("games.new-game"), "Shortcut+N", this::create));
        commands.add(Command.of(Texts.of("games.edit-the-title-of-the"), title::edit));
        commands.addAll(list.commands());
        commands.addAll(positions.commands());
        commands.add(
                new Command(Texts.of("games.set-as-exercise"), "Shortcut+E", this::setAsExercise));
        commands.add(
                Command.of(
                        Texts.of("games.balance-under-every-row-or"),
                        () -> sheet.allStripsProperty().set(!sheet.allStripsProperty().get())));
        return commands;
    }

    @Override
    public List<Command> choices() {
        return positions.choices(() -> pages.show(POSITIONS));
    }

    /** The number of the open sheet in the library, if it is there. */
    public OptionalLong openId() {
        return model.session().id();
    }
}
