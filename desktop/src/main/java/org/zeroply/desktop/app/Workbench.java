package org.zeroply.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.beans.InvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.defence.DefenceDesk;
import org.zeroply.desktop.exercises.ExercisesDesk;
import org.zeroply.desktop.games.GamesDesk;
import org.zeroply.desktop.lab.LabDesk;
import org.zeroply.desktop.lessons.LessonsDesk;
import org.zeroply.desktop.repertoire.RepertoireDesk;
import org.zeroply.desktop.review.ReviewDesk;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.WindowMemory;
import org.zeroply.library.transfer.ImportReport;

/** The whole window: margin of desks, board, the desk in front, status row, and cards over it. */
public final class Workbench extends StackPane {

    private final Services services;
    private final WindowMemory memory;
    private final Looks looks;
    private final Dialogs dialogs = new Dialogs(this);
    private final BoardColumn column = new BoardColumn(this::boardMenu);
    private final BoardAndPage middle;
    private final Margin margin;
    private final Desks desks;
    private final Intake intake;
    private final WindowCommands window;
    private final Rooms rooms;
    private final StartPage start = new StartPage(new Beginning());
    private final InvalidationListener roomChanged = o -> roomChanged();
    private Optional<ObservableValue<BoardUse>> use = Optional.empty();
    private BiConsumer<Path, String> openLibrary = (file, words) -> {};

    public Workbench(Services services, Clock clock) {
        this.services = services;
        memory = services.memory();
        looks = new Looks(memory);
        setId("workbench");
        getStyleClass().addAll("workbench", looks.light().style());
        intake =
                new Intake(
                        services,
                        this::imported,
                        this::demoReady,
                        position -> desks().analyse(position),
                        () -> getScene().getWindow(),
                        memory);
        window = new WindowCommands(this, services, intake);
        rooms = new Rooms(this);
        desks = new Desks(services, dialogs, clock, rooms, window.bringIn(), new Shown());
        desks.setPalette(palette());
        column.board().setPalette(palette());
        for (Desk desk : desks.all()) {
            desk.session().currentProperty().addListener(o -> follow());
        }
        desks.games().setStart(start);
        margin = new Margin(desks.all(), this::go, this::showCommands, window::menu);
        middle = new BoardAndPage(memory, column, new TaskStrip(services.scheduler()));
        BorderPane frame = new BorderPane();
        frame.setLeft(margin);
        frame.setCenter(middle);
        frame.setBottom(new StatusRow(services, window::saveElsewhere));
        getChildren().addAll(frame, new NoticeLayer(services.messages()));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setOnDragOver(intake::dragOver);
        setOnDragDropped(intake::dropped);
        widthProperty().addListener(o -> middle.arrange(desks.front(), getWidth()));
        services.reviews().open();
        services.scheduler().library(OpeningNames::shipped, column::setNames);
        services.scheduler().library(() -> services.library().bin().empty(), gone -> {});
        desks.show(desks.games());
    }

    private final class Beginning implements StartPage.Beginnings {
        @Override
        public void demo() {
            unpackDemo();
        }

        @Override
        public void bringIn() {
            intake.chooseImport();
        }

        @Override
        public void newGame() {
            desks.games().create();
        }

        @Override
        public void newStudent() {
            desks.newStudent();
        }

        @Override
        public void tour() {
            window.help().tour();
        }

        @Override
        public void desk(String name) {
            Workbench.this.show(name);
        }
    }

    /** What the desks want shown. */
    private final class Shown implements Desks.Frame {
        @Override
        public void turned() {
            use.ifPresent(u -> u.removeListener(roomChanged));
            Desk desk = desks.front();
            use = Optional.of(desk.boardUse());
            desk.boardUse().addListener(roomChanged);
            middle.show(desk);
            margin.mark(desk);
            column.attach(desk);
            middle.arrange(desk, getWidth());
            desk.shown();
            follow();
        }

        @Override
        public void boardChanged() {
            if (use.isPresent()) {
                column.attach(desks.front());
                roomChanged();
            }
        }

        @Override
        public Palette palette() {
            return Workbench.this.palette();
        }
    }

    /** Brings a desk to the front by its name. */
    public void show(String name) {
        desks.named(name).ifPresent(this::go);
    }

    /** Somebody turns to a desk; what was said at the other one is no longer of interest. */
    private void go(Desk desk) {
        services.messages().say("");
        desks.show(desk);
        focusBoard();
    }

    /** The board has come or gone, and with it what the engine looks at. */
    private void roomChanged() {
        middle.arrange(desks.front(), getWidth());
        follow();
    }

    /** The engine looks at the board of the desk in front, unless somebody is solving. */
    private void follow() {
        Desk front = desks.front();
        services.live()
                .follow(
                        front.isOpenBook() && desks.boardUse() != BoardUse.NONE
                                ? Optional.of(front.session().current().position())
                                : Optional.empty());
    }

    /**
     * Opens another library in the place of this one; called with its file and what is to be said
     * once it is open.
     */
    public void onLibrary(BiConsumer<Path, String> handler) {
        openLibrary = handler;
    }

    /** Writes everything there is to a file. */
    public void exportEverything(Path file) {
        window.care().export(file);
    }

    void openLibrary(Path file) {
        openLibrary(file, "");
    }

    /** The same, and says this then. */
    void openLibrary(Path file, String words) {
        openLibrary.accept(file, words);
    }

    /** Brings back the desk and the pages that were in front when the program ended. */
    public void recall() {
        desks.recalled(memory).ifPresent(this::go);
    }

    /** Remembers desk and pages, and which game is open. */
    public void remember() {
        desks.remember(memory);
    }

