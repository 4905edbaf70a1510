package org.zeroply.desktop.students;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.planning.WeekPlan;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.course.PlotView;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.print.ThemePlot;
import org.zeroply.library.store.Assignment;
import org.zeroply.library.store.LibraryResults;
import org.zeroply.library.store.Student;
import org.zeroply.library.store.StudentPlan;

/** What a student is to solve: assignments, a week proposed, and the strength in each theme. */
final class PlanView extends VBox {

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final int WEEK = 7;

    private final Services services;
    private final ObservableList<Assignment> assignments = FXCollections.observableArrayList();
    private final TableView<Assignment> table = new TableView<>(assignments);
    private final TextField minutes = new TextField("60");
    private final ComboBox<LibraryResults.Rated> exercise = new ComboBox<>();
    private final Label words = Widgets.wrapped("", "plain");
    private final VBox picture = new VBox(4);
    private Optional<StudentPlan> plan = Optional.empty();
    private Palette palette = Palette.PAPER;

    PlanView(Services services) {
        super(8);
        this.services = services;
        setId("plan");
        words.setId("plan-words");
        table.setId("plan-table");
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        Label empty =
                new Label(
                        "Nothing is assigned. Say how many minutes the week has, and press Propose"
                                + " a week.");
        empty.setWrapText(true);
        table.setPlaceholder(empty);
        Widgets.column(table, "Exercise", 210, Assignment::name);
        Widgets.column(table, "Due", 90, a -> DAY.format(LocalDate.ofEpochDay(a.dueDay())));
        Widgets.column(table, "Minutes", 62, a -> String.valueOf(a.minutes()));
        Widgets.column(table, "State", 74, a -> a.state().word());
        Widgets.column(table, "Why", 200, Assignment::reason);
        minutes.setId("plan-minutes");
        minutes.setPrefWidth(56);
        minutes.setAccessibleText("Minutes a week");
        exercise.setId("plan-exercise");
        exercise.setPromptText("An exercise");
        exercise.setAccessibleText("An exercise to assign");
        exercise.setPrefWidth(170);
        Widgets.texts(exercise, item -> item.title());
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(
                                minutes,
                                new Label("minutes"),
                                Widgets.button("plan-propose", "Propose a week", this::propose),
                                Widgets.spacer(),
                                exercise,
                                Widgets.button("plan-assign", "Assign", this::assign)),
                        words,
                        table,
                        Widgets.row(
                                Widgets.button("plan-earlier", "Earlier", () -> move(-1)),
                                Widgets.button("plan-later", "Later", () -> move(1)),
                                Widgets.button("plan-marked", "Gone through", this::goneThrough),
                                Widgets.spacer(),
                                Widgets.button("plan-remove", "Take out", this::remove)),
                        picture);
    }

    void setPalette(Palette chosen) {
        palette = chosen;
        plan.ifPresent(this::draw);
    }

    private static long today() {
        return LocalDate.now(ZoneId.systemDefault()).toEpochDay();
    }

    void show(Student student) {
        change(student, library -> {});
    }

    /** Changes something in the library, and shows how it is afterwards. */
    private void change(Student student, Consumer<Library> work) {
        services.background()
                .library(
                        () -> {
                            Library library = services.library();
                            work.accept(library);
                            return StudentPlan.of(
                                    student,
                                    LibraryResults.of(
                                            library.sheets(),
                                            library.students(),
                                            library.attempts(),
                                            today()),
                                    library.attempts(),
                                    library.assignments());
                        },
                        this::show);
    }

    private void change(Consumer<Library> work) {
        plan.ifPresent(p -> change(p.student(), work));
    }

    private void show(StudentPlan now) {
        Assignment before = table.getSelectionModel().getSelectedItem();
        plan = Optional.of(now);
        assignments.setAll(now.assignments());
        exercise.getItems().setAll(now.results().exercises());
        if (before != null) {
            int index = assignments.stream().map(Assignment::id).toList().indexOf(before.id());
            table.getSelectionModel().select(index);
        }
        long due = now.due().stream().filter(d -> d.day() <= today()).count();
        long open = now.assignments().stream().filter(Assignment::isOpen).count();
        words.setText(
                now.student().name()
                        + ": "
                        + open
                        + (open == 1 ? " exercise" : " exercises")
                        + " to solve; "
                        + due
                        + (due == 1
                                ? " that was missed is due again."
                                : " that were missed are due again."));
        draw(now);
    }

    private void draw(StudentPlan now) {
        picture.getChildren().clear();
        if (!now.themes().isEmpty()) {
            String says =
                    "Strength by theme, weakest first, with the range it is in 19 times of 20; the"
                            + " dashed line is all exercises together.";
            PlotView plot =
                    new PlotView(
                            "theme-plot",
                            new ThemePlot(now.results().student(now.student().id()), now.themes()),
                            palette,
                            says);
            picture.getChildren().addAll(Widgets.wrapped(says, "faded"), plot);
        }
    }

    private void propose() {
        String typed = minutes.getText().strip();
        if (!typed.matches("[1-9]\\d{0,3}") || plan.isEmpty()) {
            services.background().say("Say how many minutes the week has, such as 60.");
            return;
        }
        StudentPlan now = plan.get();
        int time = Integer.parseInt(typed);
        change(
                library -> {
                    List<WeekPlan.Item> week = now.propose(time, today());
                    for (int i = 0; i < week.size(); i++) {
                        WeekPlan.Item item = week.get(i);
                        long day = today() + 1 + (long) i * WEEK / week.size();
                        library.assignments()
                                .add(
                                        now.student().id(),
                                        item.exercise(),
                                        item.clothes(),
                                        day,
                                        item.minutes(),
                                        item.reason());
                    }
                    services.background()
                            .say(
                                    week.isEmpty()
                                            ? "Nothing fits: no exercise is due, and none is of the"
                                                    + " right hardness and untried."
                                            : "Proposed; change the week as you like.");
                });
    }

    private void assign() {
        LibraryResults.Rated chosen = exercise.getValue();
        if (chosen == null) {
            services.background().say("Choose an exercise first.");
            return;
        }
        long student = plan.orElseThrow().student().id();
        change(
                library ->
                        library.assignments()
                                .add(
                                        student,
                                        chosen.id(),
                                        Symmetry.SAME,
                                        today() + 1,
                                        chosen.minutes(),
                                        "chosen by the coach"));
    }

    private void chosen(Consumer<Assignment> use) {
        Assignment chosen = table.getSelectionModel().getSelectedItem();
        if (chosen == null) {
            services.background().say("Choose an assignment first.");
        } else {
            use.accept(chosen);
        }
    }

    private void move(int days) {
        chosen(a -> change(l -> l.assignments().due(a.id(), a.dueDay() + days)));
    }

    private void goneThrough() {
        chosen(
                a -> {
                    if (a.state() == Assignment.State.DONE) {
                        change(l -> l.assignments().marked(a.id()));
                    } else {
                        services.background().say("This is " + a.state().word() + ", not done.");
                    }
                });
    }

    private void remove() {
        chosen(a -> change(l -> l.assignments().remove(a.id())));
    }
}
