package org.zeroply.desktop.app;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.draft.ChangedThing;
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
import org.zeroply.desktop.lessons.ClassroomModel;
import org.zeroply.desktop.lessons.LessonsDesk;
import org.zeroply.desktop.repertoire.RepertoireDesk;
import org.zeroply.desktop.review.ReviewDesk;
import org.zeroply.desktop.solve.SolveDesk;
import org.zeroply.desktop.students.StudentsDesk;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
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
    private final List<Desk> desks = new ArrayList<>();
    private final Intake intake;
    private final WindowCommands window;
    private final GamesDesk games;
    private final ExercisesDesk exercises;
    private final LessonsDesk lessons;
    private final SolveDesk solve;
    private final LabDesk lab;
    private final ReviewDesk review;
    private final RepertoireDesk repertoire;
    private final DefenceDesk defence;
    private final Rooms rooms;
    private final StartPage start = new StartPage(new Beginning());
    private final StudentsDesk students;
    private final InvalidationListener roomChanged = o -> roomChanged();
    private Optional<ObservableValue<BoardUse>> use = Optional.empty();
    private BiConsumer<Path, String> openLibrary = (file, words) -> {};
    private Desk front;

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
                        this::analyse,
                        () -> getScene().getWindow(),
                        memory);
        window = new WindowCommands(this, services, intake);
        games = new GamesDesk(services, dialogs, this::openExercise, window.bringIn());
        exercises = new ExercisesDesk(services, this::openSolve, this::boardChanged);
        rooms = new Rooms(this);
        lessons = new LessonsDesk(services, dialogs, clock, rooms, this::setUp, this::boardChanged);
        solve = new SolveDesk(services, clock, rooms, this::boardChanged);
        lab = new LabDesk(services, games.session(), games::setAsExercise, games::analyse);
        review = new ReviewDesk(services, games, this::openExercise, this::boardChanged);
        repertoire =
                new RepertoireDesk(
                        services,
                        dialogs,
                        clock,
                        games::session,
                        this::openGame,
                        this::boardChanged);
        defence =
                new DefenceDesk(
                        services,
                        games.session(),
                        this::setUp,
                        this::openExercise,
                        this::boardChanged);
        students = new StudentsDesk(services, dialogs, this::openMoment, this::boardChanged);
        desks.addAll(
                List.of(
                        games,
                        review,
                        lab,
                        defence,
                        repertoire,
                        exercises,
                        lessons,
                        solve,
                        students));
        desks.forEach(d -> d.setPalette(palette()));
        column.board().setPalette(palette());
        for (Desk desk : desks) {
            desk.session().currentProperty().addListener(o -> follow());
        }
        games.setStart(start);
        margin = new Margin(desks, this::go, this::showCommands, window::menu);
        middle = new BoardAndPage(memory, column, new TaskStrip(services.scheduler()));
        BorderPane frame = new BorderPane();
        frame.setLeft(margin);
        frame.setCenter(middle);
        frame.setBottom(new StatusRow(services, window::saveElsewhere));
        getChildren().addAll(frame, new NoticeLayer(services.messages()));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setOnDragOver(intake::dragOver);
        setOnDragDropped(intake::dropped);
        widthProperty().addListener(o -> arrange());
        services.reviews().open();
        services.scheduler().library(OpeningNames::shipped, column::setNames);
        services.scheduler().library(() -> services.library().bin().empty(), gone -> {});
        show(games);
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
            games.create();
        }

        @Override
        public void newStudent() {
            show(students);
            students.create();
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

    private BoardUse boardUse() {
        return front == null ? BoardUse.LARGE : front.boardUse().getValue();
    }

    private void arrange() {
        if (front != null) {
            middle.arrange(front, getWidth());
        }
    }

    // ---- Desks ----------------------------------------------------------------------------------

    /** Brings a desk to the front by its name. */
    public void show(String name) {
        desks.stream().filter(d -> d.name().equals(name)).findFirst().ifPresent(this::go);
    }

    /** Somebody turns to a desk; what was said at the other one is no longer of interest. */
    private void go(Desk desk) {
        services.messages().say("");
        show(desk);
        focusBoard();
    }

    private void show(Desk desk) {
        if (front != null) {
            front.flush();
        }
        use.ifPresent(u -> u.removeListener(roomChanged));
        front = desk;
        use = Optional.of(desk.boardUse());
        desk.boardUse().addListener(roomChanged);
        middle.show(desk);
        margin.mark(desk);
        column.attach(desk);
        arrange();
        desk.shown();
        follow();
    }

    /** The desk in front has put another sheet on the board. */
    private void boardChanged() {
        if (front != null) {
            column.attach(front);
            roomChanged();
        }
    }

    /** The board has come or gone, and with it what the engine looks at. */
    private void roomChanged() {
        arrange();
        follow();
    }

    /** The engine looks at the board of the desk in front, unless somebody is solving. */
    private void follow() {
        if (front == null) {
            return;
        }
        services.live()
                .follow(
                        front.isOpenBook() && boardUse() != BoardUse.NONE
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
        for (Desk desk : desks) {
            memory.get("page." + desk.name()).ifPresent(desk::showPage);
        }
        memory.get("desk").ifPresent(this::show);
    }

    /** Remembers desk and pages, and which game is open. */
    public void remember() {
        memory.put("desk", front.name());
        desks.forEach(d -> memory.put("page." + d.name(), d.page()));
        games.rememberOpen();
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

    /** The desk in front. */
    Desk front() {
        return front;
    }

    /** All desks, in the order of the work. */
    List<Desk> desks() {
        return List.copyOf(desks);
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

    /** The Defence desk, for what chooses its pages. */
    public DefenceDesk defence() {
        return defence;
    }

    /** The Lessons desk, for what chooses its pages. */
    public LessonsDesk lessons() {
        return lessons;
    }

    /** Saves everything that is not saved yet. */
    public void flush() {
        desks.forEach(Desk::flush);
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
        games.openLast();
        show(games);
    }

    private void imported(ImportReport report) {
        services.messages().say(report.words());
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
    void sendToLab() {
        if (!front.isOpenBook()) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-the"));
            return;
        }
        Position position = front.session().current().position();
        boolean same = front.session() == games.session();
        show(lab);
        if (!same) {
            games.analyse(position);
        }
    }

    /** Lets the position on the board be changed by hand, for an analysis. */
    void setUp() {
        setUp(front.session().current().position(), this::analyse);
    }

    private void setUp(Position from, Consumer<Position> done) {
        dialogs.show(
                new SetUpPane(
                        from,
                        palette(),
                        position -> {
                            dialogs.close();
                            done.accept(position);
                        },
                        dialogs::close));
    }

    /** The position on the board, at the Defence desk; not while somebody solves. */
    void defend() {
        if (!front.isOpenBook()) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-it"));
            return;
        }
        defence.defend(front.session().current().position());
        show(defence);
    }

    /** The position on the board and what goes on from it, for a whole room. */
    void teach() {
        if (!front.isOpenBook() && front != solve && front != students) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-it"));
            return;
        }
        TreeSession shown = front.session();
        ClassroomModel lesson = solve.teach(shown.current(), shown.tree());
        show(solve);
        rooms.here(lesson);
    }

    /** The position on the board and what goes on from it becomes a step of the open lesson. */
    void intoLesson() {
        if (front == lessons || front == solve) {
            services.messages()
                    .say(
                            front == solve
                                    ? Texts.of("app.not-while-somebody-solves-it")
                                    : Texts.of("app.steps-of-this-lesson-are"));
            return;
        }
        TreeSession shown = front.session();
        Optional<WhatIf> table = front == defence ? defence.table() : Optional.empty();
        lessons.bring(
                table.map(ChangedThing::step)
                        .orElseGet(() -> LessonStep.from(shown.current(), shown.tree())));
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
        desks.forEach(d -> d.setPalette(light.palette()));
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
        showCommands(Texts.of("app.keys-of", front.name()), withKeys);
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
            if (!front.stepBack()) {
                column.board().requestFocus();
            }
            e.consume();
            return;
        }
        Set<KeyCode> shown = front.shownKeys();
        Keys.command(e, focus, window.commands(), shown)
                .ifPresent(
                        c -> {
                            c.action().run();
                            e.consume();
                        });
    }

    /** Puts the focus on the board, so that the arrows walk the moves. */
    void focusBoard() {
        if (boardUse() != BoardUse.NONE) {
            column.board().requestFocus();
        }
    }
}
