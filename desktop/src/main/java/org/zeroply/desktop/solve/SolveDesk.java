package org.zeroply.desktop.solve;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.lessons.ClassroomModel;
import org.zeroply.desktop.lessons.ClassroomPage;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Solve: an exercise on paper, the ladder of seeing ahead, and solutions for a whole room. */
public final class SolveDesk implements Desk {

    private static final String ANSWER = Texts.of("solve.answer");
    private static final String LADDER = Texts.of("solve.ladder");
    private static final String CLASSROOM = Texts.of("solve.classroom");

    private final Runnable boardChanged;
    private final SolvePage exercise;
    private final LadderPage ladder;
    private final TreeSession lesson = new TreeSession();
    private final LineChooser lessonLine;
    private final ClassroomPage classroom;
    private final Clock clock;
    private final PageSwitch pages = new PageSwitch(Texts.of("solve.solve"), this::turned);
    private final VBox content = new VBox();
    private final SimpleObjectProperty<Boolean> hidden = new SimpleObjectProperty<>(false);

    /**
     * @param shower shows lessons to a room
     * @param boardChanged called when another sheet comes on the board
     */
    public SolveDesk(
            Services services, Clock clock, ClassroomPage.Shower shower, Runnable boardChanged) {
        this.boardChanged = boardChanged;
        this.clock = clock;
        exercise = new SolvePage(services, clock, boardChanged);
        ladder = new LadderPage(services);
        lessonLine = new LineChooser(services, "classroom-line");
        classroom = new ClassroomPage(lesson, shower);
        classroom.getChildren().add(0, lessonLine);
        content.getStyleClass().add("desk");
        content.setId("solve-desk");
        pages.add(ANSWER, exercise);
        pages.add(LADDER, ladder);
        pages.add(CLASSROOM, classroom);
        pages.setPrimary(ANSWER, exercise.actions());
        pages.lift(LADDER, "#ladder-begin");
        pages.setPrimary(
                CLASSROOM,
                Widgets.primary(
                        "lesson-begin", Texts.of("solve.show-the-exercise"), this::showExercise));
        content.getChildren().addAll(pages.row(), pages.place());
        pages.show(ANSWER);
    }

    private void turned(String name) {
        hidden.unbind();
        if (name.equals(ANSWER)) {
            hidden.bind(exercise.boardHidden());
        } else {
            hidden.set(false);
        }
        boardChanged.run();
    }

    private void showExercise() {
        lessonLine.tree(
                tree -> {
                    lesson.open(tree, OptionalLong.empty());
                    classroom.begin(new ClassroomModel(tree.root(), tree, clock));
                    boardChanged.run();
                });
    }

    /** Shows a position and what goes on from it; the sheet itself is left alone. */
    public ClassroomModel teach(Node from, MoveTree tree) {
        MoveTree copy = tree.copy();
        Node twin = copy.follow(MoveTree.address(from));
        lesson.open(copy, OptionalLong.empty());
        ClassroomModel shown = new ClassroomModel(twin, copy, clock);
        classroom.begin(shown);
        pages.show(CLASSROOM);
        return shown;
    }

    /** Chooses an exercise, when the desk is next shown. */
    public void choose(long id) {
        exercise.choose(id);
        pages.show(ANSWER);
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("solve.solve");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        if (pages.isFront(LADDER)) {
            return ladder.session();
        }
        return pages.isFront(CLASSROOM) ? lesson : exercise.session();
    }

    @Override
    public ObservableValue<Boolean> boardHidden() {
        return hidden;
    }

    @Override
    public Set<KeyCode> shownKeys() {
        return pages.isFront(CLASSROOM)
                ? Set.of(KeyCode.PAGE_UP, KeyCode.PAGE_DOWN, KeyCode.SPACE)
                : Set.of();
    }

    @Override
    public Optional<Side> seenFrom() {
        return Optional.of(session().tree().start().sideToMove());
    }

    @Override
    public boolean isOpenBook() {
        return false;
    }

    @Override
    public boolean isMovable() {
        return pages.isFront(ANSWER) && exercise.isPlaying();
    }

    @Override
    public void shown() {
        exercise.shown();
        ladder.shown();
        lessonLine.shown();
    }

    @Override
    public void flush() {
        exercise.flush();
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.addAll(exercise.commands());
        commands.add(new Command(Texts.of("solve.next-question-of-the-ladder"), "", ladder::begin));
        if (pages.isFront(CLASSROOM)) {
            commands.add(
                    new Command(
                            Texts.of("solve.reveal-the-next-move"),
                            "Page Down",
                            classroom::reveal));
            commands.add(
                    new Command(Texts.of("solve.reveal-one-more"), "Space", classroom::reveal));
            commands.add(
                    new Command(
                            Texts.of("solve.hide-the-last-move-again"),
                            "Page Up",
                            classroom::back));
        }
        commands.add(Command.of(Texts.of("solve.classroom-whole-screen"), classroom::here));
        commands.add(Command.of(Texts.of("solve.classroom-second-window"), classroom::apart));
        return commands;
    }
}
