package org.zeroply.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.defence.DefenceDesk;
import org.zeroply.desktop.exercises.ExercisesDesk;
import org.zeroply.desktop.games.GamesDesk;
import org.zeroply.desktop.lab.LabDesk;
import org.zeroply.desktop.repertoire.RepertoireDesk;
import org.zeroply.desktop.review.ReviewDesk;
import org.zeroply.desktop.solve.SolveDesk;
import org.zeroply.desktop.students.StudentsDesk;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.transfer.ImportReport;

/** The whole window: margin of desks, board, the desk in front, status row, and overlays. */
public final class Workbench extends StackPane {

    private final Services services;
    private final BoardColumn column = new BoardColumn();
    private final StackPane place = new StackPane();
    private final ToggleGroup margin = new ToggleGroup();
    private final List<Desk> desks = new ArrayList<>();

    /** Desks with several pages, each with a board of its own. */
    private final List<Desk> boardChanging = new ArrayList<>();

    private final Intake intake;
    private final GamesDesk games;
    private final ExercisesDesk exercises;
    private final SolveDesk solve;
    private final LabDesk lab;
    private final ReviewDesk review;
    private final RepertoireDesk repertoire;
    private final DefenceDesk defence;
    private Desk front;
    private boolean lamp;

    public Workbench(Services services, Clock clock) {
        this.services = services;
        setId("workbench");
        getStyleClass().addAll("workbench", "paper-theme");
        intake = new Intake(services, this::imported, this::analyse, () -> getScene().getWindow());
        games =
                new GamesDesk(
                        services,
                        this::openExercise,
                        List.of(
                                button("import", "Import", intake::chooseImport),
                                button("paste", "Paste", intake::paste),
                                button("set-up-position", "Set up", this::setUp)));
        exercises = new ExercisesDesk(services, this::openSolve, this::boardChanged);
        solve = new SolveDesk(services, clock, this::boardChanged);
        lab = new LabDesk(services, games.session(), games::setAsExercise);
        review = new ReviewDesk(services, games, this::openExercise, this::boardChanged);
        repertoire =
                new RepertoireDesk(
                        services, clock, games::session, this::openGame, this::boardChanged);
        defence =
                new DefenceDesk(
                        services,
                        games.session(),
                        this::setUp,
                        this::openExercise,
                        this::boardChanged);
        boardChanging.addAll(List.of(review, defence, repertoire, exercises, solve));
        desks.addAll(
                List.of(
                        games,
                        review,
                        lab,
                        defence,
                        repertoire,
                        exercises,
                        solve,
                        new StudentsDesk(services, this::openMoment)));
        for (Desk desk : desks) {
            desk.session().currentProperty().addListener(o -> follow());
        }
        BorderPane frame = new BorderPane();
        frame.setLeft(margin());
        HBox.setHgrow(place, Priority.ALWAYS);
        place.setMinWidth(0);
        frame.setCenter(new HBox(column, place));
        frame.setBottom(new StatusRow(services));
        getChildren().add(frame);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setOnDragOver(intake::dragOver);
        setOnDragDropped(intake::dropped);
        services.reviews().open();
        services.background().library(OpeningNames::shipped, column::setNames);
        show(games);
    }

