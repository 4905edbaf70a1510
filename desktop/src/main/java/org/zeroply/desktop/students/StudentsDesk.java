package org.zeroply.desktop.students;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.coach.exercise.Ruling;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LinePlayer;
import org.zeroply.desktop.solve.MarkedSheetView;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.store.Attempt;
import org.zeroply.library.store.MarkedSheets;
import org.zeroply.library.store.SheetStore;
import org.zeroply.library.store.Student;

/** Students: who they are, and the log of their attempts. */
public final class StudentsDesk implements Desk {

    /** Opens a game at one of its moves. */
    public interface GameOpener {
        /**
         * @param ply the move, 1-based
         */
        void open(long sheetId, int ply);
    }

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd  HH:mm").withZone(ZoneId.systemDefault());

    private static final String ATTEMPTS = "Attempts";
    private static final String STRENGTH = "Strength";
    private static final String FILE = "File";
    private static final String PLAN = "Plan";

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final ObservableList<Student> students = FXCollections.observableArrayList();
    private final ObservableList<Attempt> attempts = FXCollections.observableArrayList();
    private final TableView<Student> table = new TableView<>(students);
    private final TableView<Attempt> log = new TableView<>(attempts);
    private final TextField name = new TextField();
    private final TextField rating = new TextField();
    private final RulingsModel rulings;
    private final MarkedSheetView marked =
            new MarkedSheetView(this::play, Optional.of(new Decisions()));
    private final StudentFileView file;
    private final VBox place = new VBox(8);
    private final StrengthView strength;
    private final PlanView plan;
    private final PageSwitch pages = new PageSwitch("Students", this::showPage);
    private String page = ATTEMPTS;
    private final VBox content = new VBox();

    /**
     * @param opener opens a game at a move of it, to look at its review
     */
    public StudentsDesk(Services services, GameOpener opener) {
        this.services = services;
        strength = new StrengthView(services);
        plan = new PlanView(services);
        rulings = new RulingsModel(services, this::decided);
        file = new StudentFileView(services, session, opener);
        content.getStyleClass().add("desk");
        content.setId("students-desk");
        table.setId("students-table");
        table.setPrefHeight(150);
        table.setMinHeight(110);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(new Label("No students yet. Type a name and press Add."));
        Widgets.column(table, "Student", 260, Student::name);
        Widgets.column(table, "Rating", 80, s -> s.rating() == 0 ? "" : String.valueOf(s.rating()));
        table.getSelectionModel().selectedItemProperty().addListener((o, was, s) -> chosen(s));
        log.setId("attempts-table");
        log.setPrefHeight(170);
        log.setMinHeight(110);
        log.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        log.setPlaceholder(new Label("No attempts yet. Choose Solve to begin one."));
        Widgets.column(log, "When", 140, a -> WHEN.format(a.beganAt()));
        Widgets.column(log, "Exercise", 250, Attempt::title);
        Widgets.column(log, "Points", 90, a -> a.points() + " of " + a.max());
        Widgets.column(log, "Time", 70, a -> time(a.seconds()));
        Widgets.column(log, "Verdict", 70, a -> a.verdictRight() ? "right" : "wrong");
        log.getSelectionModel().selectedItemProperty().addListener((o, was, a) -> open(a));
        name.setId("student-name");
        name.setPromptText("Name");
        name.setAccessibleText("Name of the student");
        rating.setId("student-rating");
        rating.setPromptText("Rating");
        rating.setPrefWidth(80);
        rating.setAccessibleText("Rating of the student");
        VBox.setVgrow(marked, Priority.ALWAYS);
        VBox tries = new VBox(8, log, marked);
        pages.add(ATTEMPTS, tries);
        pages.add(PLAN, plan);
        pages.add(STRENGTH, strength);
        pages.add(FILE, file);
        content.getChildren()
                .addAll(
                        Widgets.row(
                                name,
                                rating,
                                Widgets.button("student-add", "Add", this::add),
                                Widgets.button("student-save", "Save changes", this::save)),
                        table,
                        pages.row(),
                        place);
        VBox.setVgrow(place, Priority.ALWAYS);
        showPage(ATTEMPTS);
    }

    private void showPage(String name) {
        page = name;
        pages.mark(name);
        place.getChildren().setAll(pages.page(name));
        if (name.equals(FILE)) {
            file.showOnBoard();
        } else if (name.equals(ATTEMPTS)) {
            open(log.getSelectionModel().getSelectedItem());
        } else {
            figures(table.getSelectionModel().getSelectedItem());
        }
    }

