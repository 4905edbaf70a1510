package org.zeroply.desktop.lessons;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.Reply;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.Library;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;

/** Giving a lesson to a class: who is there, and who answered what. */
public final class GivingModel {

    /** Homework of a lesson is due a week later: our choice. */
    private static final int DAYS = 7;

    /**
     * A student of the class.
     *
     * @param answer what was answered to the question that is open
     * @param words what is said to that answer
     */
    public record Pupil(Student student, Optional<LessonAnswer> answer, String words) {}

    private record Asked(long student, int step, int slide) {}

    private record Said(LessonAnswer answer, String words) {}

    private final Services services;
    private final Clock clock;
    private final UndoTrail trail;
    private final List<Student> present = new ArrayList<>();
    private final Map<Asked, Said> answers = new LinkedHashMap<>();
    private final ObservableList<Pupil> pupils = FXCollections.observableArrayList();
    private final ReadOnlyIntegerWrapper steps = new ReadOnlyIntegerWrapper();
    private Optional<GivenLesson> given = Optional.empty();
    private OptionalLong lessonId = OptionalLong.empty();

    /**
     * @param trail notes what was done at the desk
     */
    public GivingModel(Services services, Clock clock, UndoTrail trail) {
        this.services = services;
        this.clock = clock;
        this.trail = trail;
    }

    /** Begins to give a lesson to everybody there is. */
    public void begin(long id, Lesson lesson, int from) {
        GivenLesson begun = new GivenLesson(lesson, from, clock);
        given = Optional.of(begun);
        lessonId = OptionalLong.of(id);
        answers.clear();
        begun.stepsProperty().addListener(o -> moved());
        services.scheduler()
                .library(
                        () -> services.library().students().all(),
                        all -> {
                            present.clear();
                            present.addAll(all);
                            moved();
                        });
        moved();
    }

    /** The lesson that is given. */
    public Optional<GivenLesson> given() {
        return given;
    }

    /** Counts up with everything that changes what is seen. */
    public ReadOnlyIntegerProperty stepsProperty() {
        return steps.getReadOnlyProperty();
    }

    /** The class, with what was answered to the question that is open. */
    public ObservableList<Pupil> pupils() {
        return pupils;
    }

    private void moved() {
        pupils.setAll(present.stream().map(this::pupil).toList());
        steps.set(steps.get() + 1);
    }

    private Pupil pupil(Student student) {
        Optional<Said> said =
                given.map(g -> answers.get(new Asked(student.id(), g.step(), g.slideNumber())));
        return new Pupil(student, said.map(Said::answer), said.map(Said::words).orElse(""));
    }

    /** Leaves a student out of the class of today. */
    public void leaveOut(Student student) {
        present.removeIf(s -> s.id() == student.id());
        trail.did(() -> come(student), () -> leaveOut(student));
        moved();
    }

    private void come(Student student) {
        present.add(student);
        moved();
    }

    /**
     * Takes an answer down; one that was given to the question before gives way.
     *
     * @throws IllegalArgumentException if it is no answer, saying what is expected
     * @return what is said to it
     */
    public Reply take(Student student, String text) {
        GivenLesson lesson = given.orElseThrow(() -> new IllegalArgumentException("Begin first."));
        Reply reply =
                lesson.question()
                        .orElseThrow(() -> new IllegalArgumentException("Nothing is asked now."))
                        .reply(text);
        Asked key = new Asked(student.id(), lesson.step(), lesson.slideNumber());
        LessonAnswer answer = lesson.answered(student, lessonId, reply);
        Optional<Said> before = Optional.ofNullable(answers.get(key));
        Optional<Said> now = Optional.of(new Said(answer, reply.words()));
        put(key, before, now);
        trail.did(() -> put(key, now, before), () -> put(key, before, now));
        return reply;
    }

    private void put(Asked key, Optional<Said> was, Optional<Said> is) {
        is.ifPresentOrElse(said -> answers.put(key, said), () -> answers.remove(key));
        services.scheduler()
                .library(
                        () -> {
                            Library library = services.library();
                            return library.together(
                                    () -> {
                                        was.ifPresent(
                                                s ->
                                                        library.lessonAnswers()
                                                                .remove(s.answer().uuid()));
                                        is.ifPresent(s -> library.lessonAnswers().add(s.answer()));
                                        return true;
                                    });
                        },
                        done -> {});
        moved();
    }

    /** How many answers to the open question are of each outcome, in words; empty for none. */
    public String tally() {
        List<LessonAnswer> now = pupils.stream().flatMap(p -> p.answer().stream()).toList();
        Map<String, Integer> counts = new LinkedHashMap<>();
        now.forEach(a -> counts.merge(a.given().outcome().words(), 1, Integer::sum));
        return String.join(
                ", ",
                counts.entrySet().stream().map(e -> e.getValue() + " " + e.getKey()).toList());
    }

    /** Sets the exercises at the end of the lesson to the class; those it has already stay. */
    public void setHomework() {
        List<LessonStep> homework =
                given.map(g -> g.lesson().homework()).orElse(List.of()).stream()
                        .filter(s -> Exercise.isExercise(s.free()))
                        .toList();
        if (homework.isEmpty() || present.isEmpty()) {
            services.messages()
                    .say(
                            homework.isEmpty()
                                    ? Texts.of("lessons.the-lesson-has-no-homework")
                                    : Texts.of("lessons.nobody-is-there-to-get"));
            return;
        }
        String reason = Texts.of("lessons.from-the-lesson", given.orElseThrow().lesson().title());
        long due = LocalDate.now(clock.withZone(ZoneId.systemDefault())).toEpochDay() + DAYS;
        List<Student> to = List.copyOf(present);
        services.scheduler()
                .library(
                        () -> assign(homework, to, reason, due),
                        count ->
                                services.messages()
                                        .say(
                                                count == 0
                                                        ? Texts.of("lessons.they-have-all-of-it")
                                                        : Texts.of(
                                                                "lessons.made-due-in-a-week",
                                                                Counted.of(count, "assignment"))));
    }

    private int assign(List<LessonStep> homework, List<Student> to, String reason, long due) {
        Library library = services.library();
        return library.together(
                () -> {
                    int made = 0;
                    for (LessonStep step : homework) {
                        String pgn = PgnWriter.write(step.free());
                        long id =
                                library.sheets()
                                        .findByPgn(pgn)
                                        .orElseGet(() -> library.sheets().add(pgn));
                        int minutes = Exercise.of(step.tree()).minutes();
                        for (Student student : to) {
                            boolean has =
                                    library.assignments().of(student.id()).stream()
                                            .anyMatch(
                                                    a ->
                                                            a.isOpen()
                                                                    && a.homework().exerciseId()
                                                                            == id);
                            if (!has) {
                                library.assignments()
                                        .add(student.id(), id, Symmetry.SAME, due, minutes, reason);
                                made++;
                            }
                        }
                    }
                    return made;
                });
    }
}
