package org.zeroply.desktop.exercises;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongConsumer;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Exercises: finding positions worth setting, marking schemes, and whether they are sound. */
public final class ExercisesDesk implements Desk {

    private static final String SCHEME = Texts.of("exercises.scheme");
    private static final String CHECK = Texts.of("exercises.check");
    private static final String FIND = Texts.of("exercises.find");
    private static final String PAPER = Texts.of("exercises.paper");

    private final Runnable boardChanged;
    private final SchemePage scheme;
    private final FindPage find;
    private final CheckPage check;
    private final PaperPage paper;
    private final PageSwitch pages = new PageSwitch(Texts.of("exercises.exercises"), this::turned);
    private final VBox content = new VBox();

    /**
     * @param solve called with the id of the exercise to solve
     * @param boardChanged called when another sheet comes on the board
     */
    public ExercisesDesk(Services services, LongConsumer solve, Runnable boardChanged) {
        this.boardChanged = boardChanged;
        scheme = new SchemePage(services, solve);
        services.drafts().showIn(scheme.session());
        find = new FindPage(services, this::open);
        check = new CheckPage(services, scheme, boardChanged);
        paper = new PaperPage(services);
        content.getStyleClass().add("desk");
        content.setId("exercises-desk");
        pages.add(SCHEME, scheme);
        pages.add(CHECK, check);
        pages.add(FIND, find);
        pages.add(PAPER, paper);
        pages.setPrimary(SCHEME, scheme.action());
        pages.lift(CHECK, "#soundness-check");
        pages.lift(FIND, "#find-set");
        pages.lift(PAPER, "#paper-save");
        content.getChildren().addAll(pages.row(), pages.place());
        pages.show(SCHEME);
    }

    private void turned(String name) {
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
        pages.show(SCHEME);
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("exercises.exercises");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return pages.isFront(FIND)
                ? find.session()
                : pages.isFront(CHECK) ? check.session() : scheme.session();
    }

    @Override
    public boolean isOpenBook() {
        return !pages.isFront(SCHEME) || scheme.session().id().isPresent();
    }

    @Override
    public void shown() {
        scheme.shown();
        if (pages.isFront(FIND)) {
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
        commands.add(new Command(Texts.of("exercises.type-a-move"), "Enter", this::typeMove));
        commands.add(new Command(Texts.of("exercises.draft-from-here"), "Shortcut+D", this::draft));
        commands.add(
                new Command(Texts.of("exercises.check-this-exercise"), "Shortcut+H", this::check));
        commands.add(new Command(Texts.of("exercises.set-the-find-as-exercise"), "", find::set));
        commands.add(new Command(Texts.of("exercises.put-the-find-away"), "", find::putAway));
        commands.add(
                new Command(Texts.of("exercises.save-sheet-and-solutions"), "", this::savePaper));
        if (pages.isFront(SCHEME)) {
            commands.addAll(scheme.candidates().commands());
        }
        return commands;
    }

    @Override
    public List<Command> choices() {
        return scheme.choices();
    }

    private void typeMove() {
        if (pages.isFront(SCHEME)) {
            scheme.annotations().typeMove();
        }
    }

    private void draft() {
        pages.show(SCHEME);
        scheme.draft();
    }

    private void savePaper() {
        pages.show(PAPER);
        paper.save();
    }

    private void check() {
        pages.show(CHECK);
        check.check();
    }
}
