package org.zeroply.desktop.desk;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.session.Services;
import org.zeroply.desktop.session.SolveModel;
import org.zeroply.desktop.session.TreeSession;
import org.zeroply.library.store.Attempt;
import org.zeroply.library.store.MarkedSheets;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.SheetQuery;
import org.zeroply.library.store.SheetRow;
import org.zeroply.library.store.SheetStore;
import org.zeroply.library.store.Student;

/** Solve: the starting position only, a clock, rows of moves with verdicts, and a final commit. */
public final class SolveDesk implements Desk {

    private final Services services;
    private final Clock clock;
    private final TreeSession session = new TreeSession();
    private final ComboBox<SheetRow> exercise = new ComboBox<>();
    private final ComboBox<Student> student = new ComboBox<>();
    private final Label prompt = Widgets.label("", "prompt");
    private final Label time = Widgets.label("0:00", "clock");
    private final VBox rows = new VBox(6);
    private final List<Row> written = new ArrayList<>();
    private final Button begin = Widgets.button("begin", "Begin", this::begin);
    private final Button add = Widgets.button("add-row", "New row", () -> addRow("", true));
    private final Button commit = Widgets.button("commit", "Commit, final", this::commit);
    private final VBox content = new VBox();
    private final ScrollPane paper = new ScrollPane(rows);
    private final MarkedSheetView marked;
    private final Timeline ticking =
            new Timeline(new KeyFrame(Duration.seconds(1), e -> showTime()));
    private Optional<SolveModel> model = Optional.empty();
    private OptionalLong wanted = OptionalLong.empty();
    private String attemptScheme = "";

    public SolveDesk(Services services, Clock clock) {
        this.services = services;
        this.clock = clock;
        this.marked = new MarkedSheetView(this::play);
        content.getStyleClass().add("desk");
        content.setId("solve-desk");
        exercise.setId("solve-exercise");
        student.setId("solve-student");
        exercise.setPrefWidth(260);
        exercise.setPromptText("Choose an exercise");
        student.setPromptText("Who solves?");
        student.setPrefWidth(170);
        exercise.setCellFactory(v -> new TitleCell());
        exercise.setButtonCell(new TitleCell());
        student.setCellFactory(v -> new NameCell());
        student.setButtonCell(new NameCell());
        exercise.valueProperty().addListener(o -> prepare());
        student.valueProperty().addListener(o -> prepare());
        prompt.setWrapText(true);
        prompt.setMinHeight(Region.USE_PREF_SIZE);
        paper.setFitToWidth(true);
        paper.getStyleClass().add("paper");
        ticking.setCycleCount(Animation.INDEFINITE);
        VBox.setVgrow(paper, Priority.ALWAYS);
        VBox.setVgrow(marked, Priority.ALWAYS);
        time.setId("solve-clock");
        content.getChildren()
                .addAll(
                        Widgets.row(exercise, student, begin, Widgets.spacer(), time),
                        prompt,
                        paper,
                        Widgets.row(add, Widgets.spacer(), commit));
        prepare();
    }

    private static final class TitleCell extends ListCell<SheetRow> {
        @Override
        protected void updateItem(SheetRow item, boolean empty) {
            super.updateItem(item, empty);
            setText(empty || item == null ? null : item.title());
        }
    }

    private static final class NameCell extends ListCell<Student> {
        @Override
        protected void updateItem(Student item, boolean empty) {
            super.updateItem(item, empty);
            setText(empty || item == null ? null : item.name());
        }
    }

    /** One row of the answer, with what is wrong with it. */
    private final class Row extends VBox {
        private final TextField line = new TextField();
        private final ComboBox<String> verdict = new ComboBox<>();
        private final Label notice = Widgets.label("", "alarm");

