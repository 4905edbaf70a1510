package org.zeroply.library.student;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.training.rating.Rating;
import org.zeroply.coach.training.rating.ResultBook;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.sheet.StoredExercise;

/**
 * What the attempts of a library tell of students and exercises. The first attempt of a student at
 * an exercise counts; later ones know the solution.
 */
public final class LibraryResults {

    private final ResultBook book;
    private final List<Student> students;
    private final List<Rated> exercises;
    private final List<Attempt> first;

    /**
     * An exercise of the library.
     *
     * @param max the most points
     */
    public record Rated(
            long id,
            String title,
            Position start,
            String band,
            List<String> themes,
            int minutes,
            int max) {}

    private LibraryResults(
            ResultBook book, List<Student> students, List<Rated> exercises, List<Attempt> first) {
        this.book = book;
        this.students = List.copyOf(students);
        this.exercises = List.copyOf(exercises);
        this.first = List.copyOf(first);
    }

    /**
     * Reads and rates everything.
     *
     * @param today days since 1970-01-01
     */
    public static LibraryResults of(
            SheetStore sheets, StudentStore people, AttemptStore attempts, long today) {
        List<Student> students = people.all();
        Map<String, Integer> ratings = new LinkedHashMap<>();
        students.forEach(s -> ratings.put(key(s.id()), s.rating()));
        List<Rated> exercises = new ArrayList<>();
        Map<String, String> bands = new HashMap<>();
        for (StoredExercise stored : StoredExercise.all(sheets)) {
            SheetRow row = stored.row();
            Exercise e = stored.exercise();
            exercises.add(
                    new Rated(
                            row.id(),
                            row.title(),
                            e.start(),
                            e.band(),
                            e.themes(),
                            e.minutes(),
                            e.maxPoints()));
            bands.put(key(row.id()), e.band());
        }
        List<Attempt> first = firsts(attempts.all(), ratings.keySet());
        List<ResultBook.Entry> entries =
                first.stream()
                        .map(
                                a ->
                                        new ResultBook.Entry(
                                                key(a.studentId()),
                                                key(a.work().exerciseId().orElseThrow()),
                                                day(a),
                                                share(a)))
                        .toList();
        return new LibraryResults(
                new ResultBook(ratings, bands, entries, today), students, exercises, first);
    }

    private static List<Attempt> firsts(List<Attempt> all, Set<String> students) {
        Set<String> seen = new HashSet<>();
        return all.stream()
                .filter(a -> a.work().exerciseId().isPresent() && a.marking().max() > 0)
                .filter(a -> students.contains(key(a.studentId())))
                .sorted(Comparator.comparing(a -> a.work().beganAt()))
                .filter(a -> seen.add(a.studentId() + " " + a.work().exerciseId().orElseThrow()))
                .toList();
    }

    private static String key(long id) {
        return String.valueOf(id);
    }

    private static long day(Attempt attempt) {
        return attempt.work().beganAt().atZone(ZoneId.systemDefault()).toLocalDate().toEpochDay();
    }

    /** The part of the points that was earned, 0 to 1. */
    public static double share(Attempt attempt) {
        return Math.min(1, (double) attempt.marking().points() / attempt.marking().max());
    }

    /** The students. */
    public List<Student> students() {
        return students;
    }

    /** The exercises. */
    public List<Rated> exercises() {
        return exercises;
    }

    /** How strong a student solves. */
    public Rating student(long id) {
        return book.student(key(id));
    }

    /** How hard an exercise is. */
    public Rating exercise(long id) {
        return book.exercise(key(id));
    }

    /** Points that a student is expected to earn. */
    public double expectedPoints(long student, Rated exercise) {
        return book.expectedPoints(key(student), key(exercise.id()), exercise.max());
    }

    /** The first attempts of all who tried an exercise, the earliest first. */
    public List<Attempt> attemptsAt(long exercise) {
        return first.stream().filter(a -> a.work().exerciseId().orElseThrow() == exercise).toList();
    }

    /** The first attempts of a student, the earliest first. */
    public List<Attempt> attemptsOf(long student) {
        return first.stream().filter(a -> a.studentId() == student).toList();
    }
}