    /** Reads what the page in front tells of a student. */
    private void figures(Student student) {
        if (student != null && page.equals(STRENGTH)) {
            strength.show(student);
        } else if (student != null && page.equals(PLAN)) {
            plan.show(student);
        }
    }

    private static String time(int seconds) {
        return String.format("%d:%02d", seconds / 60, seconds % 60);
    }

    private void chosen(Student student) {
        if (student == null) {
            return;
        }
        name.setText(student.name());
        rating.setText(student.rating() == 0 ? "" : String.valueOf(student.rating()));
        file.show(student);
        figures(student);
        services.background()
                .library(
                        () -> services.library().attempts().of(student.id()),
                        found -> {
                            attempts.setAll(found);
                            log.getSelectionModel().selectFirst();
                        });
    }

    private void open(Attempt attempt) {
        marked.setVisible(attempt != null);
        if (attempt != null && marked.getParent() != null) {
            marked.show(MarkedSheets.read(attempt.marked()), attempt.rulings(), attempt.seconds());
            session.open(SheetStore.parse(attempt.scheme()), java.util.OptionalLong.empty());
        }
    }

    /** What the coach decides about the attempt that is shown. */
    private final class Decisions implements MarkedSheetView.Decisions {
        private Attempt shown() {
            return log.getSelectionModel().getSelectedItem();
        }

        @Override
        public void rule(Ruling ruling) {
            rulings.rule(shown(), ruling);
        }

        @Override
        public void withdraw(Ruling ruling) {
            rulings.withdraw(shown(), ruling);
        }

        @Override
        public void grant(int row) {
            rulings.grant(shown(), row);
        }
    }

    /** Shows an attempt as it is after a decision, where its old self was. */
    private void decided(Attempt now) {
        for (int i = 0; i < attempts.size(); i++) {
            if (attempts.get(i).id() == now.id()) {
                double at = marked.getVvalue();
                attempts.set(i, now);
                log.getSelectionModel().select(i);
                open(now);
                marked.setVvalue(at);
            }
        }
    }

    private void play(String line) {
        Attempt attempt = log.getSelectionModel().getSelectedItem();
        String row = attempt.answer().lines().findFirst().orElse("");
        LinePlayer.play(session, SheetStore.parse(attempt.scheme()), row, line);
    }

    private boolean isValid() {
        boolean valid = !name.getText().isBlank() && rating.getText().strip().matches("\\d{0,4}");
        if (!valid) {
            services.background().say("A student needs a name; the rating is a number or empty.");
        }
        return valid;
    }

    private int ratingTyped() {
        String text = rating.getText().strip();
        return text.isEmpty() ? 0 : Integer.parseInt(text);
    }

    private void add() {
        if (isValid()) {
            String typed = name.getText();
            int number = ratingTyped();
            services.background()
                    .library(
                            () -> services.library().students().add(typed, number),
                            this::reloadAndSelect);
        }
    }

    private void save() {
        Student chosen = table.getSelectionModel().getSelectedItem();
        if (chosen != null && isValid()) {
            Student changed =
                    new Student(
                            chosen.id(),
                            chosen.uuid(),
                            name.getText().strip(),
                            ratingTyped(),
                            chosen.note());
            services.background()
                    .library(
                            () -> {
                                services.library().students().save(changed);
                                return changed;
                            },
                            this::reloadAndSelect);
        }
    }

    private void reloadAndSelect(Student chosen) {
        services.background()
                .library(
                        () -> services.library().students().all(),
                        found -> {
                            students.setAll(found);
                            students.stream()
                                    .filter(s -> s.id() == chosen.id())
                                    .findFirst()
                                    .ifPresent(s -> table.getSelectionModel().select(s));
                        });
    }

    @Override
    public String name() {
        return "Students";
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
        Student chosen = table.getSelectionModel().getSelectedItem();
        services.background()
                .library(
                        () -> services.library().students().all(),
                        found -> {
                            students.setAll(found);
                            int index =
                                    chosen == null
                                            ? 0
                                            : found.stream()
                                                    .map(Student::id)
                                                    .toList()
                                                    .indexOf(chosen.id());
                            table.getSelectionModel().select(Math.max(0, index));
                        });
    }

    @Override
    public List<Command> commands() {
        return pages.commands();
    }

    @Override
    public void setPalette(Palette palette) {
        strength.setPalette(palette);
        plan.setPalette(palette);
    }
}
