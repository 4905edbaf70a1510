package org.zeroply.desktop.solve;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.DefenceTask;
import org.zeroply.coach.exercise.HoldGame;
import org.zeroply.coach.planning.TurnedExercise;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LinePlayer;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.store.Assignment;
import org.zeroply.library.store.Attempt;
import org.zeroply.library.store.MarkedSheets;
import org.zeroply.library.store.SheetStore;
import org.zeroply.library.store.Student;

/** The starting position only, a clock, rows of moves with verdicts, and a final commit. */
final class SolvePage extends VBox {

    /** Where in the desk the paper lies. */
    private static final int MIDDLE = 2;

    private final Services services;
    private final Clock clock;
    private final Runnable boardChanged;
    private final TreeSession session = new TreeSession();
    private final TaskChooser chooser;
    private final AnswerDraft draft;
    private final Label prompt = Widgets.label("", "prompt");
    private final Label time = Widgets.label("0:00", "clock");
    private final ComboBox<Blindfold> blindfold = new ComboBox<>();
    private final AnswerRows rows = new AnswerRows(this::problem, this::saveDraft);
    private final Button begin = Widgets.button("begin", "Begin", this::begin);
    private final Button onPaper = Widgets.button("on-paper", "Worked on paper", this::markByHand);
    private final Button next = Widgets.button("next-exercise", "Next exercise", this::next);
    private final Label summary = Widgets.label("", "faded");
    private final Button add = Widgets.button("add-row", "New row", () -> rows.add("", true));
    private final Button commit = Widgets.button("commit", "Commit, final", this::commit);
    private final ScrollPane paper = new ScrollPane(rows);
    private final MarkedSheetView marked;
    private final Timeline ticking =
            new Timeline(new KeyFrame(Duration.seconds(1), e -> showTime()));
    private final ReadOnlyObjectWrapper<Boolean> hidden = new ReadOnlyObjectWrapper<>(false);
    private final SolveSession sitting = new SolveSession();
    private final HoldModel hold;
    private final Label holding = Widgets.wrapped("", "drill-asked");
    private Optional<SolveModel> model = Optional.empty();
    private String attemptScheme = "";

    /**
     * @param boardChanged called when the board begins or ends to be played on
     */
    SolvePage(Services services, Clock clock, Runnable boardChanged) {
        super(8);
        this.services = services;
        this.clock = clock;
        this.boardChanged = boardChanged;
        this.draft = new AnswerDraft(services);
        this.marked = new MarkedSheetView(this::play);
        this.chooser =
                new TaskChooser(services, clock, this::prepare, this::newSitting, this::isSolving);
        this.hold = new HoldModel(services, session, this::held);
        holding.setId("hold-message");
        holding.textProperty().bind(hold.messageProperty());
        blindfold.setId("solve-blindfold");
        blindfold.setAccessibleText("How long the position is shown");
        blindfold.getItems().addAll(Blindfold.values());
        blindfold.setValue(Blindfold.NEVER);
        summary.setId("sitting");
        prompt.setWrapText(true);
        prompt.setMinHeight(Region.USE_PREF_SIZE);
        paper.setFitToWidth(true);
        paper.getStyleClass().add("paper");
        ticking.setCycleCount(Animation.INDEFINITE);
        VBox.setVgrow(paper, Priority.ALWAYS);
        time.setId("solve-clock");
        getChildren()
                .addAll(
                        Widgets.row(chooser.exercise(), chooser.student(), Widgets.spacer(), time),
                        prompt,
                        paper,
                        Widgets.row(add, onPaper, blindfold, summary));
        prepare();
    }

    /** What the page is for at its stage: to begin, to commit, to go on. */
    HBox actions() {
        HBox box = new HBox(begin, commit, next);
        for (Button button : List.of(begin, commit, next)) {
            button.getStyleClass().add("primary");
            button.managedProperty().bind(button.visibleProperty());
        }
        stage();
        return box;
    }

    private void stage() {
        boolean marking = marked.getParent() != null;
        boolean solving = model.filter(m -> m.stage() == SolveModel.Stage.SOLVING).isPresent();
        next.setVisible(marking);
        commit.setVisible(solving);
        begin.setVisible(!solving && !marking);
    }

    private void newSitting() {
        sitting.begin();
        summary.setText("");
    }

    private boolean isSolving() {
        return model.filter(m -> m.stage() == SolveModel.Stage.SOLVING).isPresent();
    }

