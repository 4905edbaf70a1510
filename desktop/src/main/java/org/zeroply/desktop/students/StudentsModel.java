package org.zeroply.desktop.students;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;

/**
 * The students with what is due for each, the one that is looked at, and the attempts of that one.
 */
public final class StudentsModel {

    /**
     * A student as the roster shows one.
     *
     * @param due assignments that are open and due by today
     * @param next the day the next one is due, counted from 1970; negative where none is
     * @param strength how strong the results are, in words
     */
    public record Line(Student student, int due, long next, String strength) {}

    private final Services services;
    private final Clock clock;
    private final UndoTrail trail = new UndoTrail();
    private final ObservableList<Line> lines = FXCollections.observableArrayList();
    private final ObservableList<Attempt> attempts = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Line>> chosen =
            new SimpleObjectProperty<>(Optional.empty());
    private final Removal removal;

    StudentsModel(Services services, Clock clock) {
        this.services = services;
        this.clock = clock;
        removal =
                new Removal(services, trail, trail::undo, gone -> read(), back -> backAgain(back));
    }

    private void backAgain(List<BinStore.Item> items) {
        long first = items.get(0).id();
        read(items.get(0).kind() == BinStore.Kind.STUDENT ? Optional.of(first) : Optional.empty());
    }

    /** What was done at the desk. */
    UndoTrail trail() {
        return trail;
    }

    /** All students by name. */
    public ObservableList<Line> lines() {
        return lines;
    }

    /** The attempts of the chosen student, the latest first. */
    public ObservableList<Attempt> attempts() {
        return attempts;
    }

    /** The student that is looked at. */
    public ObjectProperty<Optional<Line>> chosenProperty() {
        return chosen;
    }

    /** The student that is looked at. */
    Optional<Student> student() {
        return chosen.get().map(Line::student);
    }

    /** The present day, counted from 1 January 1970. */
    long today() {
        return LocalDate.now(clock.withZone(ZoneId.systemDefault())).toEpochDay();
    }

    /** Reads all again; whoever is looked at when it has been read stays so. */
    public void read() {
        read(Optional.empty());
    }

    /** Reads all again, and looks at somebody. */
    private void read(Optional<Long> wanted) {
        services.scheduler()
                .library(
                        this::all,
                        found -> {
                            lines.setAll(found);
                            Optional<Long> id = wanted.or(() -> student().map(Student::id));
                            choose(
                                    id.flatMap(i -> of(found, i))
                                            .or(() -> found.stream().findFirst()));
                        });
    }

    private static Optional<Line> of(List<Line> all, long id) {
        return all.stream().filter(l -> l.student().id() == id).findFirst();
    }

    private List<Line> all() {
        LibraryResults results =
                LibraryResults.of(
                        services.library().sheets(),
                        services.library().students(),
                        services.library().attempts(),
                        today());
        List<Line> all = new ArrayList<>();
        for (Student s : services.library().students().all()) {
            List<Assignment> open =
                    services.library().assignments().of(s.id()).stream()
                            .filter(Assignment::isOpen)
                            .toList();
            int due = (int) open.stream().filter(a -> a.dueDay() <= today()).count();
            long next = open.stream().mapToLong(Assignment::dueDay).min().orElse(-1);
            boolean tried = !results.attemptsOf(s.id()).isEmpty();
            all.add(new Line(s, due, next, tried ? results.student(s.id()).text() : ""));
        }
        return all;
    }

    /** Looks at a student. */
    void choose(Optional<Line> line) {
        chosen.set(line);
        if (line.isEmpty()) {
            attempts.clear();
            return;
        }
        long id = line.get().student().id();
        services.scheduler()
                .library(
                        () -> services.library().attempts().of(id),
                        found -> {
                            if (student().filter(s -> s.id() == id).isPresent()) {
                                attempts.setAll(found);
                            }
                        });
    }

    // ---- Changing -------------------------------------------------------------------------------

    /** Whether somebody of this name is there already. */
    boolean hasNamesake(String name) {
        return lines.stream().anyMatch(l -> l.student().name().equalsIgnoreCase(name.strip()));
    }

    /** A new student, looked at at once. */
    void add(String name, int rating) {
        services.scheduler()
                .library(
                        () -> services.library().students().add(name, rating),
                        made -> {
                            read(Optional.of(made.id()));
                            services.messages()
                                    .say(Texts.of("students.is-in-the-roster", made.name()));
                        });
    }

    /** Changes name or rating of the chosen student. */
    void change(String name, int rating) {
        student()
                .filter(s -> !s.name().equals(name) || s.rating() != rating)
                .ifPresent(
                        s -> {
                            Student now = new Student(s.id(), s.uuid(), name, rating, s.note());
                            save(now);
                            trail.did(() -> save(s), () -> save(now));
                        });
    }

    private void save(Student student) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().students().save(student);
                            return student;
                        },
                        saved -> read(Optional.of(saved.id())));
    }

    /** What goes along when a student is removed. */
    void belongings(Student student, Consumer<BinStore.Belongings> use) {
        services.scheduler().library(() -> services.library().bin().of(student.id()), use);
    }

    /** Puts a student into the bin, with all that belongs there. */
    void remove(Student student) {
        removal.remove(
                List.of(new BinStore.Item(BinStore.Kind.STUDENT, student.id())), student.name());
    }

    /** Puts attempts into the bin. */
    void remove(List<Attempt> gone) {
        removal.remove(
                gone.stream().map(a -> new BinStore.Item(BinStore.Kind.ATTEMPT, a.id())).toList(),
                gone.size() == 1
                        ? Texts.of("students.attempt-at", gone.get(0).work().title())
                        : Texts.of("students.attempts-2", gone.size()));
    }

    /** Shows an attempt as it is after a decision, where its old self was. */
    void decided(Attempt now) {
        for (int i = 0; i < attempts.size(); i++) {
            if (attempts.get(i).id() == now.id()) {
                attempts.set(i, now);
            }
        }
    }
}