    private static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private VBox margin() {
        VBox box = new VBox(2);
        box.getStyleClass().add("margin");
        Label name = new Label("Zero\nPly");
        name.getStyleClass().add("program-name");
        box.getChildren().add(name);
        for (Desk desk : desks) {
            ToggleButton button = new ToggleButton(desk.name());
            button.setId("desk-" + desk.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(margin);
            button.setUserData(desk);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setFocusTraversable(false);
            button.setOnAction(e -> go(desk));
            box.getChildren().add(button);
        }
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        Button engines = button("engines", "Engines", this::showEngines);
        Button theme = button("theme", "Lamp", this::toggleTheme);
        Button keys = button("keys", "Keys F1", this::showKeys);
        engines.setMaxWidth(Double.MAX_VALUE);
        engines.setFocusTraversable(false);
        theme.setMaxWidth(Double.MAX_VALUE);
        keys.setMaxWidth(Double.MAX_VALUE);
        theme.setFocusTraversable(false);
        keys.setFocusTraversable(false);
        box.getChildren().addAll(gap, engines, theme, keys);
        return box;
    }

    /** Brings a desk to the front by its name. */
    public void show(String name) {
        desks.stream().filter(d -> d.name().equals(name)).findFirst().ifPresent(this::go);
    }

    /** Somebody turns to a desk; what was said at the other one is no longer of interest. */
    private void go(Desk desk) {
        services.background().say("");
        show(desk);
    }

    private void show(Desk desk) {
        if (front != null) {
            front.flush();
        }
        front = desk;
        place.getChildren().setAll(desk.content());
        margin.getToggles().stream()
                .filter(t -> t.getUserData().equals(desk))
                .forEach(t -> t.setSelected(true));
        column.attach(desk);
        desk.shown();
        follow();
    }

    /** The desk in front has put another sheet on the board. */
    private void boardChanged() {
        if (front != null && boardChanging.contains(front)) {
            column.attach(front);
            follow();
        }
    }

    /** The engine looks at the board of the desk in front, unless somebody is solving. */
    private void follow() {
        if (front == null) {
            return;
        }
        services.live()
                .follow(
                        front.isOpenBook()
                                ? Optional.of(front.session().current().position())
                                : Optional.empty());
    }

    private void openExercise(long id) {
        exercises.open(id);
        show(exercises);
    }

    private void openGame(long id) {
        games.open(id);
        show(games);
    }

    private void openMoment(long sheetId, int ply) {
        review.open(sheetId, ply);
        show(review);
    }

    private void openSolve(long id) {
        solve.choose(id);
        show(solve);
    }

    /** Name of the desk in front. */
    public String frontName() {
        return front.name();
    }

    /** The games desk, for what opens games from outside. */
    public GamesDesk games() {
        return games;
    }

    /** The Review desk, for what chooses its pages. */
    public ReviewDesk review() {
        return review;
    }

    /** The Repertoire desk, for what chooses its pages. */
    public RepertoireDesk repertoire() {
        return repertoire;
    }

    /** The Exercises desk, for what chooses its pages. */
    public ExercisesDesk exercises() {
        return exercises;
    }

    /** The Lab, for what chooses its pages. */
    public LabDesk lab() {
        return lab;
    }

    /** Saves everything that is not saved yet. */
    public void flush() {
        desks.forEach(Desk::flush);
    }

    /** The Defence desk, for what chooses its pages. */
    public DefenceDesk defence() {
        return defence;
    }

    // ---- Bringing in and out --------------------------------------------------------------------

    /** Imports files in the background and opens the newest game. */
    public void importFiles(List<Path> files) {
        intake.importFiles(files);
    }

    /** Fills an empty library with the demo club. */
    public void unpackDemo() {
        intake.unpackDemo();
    }

    private void imported(ImportReport report) {
        services.background().say(report.words());
        if (report.stored() > 0) {
            games.openNewest();
        }
        show(front == repertoire ? repertoire : games);
    }

    /** A new analysis, in the Lab or at the Defence desk if that is in front. */
    private void analyse(Position position) {
        games.analyse(position);
        defence.defend(position);
        show(front == lab || front == defence ? front : games);
    }

    /** The position on the board, in the Lab; not while somebody solves. */
    private void sendToLab() {
        if (!front.isOpenBook()) {
            services.background().say("Not while somebody solves: the Lab would give it away.");
            return;
        }
        Position position = front.session().current().position();
        boolean same = front.session() == games.session();
        show(lab);
        if (!same) {
            games.analyse(position);
        }
    }

    private void setUp() {
        setUp(front.session().current().position(), this::analyse);
    }

    /** Lets a position be changed by clicking. */
    private void setUp(Position from, Consumer<Position> done) {
        Palette palette = lamp ? Palette.LAMP : Palette.PAPER;
        overlay(
                new SetUpPane(
                        from,
                        palette,
                        position -> {
                            closeOverlay();
                            done.accept(position);
                        },
                        this::closeOverlay));
    }

    /** The position on the board, at the Defence desk; not while somebody solves. */
    private void defend() {
        if (!front.isOpenBook()) {
            services.background().say("Not while somebody solves: it would give it away.");
            return;
        }
        defence.defend(front.session().current().position());
        show(defence);
    }

    private void showEngines() {
        overlay(
                new EnginePane(
                        services.live().settingsProperty().get(),
                        services.background(),
                        this::setEngines,
                        this::closeOverlay));
    }

    private void setEngines(EngineSettings settings) {
        services.live().apply(settings);
        services.background()
                .library(
                        () -> {
                            settings.save(services.library().settings());
                            return true;
                        },
                        saved -> services.background().say("The engines are set."));
    }

    // ---- Looks and keys -------------------------------------------------------------------------

    /** Changes between paper and lamp. */
    public void toggleTheme() {
        lamp = !lamp;
        getStyleClass().removeAll("paper-theme", "lamp-theme");
        getStyleClass().add(lamp ? "lamp-theme" : "paper-theme");
        Palette palette = lamp ? Palette.LAMP : Palette.PAPER;
        column.board().setPalette(palette);
        desks.forEach(d -> d.setPalette(palette));
    }

    private void overlay(Region card) {
        closeOverlay();
        StackPane veil = new StackPane(card);
        veil.getStyleClass().add("veil");
        getChildren().add(veil);
    }

    private void closeOverlay() {
        if (getChildren().size() > 1) {
            getChildren().remove(1);
        }
    }

    /** Lists every command with its key. */
    public void showCommands() {
        CommandPane pane = new CommandPane("Commands", commands(), this::closeOverlay);
        overlay(pane);
        pane.begin();
    }

    private void showKeys() {
        List<Desk.Command> withKeys = commands().stream().filter(c -> !c.key().isEmpty()).toList();
        CommandPane pane = new CommandPane("Keys of " + front.name(), withKeys, this::closeOverlay);
        overlay(pane);
        pane.begin();
    }

    private List<Desk.Command> commands() {
        List<Desk.Command> all = new ArrayList<>(front.commands());
        all.addAll(new TreeCommands(front, services, intake).list());
        all.add(new Desk.Command("Flip the board", "F", this::flip));
        all.add(new Desk.Command("Paste a game or position", "Shortcut+V", intake::paste));
        all.add(new Desk.Command("Look at it in the Lab", "Shortcut+B", this::sendToLab));
        all.add(new Desk.Command("Defend this position", "Shortcut+Shift+D", this::defend));
        all.add(new Desk.Command("Set up a position", "Shortcut+P", this::setUp));
        all.add(new Desk.Command("Import files", "Shortcut+O", intake::chooseImport));
        all.add(new Desk.Command("Load the demo club", "", intake::unpackDemo));
        all.add(
                new Desk.Command(
                        "Engine on or off",
                        "Shortcut+L",
                        () ->
                                services.live()
                                        .runningProperty()
                                        .set(!services.live().runningProperty().get())));
        all.add(new Desk.Command("Engines: threads, memory, second engine", "", this::showEngines));
        all.add(
                new Desk.Command(
                        "Engine stays at this position",
                        "Shortcut+J",
                        () ->
                                services.live()
                                        .lockedProperty()
                                        .set(!services.live().lockedProperty().get())));
        all.add(new Desk.Command("Change the light", "", this::toggleTheme));
        all.add(new Desk.Command("Commands", "Shortcut+K", this::showCommands));
        all.add(new Desk.Command("Keys of this desk", "F1", this::showKeys));
        for (int i = 0; i < desks.size(); i++) {
            Desk desk = desks.get(i);
            all.add(new Desk.Command(desk.name(), "Shortcut+" + (i + 1), () -> go(desk)));
        }
        return all;
    }

    private void flip() {
        column.board().setFlipped(!column.board().isFlipped());
    }

    private void key(KeyEvent e) {
        boolean overlaid = getChildren().size() > 1;
        if (e.getCode() == KeyCode.ESCAPE) {
            if (overlaid) {
                closeOverlay();
            } else {
                column.board().requestFocus();
            }
            e.consume();
            return;
        }
        boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
        boolean plain = !e.isShortcutDown() && !e.isAltDown() && !e.getCode().isFunctionKey();
        boolean editing = e.isShortcutDown() && "CVZY".contains(e.getCode().getName());
        if (overlaid || typing && (plain || editing) || isListFocused() && plain) {
            return;
        }
        for (Desk.Command command : commands()) {
            if (!command.key().isEmpty() && KeyCombination.valueOf(command.key()).match(e)) {
                command.action().run();
                e.consume();
                return;
            }
        }
    }

    /** Lists and choices keep the arrow keys for themselves. */
    private boolean isListFocused() {
        var owner = getScene().getFocusOwner();
        return owner instanceof javafx.scene.control.TableView
                || owner instanceof javafx.scene.control.ComboBox
                || owner instanceof javafx.scene.control.ButtonBase;
    }
}