        Row(int number, String text) {
            line.setId("row-" + number);
            line.setPromptText("Line " + number + ", as in 24.Rxe6 fxe6 25.Qg4");
            line.setAccessibleText("Line " + number);
            HBox.setHgrow(line, Priority.ALWAYS);
            verdict.setId("row-verdict-" + number);
            verdict.getItems().add("no verdict");
            for (Verdict v : Verdict.values()) {
                verdict.getItems().add(v.symbol());
            }
            verdict.setValue("no verdict");
            verdict.setMinWidth(120);
            notice.setId("row-notice-" + number);
            notice.setManaged(false);
            notice.setWrapText(true);
            int cut = text.lastIndexOf(' ');
            boolean judged = cut >= 0 && Verdict.ofSymbol(text.substring(cut + 1)).isPresent();
            line.setText(judged ? text.substring(0, cut) : text);
            verdict.setValue(judged ? text.substring(cut + 1) : "no verdict");
            line.textProperty().addListener(o -> changed());
            verdict.valueProperty().addListener(o -> changed());
            line.setOnAction(e -> addRow("", true));
            getChildren().addAll(new HBox(8, line, verdict), notice);
        }

        String text() {
            String v = verdict.getValue();
            return (line.getText().strip() + (v.startsWith("no") ? "" : " " + v)).strip();
        }

        private void changed() {
            // The word that is still being typed is not judged yet.
            String typed = line.getText();
            String complete =
                    typed.endsWith(" ")
                            ? typed
                            : typed.contains(" ") && typed.length() - typed.lastIndexOf(' ') < 3
                                    ? typed.substring(0, typed.lastIndexOf(' '))
                                    : typed.length() < 2 ? "" : typed;
            String problem = model.flatMap(m -> m.problem(complete)).orElse("");
            notice.setText(withoutHints(problem));
            notice.setManaged(!problem.isEmpty());
            saveDraft();
        }
    }

    /** The names of legal moves would help the solver: only that a move is wrong is told. */
    private static String withoutHints(String problem) {
        int hints = problem.indexOf("; possible:");
        boolean ambiguous = problem.contains("ambiguous");
        return hints < 0 || ambiguous ? problem : problem.substring(0, hints);
    }

    private void addRow(String text, boolean focus) {
        Row row = new Row(written.size() + 1, text);
        written.add(row);
        rows.getChildren().add(row);
        if (focus) {
            row.line.requestFocus();
        }
    }

    /** Chooses an exercise, when the desk is next shown. */
    public void choose(long id) {
        wanted = OptionalLong.of(id);
    }

    private void prepare() {
        ticking.stop();
        model = Optional.empty();
        content.getChildren().remove(marked);
        if (!content.getChildren().contains(paper)) {
            content.getChildren().add(2, paper);
        }
        rows.getChildren().clear();
        written.clear();
        time.setText("0:00");
        add.setDisable(true);
        commit.setDisable(true);
        SheetRow row = exercise.getValue();
        Student who = student.getValue();
        begin.setDisable(row == null || who == null);
        if (row == null || who == null) {
            prompt.setText("Choose an exercise and who solves it. The clock starts with Begin.");
            return;
        }
        services.background()
                .library(
                        () -> services.library().sheets().load(row.id()),
                        tree -> ready(tree, row, who));
    }

    private void ready(MoveTree tree, SheetRow row, Student who) {
        SolveModel next = new SolveModel(tree, row.id(), row.title(), who, clock);
        model = Optional.of(next);
        attemptScheme = PgnWriter.write(tree);
        prompt.setText(
                next.exercise().prompt()
                        + "  ("
                        + next.exercise().minutes()
                        + " minutes, "
                        + next.exercise().maxPoints()
                        + " points)");
        session.open(new MoveTree(tree.start()), OptionalLong.empty());
    }

    private void begin() {
        model.filter(m -> m.stage() == SolveModel.Stage.READY)
                .ifPresent(
                        m -> {
                            m.begin();
                            begin.setDisable(true);
                            add.setDisable(false);
                            commit.setDisable(false);
                            addRow("", true);
                            ticking.playFromStart();
                            restoreDraft(m);
                        });
    }