    /** Saves all and goes on; asks first if something could not be saved and would be lost. */
    public void askToClose(Runnable then) {
        new CloseGuard(services, this).close(then);
    }

    /** Writes what cannot be saved into the library to a file. */
    void saveElsewhere() {
        window.saveElsewhere();
    }

    /** Lets the log and what was said be saved, to be sent. */
    void saveWhatHappened() {
        window.help().saveWhatHappened();
    }

    /** What can be done in the window. */
    WindowCommands window() {
        return window;
    }

    /** The desks, and what goes from one to another. */
    Desks desks() {
        return desks;
    }

    /** Name of the desk in front. */
    public String frontName() {
        return desks.front().name();
    }

    /** The games desk, for what opens games from outside. */
    public GamesDesk games() {
        return desks.games();
    }

    /** The Review desk, for what chooses its pages. */
    public ReviewDesk review() {
        return desks.review();
    }

    /** The Repertoire desk, for what chooses its pages. */
    public RepertoireDesk repertoire() {
        return desks.repertoire();
    }

    /** The Exercises desk, for what chooses its pages. */
    public ExercisesDesk exercises() {
        return desks.exercises();
    }

    /** The Lab, for what chooses its pages. */
    public LabDesk lab() {
        return desks.lab();
    }

    /** The Defence desk, for what chooses its pages. */
    public DefenceDesk defence() {
        return desks.defence();
    }

    /** The Lessons desk, for what chooses its pages. */
    public LessonsDesk lessons() {
        return desks.lessons();
    }

    /** Saves everything that is not saved yet. */
    public void flush() {
        desks.flush();
    }

    // ---- Bringing in and out --------------------------------------------------------------------

    /** Imports files in the background and opens the newest game. */
    public void importFiles(List<Path> files) {
        intake.importFiles(files);
    }

    /** Fills an empty library with the demo club. */
    public void unpackDemo() {
        start.setUnpacking(true);
        intake.unpackDemo().otherwise(() -> start.setUnpacking(false));
    }

    /** The demo club is opened at a game that shows what a review is. */
    private void demoReady(ImportReport report) {
        start.setUnpacking(false);
        services.messages().say(Texts.of("app.the-demo-club-is-ready", report.words()));
        services.reviews().open();
        desks.games().openLast();
        desks.show(desks.games());
    }

    private void imported(ImportReport report) {
        services.messages().say(report.words());
        desks.broughtIn(report.stored() > 0);
    }

    /** Goes back from the classroom to the desks. */
    public void leaveClassroom() {
        rooms.leave();
    }

    // ---- Looks ----------------------------------------------------------------------------------

    private Palette palette() {
        return looks.light().palette();
    }

    /** Cards that lie over the window. */
    Dialogs dialogs() {
        return dialogs;
    }

    Looks looks() {
        return looks;
    }

    BoardColumn column() {
        return column;
    }

    /** Changes between paper and lamp. */
    public void toggleTheme() {
        setLight(looks.light() == Looks.Light.LAMP ? Looks.Light.PAPER : Looks.Light.LAMP);
    }

    void setLight(Looks.Light light) {
        getStyleClass().remove(looks.light().style());
        looks.setLight(light);
        getStyleClass().add(light.style());
        column.board().setPalette(light.palette());
        desks.setPalette(light.palette());
    }

    /** All text in this part of its usual size, in percent: one of 90, 100, 110, 125, 150 … */
    public void setTextSize(int percent) {
        looks.setPercent(percent);
        looks.dress(getScene());
    }

    /** Larger or smaller text by a step; 0 for the usual size. */
    void stepTextSize(int by) {
        looks.step(by);
        looks.dress(getScene());
        services.messages().say(Texts.of("app.text-at", looks.percent()));
    }

    // ---- Commands and keys ----------------------------------------------------------------------

    private void boardMenu(double screenX, double screenY) {
        Menus.show(column.board(), screenX, screenY, window.boardMenu());
    }

    /** Lists every command with its key. */
    public void showCommands() {
        showCommands(Texts.of("app.commands"), window.palette());
    }

    /** Lists the keys that work on the desk in front. */
    void showKeys() {
        List<Command> withKeys =
                window.commands().stream().filter(c -> !c.key().isEmpty()).toList();
        showCommands(Texts.of("app.keys-of", desks.front().name()), withKeys);
    }

    /**
     * Does what a command of the palette does.
     *
     * @return false if there is no command of this name
     */
    public boolean runCommand(String name) {
        Optional<Command> wanted =
                window.palette().stream().filter(c -> c.name().equals(name)).findFirst();
        wanted.ifPresent(c -> c.action().run());
        return wanted.isPresent();
    }

    private void showCommands(String title, List<Command> commands) {
        CommandPane pane = new CommandPane(title, commands, memory, dialogs::close);
        dialogs.show(pane);
        pane.begin();
    }

    private void key(KeyEvent e) {
        if (dialogs.isOpen() || rooms.isOpen()) {
            return;
        }
        var focus = getScene().getFocusOwner();
        if (e.getCode() == KeyCode.ESCAPE) {
            if (!desks.front().stepBack()) {
                column.board().requestFocus();
            }
            e.consume();
            return;
        }
        Set<KeyCode> shown = desks.front().shownKeys();
        Keys.command(e, focus, window.commands(), shown)
                .ifPresent(
                        c -> {
                            c.action().run();
                            e.consume();
                        });
    }

    /** Puts the focus on the board, so that the arrows walk the moves. */
    void focusBoard() {
        if (desks.boardUse() != BoardUse.NONE) {
            column.board().requestFocus();
        }
    }
}
