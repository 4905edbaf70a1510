package org.zeroply.desktop.solve;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Solve: an exercise on paper, the ladder of seeing ahead, and solutions for a whole room. */
public final class SolveDesk implements Desk {

    private static final String ANSWER = "Answer";
    private static final String LADDER = "Ladder";
    private static final String CLASSROOM = "Classroom";

    private final Runnable boardChanged;
    private final SolvePage exercise;
    private final LadderPage ladder;
    private final ClassroomPage classroom;
    private final PageSwitch pages = new PageSwitch("Solve", this::show);
    private final VBox place = new VBox();
    private final VBox content = new VBox();
    private final SimpleObjectProperty<Boolean> hidden = new SimpleObjectProperty<>(false);
    private String page = "";

    /**
     * @param boardChanged called when another sheet comes on the board
     */
    public SolveDesk(Services services, Clock clock, Runnable boardChanged) {
        this.boardChanged = boardChanged;
        exercise = new SolvePage(services, clock, boardChanged);
        ladder = new LadderPage(services);
        classroom = new ClassroomPage(services);
        content.getStyleClass().add("desk");
        content.setId("solve-desk");
        pages.add(ANSWER, exercise);
        pages.add(LADDER, ladder);
        pages.add(CLASSROOM, classroom);
        VBox.setVgrow(place, Priority.ALWAYS);
        content.getChildren().addAll(pages.row(), place);
        show(ANSWER);
    }

    private void show(String name) {
        page = name;
        pages.mark(name);
        place.getChildren().setAll(pages.page(name));
        hidden.unbind();
        if (name.equals(ANSWER)) {
            hidden.bind(exercise.boardHidden());
        } else {
            hidden.set(false);
        }
        boardChanged.run();
    }

    /** Chooses an exercise, when the desk is next shown. */
    public void choose(long id) {
        exercise.choose(id);
        show(ANSWER);
    }

    @Override
    public String name() {
        return "Solve";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return switch (page) {
            case LADDER -> ladder.session();
            case CLASSROOM -> classroom.session();
            default -> exercise.session();
        };
    }

    @Override
    public ObservableValue<Boolean> boardHidden() {
        return hidden;
    }

    @Override
    public boolean isOpenBook() {
        return false;
    }

    @Override
    public boolean isMovable() {
        return page.equals(ANSWER) && exercise.isPlaying();
    }

    @Override
    public void shown() {
        exercise.shown();
        ladder.shown();
        classroom.shown();
    }

    @Override
    public void flush() {
        exercise.flush();
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.addAll(exercise.commands());
        commands.add(new Command("Next question of the ladder", "", ladder::begin));
        commands.add(new Command("Reveal the next move", "Page_Down", classroom::reveal));
        commands.add(new Command("Hide the last move again", "Page_Up", classroom::back));
        return commands;
    }
}