    /** Chooses an exercise, when the desk is next shown. */
    void choose(long id) {
        chooser.choose(id);
    }

    private void prepare() {
        ticking.stop();
        hold.stop();
        model = Optional.empty();
        put(paper);
        rows.setDisable(false);
        rows.clear();
        commit.setText("Commit, final");
        hidden.set(false);
        time.setText("0:00");
        add.setDisable(true);
        commit.setDisable(true);
        toolsForSolving(true);
        SolveTask row = chooser.exercise().getValue();
        Student who = chooser.student().getValue();
        begin.setDisable(row == null || who == null);
        onPaper.setDisable(row == null || who == null);
        if (row == null || who == null) {
            prompt.setText("Choose an exercise and who solves it. The clock starts with Begin.");
            return;
        }
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(row.exercise()),
                        tree ->
                                ready(
                                        TurnedExercise.of(tree, row.clothes()).orElse(tree),
                                        row,
                                        who));
    }

    private void ready(MoveTree tree, SolveTask row, Student who) {
        SolveModel next = new SolveModel(tree, row.exercise(), row.title(), who, clock);
        model = Optional.of(next);
        attemptScheme = PgnWriter.write(tree);
        prompt.setText(
                next.exercise().prompt()
                        + "  ("
                        + next.exercise().minutes()
                        + " minutes, "
                        + next.exercise().maxPoints()
                        + " points, about "
                        + Math.round(chooser.expectedPoints(row, who))
                        + " to be expected)");
        session.open(new MoveTree(tree.start()), OptionalLong.empty());
    }

    private void begin() {
        model.filter(m -> m.stage() == SolveModel.Stage.READY)
                .ifPresent(
                        m -> {
                            m.begin(blindfold.getValue().shown());
                            stage();
                            begin.setDisable(true);
                            onPaper.setDisable(true);
                            blindfold.setDisable(true);
                            add.setDisable(false);
                            commit.setDisable(false);
                            rows.add("", true);
                            ticking.playFromStart();
                            assigned(a -> services.library().assignments().opened(a.id()));
                            if (isHolding(m)) {
                                beginHolding(m);
                            } else {
                                draft.restore(m, this::restore);
                            }
                        });
    }

    private static boolean isHolding(SolveModel m) {
        return DefenceTask.of(m.exercise().scheme()).equals(Optional.of(DefenceTask.HOLD));
    }

    /** Moves are played on the board instead of written down; committing ends it early. */
    private void beginHolding(SolveModel m) {
        put(holding);
        add.setDisable(true);
        hold.begin(m.exercise(), clock.millis());
        boardChanged.run();
    }

    /** Whether moves are played on the board just now. */
    boolean isPlaying() {
        return hold.game().isPresent();
    }

    private void held(HoldGame game) {
        SolveModel m = model.orElseThrow();
        ticking.stop();
        hold.stop();
        boardChanged.run();
        int seconds = m.commit();
        commit.setDisable(true);
        hidden.set(false);
        services.scheduler()
                .library(
                        () -> {
                            Attempt attempt = m.held(game, seconds);
                            services.library().attempts().add(attempt);
                            return attempt;
                        },
                        this::showMarked)
                .otherwise(
                        () -> {
                            m.reopen();
                            commit.setDisable(false);
                            stage();
                        });
    }

    private void restore(String unfinished) {
        if (rows.answer().isEmpty()) {
            rows.clear();
            unfinished.lines().forEach(l -> rows.add(l, false));
            services.messages().say("The unfinished answer is back.");
        }
    }

    private void saveDraft() {
        model.ifPresent(m -> draft.save(m, rows.answer()));
    }

    private Optional<String> problem(String row) {
        return model.flatMap(m -> m.problem(row));
    }

    private void showTime() {
        model.ifPresent(
                m -> {
                    long seconds = m.elapsed().toSeconds();
                    boolean over = seconds > m.exercise().minutes() * 60L;
                    String clockText = String.format("%d:%02d", seconds / 60, seconds % 60);
                    if (over && !time.getText().endsWith(")")) {
                        services.messages()
                                .say("The time is up; go on and commit when you are ready.");
                    }
                    time.setText(over ? clockText + " (time is up)" : clockText);
                    hidden.set(m.isHidden());
                });
    }

    private void commit() {
        SolveModel m = model.orElseThrow();
        if (m.stage() != SolveModel.Stage.SOLVING) {
            return;
        }
        if (isHolding(m)) {
            hold.game()
                    .filter(g -> !g.losses().isEmpty())
                    .ifPresentOrElse(
                            this::held, () -> services.messages().say("Make a move first."));
            return;
        }
        ticking.stop();
        String answer = rows.answer();
        int seconds = m.commit();
        commit.setDisable(true);
        add.setDisable(true);
        rows.setDisable(true);
        hidden.set(false);
        services.scheduler()
                .longWork(
                        "Marking",
                        (cancellation, progress) -> {
                            Attempt attempt =
                                    m.mark(answer, seconds, services.marking(), cancellation);
                            services.library().attempts().add(attempt);
                            services.library().settings().put(m.draftName(), "");
                            return attempt;
                        },
                        this::showMarked)
                .otherwise(() -> notMarked(m));
    }

    /** What was committed is not lost when marking it fails: it can be committed once more. */
    private void notMarked(SolveModel m) {
        m.reopen();
        commit.setDisable(false);
        add.setDisable(false);
        rows.setDisable(false);
        stage();
        services.messages()
                .say("The answer was not marked; it is still here. Commit it once more.");
    }

    private void showMarked(Attempt attempt) {
        put(marked);
        sitting.add(attempt);
        assigned(a -> services.library().assignments().done(a.id(), attempt.uuid()));
        summary.setText(sitting.summary());
        toolsForSolving(false);
        marked.show(MarkedSheets.read(attempt.marked()), attempt.rulings(), attempt.seconds());
        marked.requestFocus();
        services.messages()
                .say(attempt.points() + " of " + attempt.max() + " points; kept in the log.");
    }

    /** Puts the paper, the marked sheet, or the items to tick into the middle of the desk. */
    private void put(Region middle) {
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().set(MIDDLE, middle);
    }

    /** While somebody solves, there are rows to add; afterwards, the next exercise. */
    private void toolsForSolving(boolean solving) {
        for (Control control : List.of(add, onPaper, blindfold)) {
            control.setVisible(solving);
            control.setManaged(solving);
        }
        blindfold.setDisable(false);
        stage();
    }

    /** Ticks what a solution on paper has. */
    private void markByHand() {
        model.filter(m -> m.stage() == SolveModel.Stage.READY)
                .ifPresent(
                        m -> {
                            add.setDisable(true);
                            begin.setDisable(true);
                            put(new SelfMarkView(m.exercise(), t -> keep(m, t)));
                        });
    }

    private void keep(SolveModel m, SelfMarkView.Ticks ticks) {
        services.scheduler()
                .library(
                        () -> {
                            Attempt attempt =
                                    m.byHand(ticks.items(), ticks.verdictRight(), ticks.seconds());
                            services.library().attempts().add(attempt);
                            return attempt;
                        },
                        this::showMarked);
    }

    /** The next exercise of the list that this student has not tried in this sitting. */
    private void next() {
        List<SolveTask> all = chooser.exercise().getItems();
        int from = all.indexOf(chooser.exercise().getValue());
        for (int i = 1; i < all.size(); i++) {
            SolveTask row = all.get((from + i) % all.size());
            if (!sitting.hasTried(row.exercise())) {
                chooser.exercise().setValue(row);
                return;
            }
        }
        services.messages().say("No exercise is left. " + sitting.summary());
    }

    private void play(String line) {
        String row = rows.answer().lines().findFirst().orElse("");
        LinePlayer.play(session, SheetStore.parse(attemptScheme), row, line);
    }

    TreeSession session() {
        return session;
    }

    ObservableValue<Boolean> boardHidden() {
        return hidden;
    }

    void shown() {
        if (!isSolving()) {
            chooser.shown();
        }
    }

    /** Does something about what the chosen task was assigned as, if it was. */
    private void assigned(Consumer<Assignment> work) {
        Optional.ofNullable(chooser.exercise().getValue())
                .flatMap(SolveTask::assignment)
                .ifPresent(
                        a ->
                                services.scheduler()
                                        .library(
                                                () -> {
                                                    work.accept(a);
                                                    return a;
                                                },
                                                done -> {}));
    }

    void flush() {
        saveDraft();
    }

    List<Command> commands() {
        return List.of(
                new Command("Begin", "", this::begin),
                new Command("New row", "", () -> rows.add("", true)),
                new Command("Worked on paper", "", this::markByHand),
                new Command("Next exercise", "", this::next));
    }
}
