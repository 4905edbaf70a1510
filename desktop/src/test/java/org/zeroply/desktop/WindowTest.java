package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.service.query.EmptyNodeQueryException;
import org.testfx.util.WaitForAsyncUtils;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.app.ZeroPly;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.work.BriefEngine;
import org.zeroply.desktop.work.Engines;
import org.zeroply.desktop.work.Fx;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;

/** The real window, and the small acts that tests of it are made of. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
public abstract class WindowTest {

    private static final String GAME =
            """
            [Event "Club evening"]
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Result "1-0"]

            1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0
            """;

    /** Seconds: searches wait for each other where several tests run on a slow machine. */
    private static final int PATIENCE = 180;

    @TempDir Path folder;
    private final Queue<Throwable> uncaught = new ConcurrentLinkedQueue<>();
    protected Stage stage;
    protected Services services;
    protected Workbench bench;

    /** To be called by the start method of a test, which has to be declared in its own class. */
    protected final void begin(Stage shown) {
        begin(shown, library -> {});
    }

    /**
     * The same with something in the library.
     *
     * @param fill puts it there before the window is made
     */
    protected final void begin(Stage shown, Consumer<Library> fill) {
        stage = shown;
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, e) -> {
                    if (!isLateFarewell(e)) {
                        uncaught.add(e);
                    }
                });
        ZeroPly.loadFonts();
        open(fill);
    }

    /**
     * The headless platform remembers the window in which a mouse button was first held, and where
     * something is dragged and dropped in another window later it tells the first one, closed since
     * or not, that the mouse has left it. It reports what comes of that and goes on as it should.
     */
    private static boolean isLateFarewell(Throwable e) {
        return e instanceof NullPointerException
                && Stream.of(e.getStackTrace())
                        .limit(1)
                        .anyMatch(f -> f.getMethodName().equals("notifyDragLeave"));
    }

    /** What engines the window works with; those that do not look far where it does not matter. */
    protected Engines engines() {
        return BriefEngine.ENGINES;
    }

    private void open(Consumer<Library> fill) {
        Library library = Library.open(FreshLibrary.at(folder.resolve("test.zpl")));
        fill.accept(library);
        services = ZeroPly.services(library, engines());
        services.live().runningProperty().set(false);
        bench = new Workbench(services, Clock.systemUTC());
        stage.setScene(ZeroPly.scene(bench));
        stage.show();
    }

    @AfterEach
    void close(FxRobot robot) {
        robot.interact(() -> bench.flush());
        services.close();
        assertThat(uncaught).as("what failed without a word").isEmpty();
    }

    static String label(FxRobot robot, String id) {
        return robot.lookup(id).queryLabeled().getText();
    }

    void importGame(FxRobot robot) throws Exception {
        Path pgn = folder.resolve("club.pgn");
        Files.writeString(pgn, GAME);
        robot.interact(() -> bench.importFiles(List.of(pgn)));
        until(() -> bench.games().session().tree().nodes().size() == 8);
        until(() -> isOnSheet(robot, 6, "Nf6"));
    }

    void restart(FxRobot robot) {
        robot.interact(() -> bench.flush());
        services.close();
        robot.interact(() -> open(library -> {}));
    }

    static boolean isShown(FxRobot robot, String id) {
        return robot.lookup(id).tryQuery().filter(n -> n.isVisible()).isPresent();
    }

    static String message(FxRobot robot) {
        return robot.lookup("#message").queryLabeled().getText();
    }

    static TableView<?> table(FxRobot robot, String id) {
        return robot.lookup(id).queryTableView();
    }

    /**
     * A move on the sheet that is shown; moves have no ids.
     *
     * @param depth plies from the start of the sheet
     */
    static Node move(FxRobot robot, int depth, String san) {
        return moves(robot, depth, san).findFirst().orElseThrow();
    }

    private static Stream<Node> moves(FxRobot robot, int depth, String san) {
        return robot.lookup(".sheet-move").queryAllAs(Label.class).stream()
                .filter(
                        l ->
                                l.getUserData() instanceof org.zeroply.chess.tree.Node n
                                        && n.depth() == depth)
                .filter(l -> l.getText().startsWith(san))
                .map(l -> l);
    }

    static boolean isOnSheet(FxRobot robot, int depth, String san) {
        return moves(robot, depth, san).anyMatch(Node::isVisible);
    }

    /** Clicks on a move of the sheet once it has its place there. */
    static void clickMove(FxRobot robot, int depth, String san) throws TimeoutException {
        until(() -> moves(robot, depth, san).anyMatch(n -> !n.getParent().isNeedsLayout()));
        robot.clickOn(move(robot, depth, san));
    }

    /** Clicks on something that has only just come into the window: once it stays in its place. */
    static void click(FxRobot robot, String id) throws TimeoutException {
        until(
                () ->
                        robot.lookup(id)
                                .tryQuery()
                                .filter(n -> n.getLayoutBounds().getWidth() > 0)
                                .filter(n -> !n.getParent().isNeedsLayout())
                                .isPresent());
        Point2D before;
        do {
            before = centre(robot.lookup(id).query());
            frame(robot, robot.lookup(id).query().getScene());
        } while (!before.equals(centre(robot.lookup(id).query())));
        robot.clickOn(id);
        robot.interact(WindowTest::draw);
    }

    /** Waits until what is due in a window was drawn. */
    private static void frame(FxRobot robot, Scene scene) throws TimeoutException {
        CompletableFuture<Boolean> drawn = new CompletableFuture<>();
        Runnable once = () -> drawn.complete(true);
        robot.interact(
                () -> {
                    scene.addPostLayoutPulseListener(once);
                    Platform.requestNextPulse();
                });
        WaitForAsyncUtils.waitFor(PATIENCE, TimeUnit.SECONDS, drawn::isDone);
        robot.interact(() -> scene.removePostLayoutPulseListener(once));
    }

    /** Writes into a field once it has its place in the window. */
    static void write(FxRobot robot, String id, String text) throws TimeoutException {
        click(robot, id);
        robot.write(text);
    }

    /**
     * Gives what has just come into the window its skin and its place, as the next frame would: a
     * busy machine is long in drawing it.
     */
    private static void draw() {
        Window.getWindows().stream()
                .filter(w -> w.getScene() != null)
                .map(w -> w.getScene().getRoot())
                .forEach(
                        root -> {
                            root.applyCss();
                            root.layout();
                        });
    }

    /** Asks for the menu of something, as a right button does. */
    static void askForMenu(FxRobot robot, String id) {
        Fx.askForMenu(robot.lookup(id).query());
    }

    /**
     * Goes down a menu that is open, from one row to the next, to what is pressed last; each by its
     * title or id. As with a hand the way leads sideways into the next menu and then down: across,
     * it would lead over other rows, which open theirs instead.
     */
    static void choose(FxRobot robot, String... rows) throws TimeoutException {
        Optional<Point2D> before = Optional.empty();
        for (String row : rows) {
            Point2D place = place(robot, row);
            before.ifPresent(p -> robot.moveTo(place.getX(), p.getY()));
            robot.clickOn(place);
            before = Optional.of(place);
        }
    }

    /** Where something is on the screen, once it has come to its place there. */
    private static Point2D place(FxRobot robot, String what) throws TimeoutException {
        AtomicReference<Point2D> place = new AtomicReference<>();
        until(
                () -> {
                    robot.lookup(what)
                            .tryQuery()
                            .filter(WindowTest::hasItsPlace)
                            .ifPresent(node -> place.set(centre(node)));
                    return place.get() != null;
                });
        return place.get();
    }

    private static boolean hasItsPlace(Node node) {
        return node.getScene() != null
                && node.getScene().getWindow().isShowing()
                && Stream.<Node>iterate(node, Objects::nonNull, Node::getParent)
                        .noneMatch(n -> n instanceof Parent p && p.isNeedsLayout());
    }

    private static Point2D centre(Node node) {
        Bounds bounds = node.localToScreen(node.getLayoutBounds());
        return new Point2D(bounds.getCenterX(), bounds.getCenterY());
    }

    static void press(FxRobot robot, String square) {
        robot.clickOn(at(robot, square));
    }

    static void drag(FxRobot robot, String from, String to) {
        robot.moveTo(at(robot, from)).press(MouseButton.PRIMARY);
        robot.moveTo(at(robot, to)).release(MouseButton.PRIMARY);
    }

    static Point2D at(FxRobot robot, String square) {
        BoardView board = robot.lookup("#board").query();
        return board.localToScreen(board.centreOf(Square.parse(square)));
    }

    static void until(Callable<Boolean> condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(
                PATIENCE,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(() -> holds(condition)).get(20, TimeUnit.SECONDS));
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** A condition on something that is not in the window yet does not hold yet. */
    private static boolean holds(Callable<Boolean> condition) throws Exception {
        try {
            return condition.call();
        } catch (EmptyNodeQueryException e) {
            return false;
        }
    }
}
