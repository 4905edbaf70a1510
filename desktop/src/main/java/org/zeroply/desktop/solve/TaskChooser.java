package org.zeroply.desktop.solve;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.BooleanSupplier;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;

/** Who solves, and what: what the student was assigned stands before all other exercises. */
final class TaskChooser {

    private final Services services;
    private final Clock clock;
    private final BooleanSupplier busy;
    private final ComboBox<SolveTask> exercise = new ComboBox<>();
    private final ComboBox<Student> student = new ComboBox<>();
    private List<SheetRow> exercises = List.of();
    private Optional<LibraryResults> results = Optional.empty();
    private OptionalLong wanted = OptionalLong.empty();

    /**
     * @param chosen called when another task or student was chosen
     * @param newStudent called before that when it is another student
     * @param busy whether somebody is solving, so that nothing may be changed
     */
    TaskChooser(
            Services services,
            Clock clock,
            Runnable chosen,
            Runnable newStudent,
            BooleanSupplier busy) {
        this.services = services;
        this.clock = clock;
        this.busy = busy;
        exercise.setId("solve-exercise");
        exercise.setAccessibleText(Texts.of("solve.exercise-to-solve"));
        exercise.setPrefWidth(260);
        exercise.setPromptText(Texts.of("solve.choose-an-exercise"));
        Widgets.texts(exercise, item -> item.label());
        exercise.valueProperty().addListener(o -> chosen.run());
        student.setId("solve-student");
        student.setAccessibleText(Texts.of("solve.student-who-solves"));
        student.setPromptText(Texts.of("solve.who-solves"));
        student.setPrefWidth(170);
        Widgets.texts(student, item -> item.name());
        student.valueProperty()
                .addListener(
                        o -> {
                            newStudent.run();
                            chosen.run();
                            offerAssigned();
                        });
    }

    ComboBox<SolveTask> exercise() {
        return exercise;
    }

    ComboBox<Student> student() {
        return student;
    }

    /** Chooses an exercise, when the desk is next shown. */
    void choose(long id) {
        wanted = OptionalLong.of(id);
    }

    private record Choice(
            List<SheetRow> exercises, List<Student> students, LibraryResults results) {}

    void shown() {
        services.scheduler().library(() -> read(services.library()), this::offer);
    }

    private Choice read(Library library) {
        LibraryResults found =
                LibraryResults.of(
                        library.sheets(),
                        library.students(),
                        library.attempts(),
                        LocalDate.now(clock).toEpochDay());
        return new Choice(
                library.sheets().find(SheetQuery.all(SheetKind.EXERCISE)), found.students(), found);
    }

    /**
     * Points that who is chosen is expected to earn, by what was known when this was last shown.
     */
    double expectedPoints(SolveTask task) {
        Student who = student.getValue();
        return results.stream()
                .flatMap(r -> r.exercises().stream())
                .filter(e -> who != null && e.id() == task.exercise())
                .mapToDouble(e -> results.get().expectedPoints(who.id(), e))
                .findFirst()
                .orElse(0);
    }

    private void offer(Choice choice) {
        results = Optional.of(choice.results());
        SolveTask before = exercise.getValue();
        long id = wanted.orElse(before == null ? -1 : before.exercise());
        wanted = OptionalLong.empty();
        Student who = student.getValue();
        exercises = choice.exercises();
        student.setItems(FXCollections.observableArrayList(choice.students()));
        choice.students().stream()
                .filter(s -> who != null && s.id() == who.id())
                .findFirst()
                .ifPresent(student::setValue);
        offer(List.of(), id);
        offerAssigned();
    }

    private void offer(List<Assignment> assigned, long id) {
        List<SolveTask> tasks = SolveTask.of(exercises, assigned);
        Optional<SolveTask> now =
                tasks.stream()
                        .filter(t -> t.equals(exercise.getValue()))
                        .findFirst()
                        .or(() -> tasks.stream().filter(t -> t.exercise() == id).findFirst());
        exercise.setItems(FXCollections.observableArrayList(tasks));
        now.filter(t -> !t.equals(exercise.getValue())).ifPresent(exercise::setValue);
    }

    private void offerAssigned() {
        Student who = student.getValue();
        if (who == null) {
            return;
        }
        services.scheduler()
                .library(
                        () -> services.library().assignments().of(who.id()),
                        assigned -> {
                            if (!busy.getAsBoolean() && who.equals(student.getValue())) {
                                SolveTask now = exercise.getValue();
                                offer(assigned, now == null ? -1 : now.exercise());
                            }
                        });
    }
}
