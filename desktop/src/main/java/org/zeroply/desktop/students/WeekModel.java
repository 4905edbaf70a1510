package org.zeroply.desktop.students;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.training.planning.WeekPlan;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentPlan;

/** What a student is to solve, day by day; what was moved or taken out can be taken back. */
final class WeekModel {

    static final int DAYS = 7;

    private final Services services;
    private final StudentsModel students;
    private final Runnable undo;
    private final ReadOnlyObjectWrapper<Optional<StudentPlan>> plan =
            new ReadOnlyObjectWrapper<>(Optional.empty());

    /**
     * @param students knows the day and what was done at the desk; reads again what is due
     * @param undo takes back what was done last at the desk
     */
    WeekModel(Services services, StudentsModel students, Runnable undo) {
        this.services = services;
        this.students = students;
        this.undo = undo;
    }

    /** The plan of the student that is looked at. */
    ReadOnlyObjectProperty<Optional<StudentPlan>> planProperty() {
        return plan.getReadOnlyProperty();
    }

    /** The present day, counted from 1 January 1970. */
    long today() {
        return students.today();
    }

    /** Looks at a student. */
    void show(Student student) {
        run(student, library -> {}, () -> {});
    }

    private void run(Student student, Consumer<Library> work, Runnable then) {
        services.scheduler()
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
                                    library.assignments(),
                                    library.lessonAnswers());
                        },
                        now -> {
                            plan.set(Optional.of(now));
                            then.run();
                        });
    }

    /** What the student was assigned; nothing while nobody is looked at. */
    List<Assignment> assignments() {
        return plan.get().map(StudentPlan::assignments).orElse(List.of());
    }

    private void change(Consumer<Library> work) {
        plan.get().ifPresent(p -> run(p.student(), work, students::read));
    }

    /** What is due on a day; what is overdue counts for the first day that is shown. */
    List<Assignment> on(long day, long firstShown) {
        return assignments().stream()
                .filter(
                        a ->
                                a.dueDay() == day
                                        || day == firstShown
                                                && firstShown == today()
                                                && a.isOpen()
                                                && a.dueDay() < day)
                .toList();
    }

    /** What is to be solved and what comes back, in a sentence. */
    String words() {
        return plan.get().map(this::words).orElse("");
    }

    private String words(StudentPlan now) {
        long due = now.due().stream().filter(d -> d.day() <= today()).count();
        long open = now.assignments().stream().filter(Assignment::isOpen).count();
        return Texts.of(
                "students.to-solve",
                now.student().name(),
                open,
                open == 1 ? Texts.of("students.one-exercise") : Texts.of("students.exercises"),
                due,
                due == 1
                        ? Texts.of("students.that-was-missed-is-due")
                        : Texts.of("students.that-were-missed-are-due"));
    }

    /** Proposes a week of so many minutes. */
    void propose(int minutes) {
        if (plan.get().isEmpty()) {
            return;
        }
        StudentPlan now = plan.get().get();
        List<WeekPlan.Item> week = now.propose(minutes, today());
        services.messages()
                .say(
                        week.isEmpty()
                                ? Texts.of("students.nothing-fits-no-exercise-is")
                                : Texts.of("students.proposed-drag-the-cards-as"));
        change(
                library -> {
                    for (int i = 0; i < week.size(); i++) {
                        WeekPlan.Item item = week.get(i);
                        long day = today() + 1 + (long) i * DAYS / week.size();
                        library.assignments()
                                .add(
                                        now.student().id(),
                                        item.exercise(),
                                        item.clothes(),
                                        day,
                                        item.minutes(),
                                        item.reason());
                    }
                });
    }

    /** Assigns an exercise for a day. */
    void assign(LibraryResults.Rated exercise, long day) {
        plan.get()
                .ifPresent(
                        p ->
                                change(
                                        library ->
                                                library.assignments()
                                                        .add(
                                                                p.student().id(),
                                                                exercise.id(),
                                                                Symmetry.SAME,
                                                                day,
                                                                exercise.minutes(),
                                                                Texts.of(
                                                                        "students.chosen-by-the-coach"))));
    }

    /** Moves an assignment to another day. */
    void move(Assignment a, long day) {
        if (day == a.dueDay()) {
            return;
        }
        long before = a.dueDay();
        change(l -> l.assignments().due(a.id(), day));
        students.trail()
                .did(
                        () -> change(l -> l.assignments().due(a.id(), before)),
                        () -> change(l -> l.assignments().due(a.id(), day)));
    }

    /** Notes that a solved exercise was gone through with the student. */
    void goneThrough(Assignment a) {
        if (a.state() == Assignment.State.DONE) {
            change(l -> l.assignments().marked(a.id()));
        } else {
            services.messages().say(Texts.of("students.this-is-not-done", a.state().word()));
        }
    }

    /** Takes an assignment out. */
    void remove(Assignment a) {
        change(l -> l.assignments().remove(a.id()));
        students.trail()
                .did(
                        () -> change(l -> l.assignments().add(a)),
                        () ->
                                assignments().stream()
                                        .filter(x -> x.uuid().equals(a.uuid()))
                                        .findFirst()
                                        .ifPresent(
                                                x -> change(l -> l.assignments().remove(x.id()))));
        services.messages()
                .say(
                        Texts.of("students.taken-out", a.name()),
                        new Messages.Action(Texts.of("students.undo"), undo));
    }
}