    private void restoreDraft(SolveModel m) {
        services.background()
                .library(
                        () -> services.library().settings().get(m.draftName()),
                        draft -> {
                            if (draft.isPresent() && answer().isEmpty()) {
                                rows.getChildren().clear();
                                written.clear();
                                draft.get().lines().forEach(l -> addRow(l, false));
                                services.background().say("The unfinished answer is back.");
                            }
                        });
    }

    private void saveDraft() {
        model.filter(m -> m.stage() == SolveModel.Stage.SOLVING)
                .ifPresent(
                        m -> {
                            String text = answer();
                            services.background()
                                    .library(
                                            () -> {
                                                services.library()
                                                        .settings()
                                                        .put(m.draftName(), text);
                                                return text;
                                            },
                                            done -> {});
                        });
    }

    private String answer() {
        return SolveModel.answer(written.stream().map(Row::text).toList());
    }

    private void showTime() {
        model.ifPresent(
                m -> {
                    long seconds = m.elapsed().toSeconds();
                    boolean over = seconds > m.exercise().minutes() * 60L;
                    String clockText = String.format("%d:%02d", seconds / 60, seconds % 60);
                    time.setText(over ? clockText + " (time is up)" : clockText);
                });
    }

    private void commit() {
        SolveModel m = model.orElseThrow();
        if (m.stage() != SolveModel.Stage.SOLVING) {
            return;
        }
        ticking.stop();
        String answer = answer();
        int seconds = m.commit();
        commit.setDisable(true);
        add.setDisable(true);
        written.forEach(r -> r.setDisable(true));
        services.background()
                .longWork(
                        "Marking",
                        (cancellation, progress) -> {
                            Attempt attempt =
                                    m.mark(answer, seconds, services.marking(), cancellation);
                            services.library().attempts().add(attempt);
                            services.library().settings().put(m.draftName(), "");
                            return attempt;
                        },
                        this::showMarked);
    }

    private void showMarked(Attempt attempt) {
        content.getChildren().remove(paper);
        content.getChildren().add(2, marked);
        marked.show(MarkedSheets.read(attempt.marked()), attempt.rulings(), attempt.seconds());
        services.background()
                .say(attempt.points() + " of " + attempt.max() + " points; kept in the log.");
    }

    private void play(String line) {
        String row =
                written.stream().map(Row::text).filter(t -> !t.isEmpty()).findFirst().orElse("");
        LinePlayer.play(session, SheetStore.parse(attemptScheme), row, line);
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
        return session;
    }

    @Override
    public boolean isOpenBook() {
        return false;
    }

    @Override
    public void shown() {
        if (model.filter(m -> m.stage() == SolveModel.Stage.SOLVING).isPresent()) {
            return;
        }
        services.background()
                .library(
                        () ->
                                new Choice(
                                        services.library()
                                                .sheets()
                                                .find(SheetQuery.all(SheetKind.EXERCISE)),
                                        services.library().students().all()),
                        this::offer);
    }

    private record Choice(List<SheetRow> exercises, List<Student> students) {}

    private void offer(Choice choice) {
        SheetRow before = exercise.getValue();
        long id = wanted.orElse(before == null ? -1 : before.id());
        wanted = OptionalLong.empty();
        Student who = student.getValue();
        exercise.setItems(FXCollections.observableArrayList(choice.exercises()));
        student.setItems(FXCollections.observableArrayList(choice.students()));
        choice.exercises().stream()
                .filter(r -> r.id() == id)
                .findFirst()
                .ifPresent(exercise::setValue);
        choice.students().stream()
                .filter(s -> who != null && s.id() == who.id())
                .findFirst()
                .ifPresent(student::setValue);
    }

    @Override
    public void flush() {
        saveDraft();
    }

    @Override
    public List<Command> commands() {
        return List.of(
                new Command("Begin", "", this::begin),
                new Command("New row", "", () -> addRow("", true)));
    }
}
