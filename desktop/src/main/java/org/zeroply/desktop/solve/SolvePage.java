package org.zeroply.desktop.solve;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
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
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.MarkedSheets;

/** The starting position only, a clock, rows of moves with verdicts, and a final commit. */
final class SolvePage extends VBox {

    /** Where in the desk the paper lies. */
    private static final int MIDDLE = 2;

    private final Services services;
    private final SittingModel model;
    private final TaskChooser chooser;
    private final Label prompt = Widgets.label("", "prompt");
    private final Label time = Widgets.label("0:00", "clock");
    private final ComboBox<Blindfold> blindfold = new ComboBox<>();
    private final AnswerRows rows;
    private final Button begin = Widgets.button("begin", Texts.of("solve.begin"), this::begin);
    private final Button onPaper;
    private final Button next =
            Widgets.button("next-exercise", Texts.of("solve.next-exercise"), this::next);
    private final Label summary = Widgets.label("", "faded");
    private final Button add = Widgets.button("add-row", Texts.of("solve.new-row"), this::newRow);
    private final Button commit =
            Widgets.button("commit", Texts.of("solve.commit-final"), this::commit);
    private final ScrollPane paper;
    private final MarkedSheetView marked = new MarkedSheetView(this::play);
    private final Timeline ticking;
    private final Label holding = Widgets.wrapped("", "drill-asked");

    /**
     * @param boardChanged called when the board begins or ends to be played on
     */
    SolvePage(Services services, Clock clock, Runnable boardChanged) {
        super(8);
        this.services = services;
        model = new SittingModel(services, clock);
        rows = new AnswerRows(model::problem, this::flush);
        paper = new ScrollPane(rows);
        onPaper = Widgets.button("on-paper", Texts.of("solve.worked-on-paper"), model::onPaper);
        chooser =
                new TaskChooser(
                        services,
                        clock,
                        this::prepare,
                        model::newSitting,
                        () -> model.stageProperty().get().isSolving());
        ticking = new Timeline(new KeyFrame(Duration.seconds(1), e -> model.tick()));
        ticking.setCycleCount(Animation.INDEFINITE);
        holding.setId("hold-message");
        holding.textProperty().bind(model.holdMessageProperty());
        blindfold.setId("solve-blindfold");
        blindfold.setAccessibleText(Texts.of("solve.how-long-the-position-is"));
        blindfold.getItems().addAll(Blindfold.values());
        blindfold.setValue(Blindfold.NEVER);
        summary.setId("sitting");
        summary.textProperty().bind(model.summaryProperty());
        prompt.setWrapText(true);
        prompt.setMinHeight(Region.USE_PREF_SIZE);
        prompt.textProperty().bind(model.promptProperty());
        paper.setFitToWidth(true);
        paper.getStyleClass().add("paper");
        time.setId("solve-clock");
        time.textProperty().bind(model.timeProperty());
        getChildren()
                .addAll(
                        Widgets.row(chooser.exercise(), chooser.student(), Widgets.spacer(), time),
                        prompt,
                        paper,
                        Widgets.row(add, onPaper, blindfold, summary));
        model.stageProperty()
                .addListener(
                        (o, was, is) -> {
                            stage(is);
                            boardChanged.run();
                        });
        prepare();
        stage(model.stageProperty().get());
    }

    /** What the page is for at its stage: to begin, to commit, to go on. */
    HBox actions() {
        HBox box = new HBox(begin, commit, next);
        for (Button button : List.of(begin, commit, next)) {
            button.getStyleClass().add("primary");
            button.managedProperty().bind(button.visibleProperty());
        }
        return box;
    }

    private void stage(SittingModel.Stage stage) {
        boolean writing = stage == SittingModel.Stage.WRITING;
        boolean ready = stage == SittingModel.Stage.READY;
        boolean over = stage == SittingModel.Stage.MARKED;
        boolean asked = stage.isSolving() || stage == SittingModel.Stage.COMMITTED;
        next.setVisible(over);
        commit.setVisible(asked);
        commit.setDisable(!stage.isSolving());
        begin.setVisible(!asked && !over);
        begin.setDisable(!ready);
        onPaper.setDisable(!ready);
        blindfold.setDisable(asked);
        add.setDisable(!writing);
        // What was committed is not lost when marking fails, but it is not changed either.
        rows.setDisable(stage == SittingModel.Stage.COMMITTED);
        for (Control control : List.of(add, onPaper, blindfold)) {
            control.setVisible(!over);
            control.setManaged(!over);
        }
        if (stage.isSolving()) {
            ticking.playFromStart();
        } else {
            ticking.stop();
        }
        switch (stage) {
            case HOLDING -> put(holding);
            case TICKING ->
                    put(
                            new SelfMarkView(
                                    model.exercise().orElseThrow(),
                                    t -> model.ticked(t.items(), t.verdictRight(), t.seconds())));
            case MARKED -> showMarked(model.markedProperty().get().orElseThrow());
            case COMMITTED -> {}
            default -> put(paper);
        }
    }

    /** Puts the paper, the marked sheet, or the items to tick into the middle of the desk. */
    private void put(Region middle) {
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().set(MIDDLE, middle);
    }

    private void showMarked(Attempt attempt) {
        put(marked);
        marked.show(
                MarkedSheets.read(attempt.marking().sheet()),
                attempt.marking().rulings(),
                attempt.work().seconds());
        marked.requestFocus();
    }

    /** Chooses an exercise, when the desk is next shown. */
    void choose(long id) {
        chooser.choose(id);
    }

    private void prepare() {
        rows.clear();
        Optional<SolveTask> task = Optional.ofNullable(chooser.exercise().getValue());
        model.take(
                task,
                Optional.ofNullable(chooser.student().getValue()),
                task.map(chooser::expectedPoints).orElse(0.0));
    }

    private void begin() {
        model.begin(blindfold.getValue().shown(), this::restore);
        newRow();
    }

    private void newRow() {
        if (model.stageProperty().get() == SittingModel.Stage.WRITING) {
            rows.add("", true);
        }
    }

    private void restore(String unfinished) {
        if (rows.answer().isEmpty()) {
            rows.clear();
            unfinished.lines().forEach(l -> rows.add(l, false));
            services.messages().say(Texts.of("solve.the-unfinished-answer-is-back"));
        }
    }

    private void commit() {
        model.commit(rows.answer());
    }

    private void next() {
        model.next(chooser.exercise().getItems()).ifPresent(chooser.exercise()::setValue);
    }

    private void play(String line) {
        model.play(rows.answer(), line);
    }

    /** Whether moves are played on the board just now. */
    boolean isPlaying() {
        return model.isPlaying();
    }

    TreeSession session() {
        return model.session();
    }

    ObservableValue<Boolean> boardHidden() {
        return model.hiddenProperty();
    }

    void shown() {
        if (!model.stageProperty().get().isSolving()) {
            chooser.shown();
        }
    }

    void flush() {
        model.keep(rows.answer());
    }

    List<Command> commands() {
        return List.of(
                new Command(Texts.of("solve.begin"), "", this::begin),
                new Command(Texts.of("solve.new-row"), "", this::newRow),
                new Command(Texts.of("solve.worked-on-paper"), "", model::onPaper),
                new Command(Texts.of("solve.next-exercise"), "", this::next));
    }
}
