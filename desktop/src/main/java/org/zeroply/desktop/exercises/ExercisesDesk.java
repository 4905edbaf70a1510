package org.zeroply.desktop.exercises;

import java.util.ArrayList;
import java.util.List;
import java.util.function.LongConsumer;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Exercises: finding positions worth setting, marking schemes, and whether they are sound. */
public final class ExercisesDesk implements Desk {

    private static final String SCHEME = "Scheme";
    private static final String CHECK = "Check";
    private static final String FIND = "Find";
    private static final String PAPER = "Paper";

    private final Runnable boardChanged;
    private final SchemePage scheme;
    private final FindPage find;
    private final CheckPage check;
    private final PaperPage paper;
    private final PageSwitch pages = new PageSwitch("Exercises", this::show);
    private final VBox place = new VBox();
    private final VBox content = new VBox();
    private String page = SCHEME;

    /**
     * @param solve called with the id of the exercise to solve
     * @param boardChanged called when another sheet comes on the board
     */
    public ExercisesDesk(Services services, LongConsumer solve, Runnable boardChanged) {
        this.boardChanged = boardChanged;
        scheme = new SchemePage(services, solve);
        find = new FindPage(services, this::open);
        check = new CheckPage(services, scheme, boardChanged);
        paper = new PaperPage(services);
        content.getStyleClass().add("desk");
        content.setId("exercises-desk");
        pages.add(SCHEME, scheme);
        pages.add(CHECK, check);
        pages.add(FIND, find);
        pages.add(PAPER, paper);
        VBox.setVgrow(place, Priority.ALWAYS);
        pages.setPrimary(SCHEME, scheme.action());
        pages.lift(CHECK, "#soundness-check");
        pages.lift(FIND, "#find-set");
        pages.lift(PAPER, "#paper-save");
        content.getChildren().addAll(pages.row(), place);
        show(SCHEME);
    }

    private void show(String name) {
        page = name;
        pages.mark(name);
        place.getChildren().setAll(pages.page(name));
        if (name.equals(FIND)) {
            find.shown();
        } else if (name.equals(PAPER)) {
            scheme.flush();
            paper.shown();
        } else if (name.equals(CHECK)) {
            scheme.flush();
            check.shown();
        }
        boardChanged.run();
    }

    /** Opens an exercise of the library. */
    public void open(long id) {
        scheme.open(id);
        show(SCHEME);
    }

    @Override
    public String page() {
        return page;
    }

    @Override
    public void showPage(String name) {
        if (pages.has(name)) {
            show(name);
        }
    }

    @Override
    public String name() {
        return "Exercises";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return page.equals(FIND)
                ? find.session()
                : page.equals(CHECK) ? check.session() : scheme.session();
    }

    @Override
    public boolean isOpenBook() {
        return !page.equals(SCHEME) || scheme.session().id().isPresent();
    }

    @Override
    public void shown() {
        scheme.shown();
        if (page.equals(FIND)) {
            find.shown();
        }
    }

    @Override
    public void flush() {
        scheme.flush();
    }

    @Override
    public void setPalette(Palette palette) {
        scheme.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(new Command("Type a move", "Enter", this::typeMove));
        commands.add(new Command("Draft from here", "Shortcut+D", this::draft));
        commands.add(new Command("Check this exercise", "Shortcut+H", this::check));
        commands.add(new Command("Set the find as exercise", "", find::set));
        commands.add(new Command("Put the find away", "", find::putAway));
        commands.add(new Command("Save sheet and solutions", "", this::savePaper));
        if (page.equals(SCHEME)) {
            commands.addAll(scheme.candidates().commands());
        }
        return commands;
    }

    @Override
    public List<Command> choices() {
        return scheme.choices();
    }

    private void typeMove() {
        if (page.equals(SCHEME)) {
            scheme.annotations().typeMove();
        }
    }

    private void draft() {
        show(SCHEME);
        scheme.draft();
    }

    private void savePaper() {
        show(PAPER);
        paper.save();
    }

    private void check() {
        show(CHECK);
        check.check();
    }
}
