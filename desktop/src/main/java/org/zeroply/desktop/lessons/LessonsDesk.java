package org.zeroply.desktop.lessons;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Lessons: planned step by step, given to a class, learnt alone, and what was answered. */
public final class LessonsDesk implements Desk {

    private static final String PLAN = Texts.of("lessons.plan");
    private static final String GIVE = Texts.of("lessons.give");
    private static final String ALONE = Texts.of("lessons.alone");
    private static final String RECORD = Texts.of("lessons.record");

    private final Runnable boardChanged;
    private final LessonsModel model;
    private final DraftModel drafts;
    private final Dialogs dialogs;
    private final GivingModel giving;
    private final PlanPage plan;
    private final GivePage give;
    private final AlonePage alone;
    private final RecordPage record;
    private final PageSwitch pages = new PageSwitch(Texts.of("lessons.lessons"), this::turned);
    private final VBox content = new VBox();
    private Optional<Side> seen = Optional.empty();

    /**
     * @param shower shows a lesson to a room
     * @param setUp lets a position be changed by hand
     * @param boardChanged called when another board comes to the front
     */
    public LessonsDesk(
            Services services,
            Dialogs dialogs,
            Clock clock,
            ClassroomPage.Shower shower,
            StepEditor.SetsUp setUp,
            Runnable boardChanged) {
        this.boardChanged = boardChanged;
        this.dialogs = dialogs;
        model = new LessonsModel(services);
        giving = new GivingModel(services, clock, model.trail());
        drafts = new DraftModel(services, model);
        plan = new PlanPage(services, model, this::draft, setUp);
        give = new GivePage(giving, shower, services.messages());
        AnswersModel answers = new AnswersModel(services);
        alone = new AlonePage(services.messages(), answers, clock, () -> turnBoard(ALONE));
        record = new RecordPage(services.messages(), answers, model);
        content.getStyleClass().add("desk");
        content.setId("lessons-desk");
        pages.add(PLAN, plan);
        pages.add(GIVE, give);
        pages.add(ALONE, alone);
        pages.add(RECORD, record);
        pages.setPrimary(PLAN, plan.give(this::begin));
        pages.setPrimary(GIVE, give.action());
        give.action().getStyleClass().add("primary");
        pages.setPrimary(ALONE, alone.action());
        content.getChildren().addAll(pages.row(), pages.place());
        pages.show(PLAN);
        model.revisionProperty().addListener(o -> turnBoard(PLAN));
        giving.stepsProperty().addListener(o -> turnBoard(GIVE));
    }

    /** A step that is seen from another side than the one before turns the board. */
    private void turnBoard(String page) {
        Optional<Side> side = seenFrom();
        if (pages.isFront(page) && !side.equals(seen)) {
            seen = side;
            boardChanged.run();
        }
    }

    private void turned(String name) {
        if (!name.equals(PLAN)) {
            plan.flush();
        }
        if (name.equals(RECORD)) {
            record.shown();
        } else if (name.equals(ALONE)) {
            alone.begin(model.id(), model.lesson());
        }
        seen = seenFrom();
        boardChanged.run();
    }

    /** Asks what a lesson is to be about, and drafts it. */
    public void draft() {
        DraftPane pane = new DraftPane(drafts::draft, dialogs::close);
        dialogs.show(pane);
        pane.begin();
        drafts.suggestions(pane::offer);
    }

    /** Gives the open lesson from the chosen step on. */
    private void begin() {
        model.lesson().ifPresent(l -> giving.begin(model.id().orElseThrow(), l, model.place()));
        pages.show(GIVE);
    }

    /** Opens a lesson of the library. */
    public void open(long id) {
        model.open(id);
        pages.show(PLAN);
    }

    /** Adds a step to the open lesson, at its end. */
    public void bring(LessonStep step) {
        model.bring(step);
    }

    /** The model, for pictures. */
    public LessonsModel model() {
        return model;
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("lessons.lessons");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return pages.isFront(GIVE)
                ? give.session()
                : pages.isFront(ALONE) ? alone.session() : model.session();
    }

    @Override
    public boolean isOpenBook() {
        return !pages.isFront(ALONE);
    }

    @Override
    public boolean isMovable() {
        return pages.isFront(ALONE) ? alone.isMovable() : isOpenBook();
    }

    @Override
    public Optional<Side> seenFrom() {
        return pages.isFront(PLAN)
                ? model.step().map(LessonStep::seenFrom)
                : pages.isFront(GIVE) ? give.seenFrom() : alone.seenFrom();
    }

    @Override
    public void pressed(int square) {
        if (pages.isFront(ALONE)) {
            alone.pressed(square);
        } else if (pages.isFront(GIVE)) {
            give.pressed(square);
        }
    }

    @Override
    public Set<KeyCode> shownKeys() {
        return pages.isFront(GIVE)
                ? Set.of(KeyCode.PAGE_UP, KeyCode.PAGE_DOWN, KeyCode.SPACE)
                : Set.of();
    }

    @Override
    public boolean stepBack() {
        return pages.isFront(GIVE) && give.toStep();
    }

    @Override
    public void undo() {
        model.undo();
    }

    @Override
    public void redo() {
        model.redo();
    }

    @Override
    public void shown() {
        model.reload();
        turned(pages.front());
    }

    @Override
    public void flush() {
        plan.flush();
    }

    @Override
    public void setPalette(Palette palette) {
        plan.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(
                new Command(
                        Texts.of("lessons.new-lesson"),
                        "",
                        () -> model.create(Texts.of("lessons.a-new-lesson"))));
        commands.add(new Command(Texts.of("lessons.draft-a-lesson"), "Shortcut+D", this::draft));
        commands.add(new Command(Texts.of("lessons.give-the-lesson"), "Shortcut+G", this::begin));
        if (pages.isFront(GIVE)) {
            commands.add(
                    new Command(Texts.of("lessons.reveal-the-next"), "Page Down", give::reveal));
            commands.add(new Command(Texts.of("lessons.reveal-one-more"), "Space", give::reveal));
            commands.add(
                    new Command(Texts.of("lessons.hide-the-last-again"), "Page Up", give::back));
            commands.addAll(give.commands());
        } else if (pages.isFront(PLAN)) {
            commands.add(
                    new Command(
                            Texts.of("lessons.type-a-move"),
                            "Enter",
                            plan.annotations()::typeMove));
            commands.add(
                    new Command(
                            Texts.of("lessons.move-the-step-up"), "Alt+Up", () -> plan.shift(-1)));
            commands.add(
                    new Command(
                            Texts.of("lessons.move-the-step-down"),
                            "Alt+Down",
                            () -> plan.shift(1)));
            commands.add(Command.of(Texts.of("lessons.handout-of-the-lesson"), plan::save));
            commands.add(Command.of(Texts.of("lessons.remove-the-lesson"), plan::remove));
        }
        commands.add(Command.of(Texts.of("lessons.lesson-whole-screen"), give::here));
        commands.add(Command.of(Texts.of("lessons.lesson-second-window"), give::apart));
        return commands;
    }

    @Override
    public List<Command> choices() {
        return plan.choices();
    }
}
