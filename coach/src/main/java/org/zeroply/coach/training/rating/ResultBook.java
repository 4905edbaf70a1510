package org.zeroply.coach.training.rating;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Students and exercises rate each other: an exercise that takes a student's points has won. A week
 * is a rating period; whoever does nothing in it gets less sure.
 */
public final class ResultBook {

    /** Results of a week are rated together: our choice. */
    private static final int DAYS_A_PERIOD = 7;

    /** A club rating says this much about solving, an estimated band less. */
    private static final double OF_A_STUDENT = 150;

    /** Deviation of the rating of an exercise whose band is all that is known: our choice. */
    private static final double OF_A_BAND = 200;

    private final Map<String, Rating> students = new HashMap<>();
    private final Map<String, Rating> exercises = new HashMap<>();
    private final Map<String, Rating> beginnings = new HashMap<>();

    /**
     * What a student earned on an exercise.
     *
     * @param student who, by any name that stays the same
     * @param exercise which, by any name that stays the same
     * @param day days since 1970-01-01
     * @param score points earned of the most, 0 to 1
     */
    public record Entry(String student, String exercise, long day, double score) {}

    /**
     * Rates all sides.
     *
     * @param students their ratings before the first result; 0 where unknown
     * @param bands the bands of the exercises, {@code 1600-1900}; empty where unknown
     * @param entries the results in any order
     * @param today the last period is the one that ends today; days since 1970-01-01
     */
    public ResultBook(
            Map<String, Integer> students,
            Map<String, String> bands,
            List<Entry> entries,
            long today) {
        students.forEach((name, rating) -> this.students.put(name, ofStudent(rating)));
        bands.forEach((name, band) -> exercises.put(name, ofBand(band)));
        for (Entry e : entries) {
            this.students.putIfAbsent(e.student(), Rating.NEW);
            exercises.putIfAbsent(e.exercise(), Rating.NEW);
        }
        beginnings.putAll(exercises);
        SortedMap<Long, List<Entry>> periods = new TreeMap<>();
        for (Entry e : entries) {
            long weeksAgo = Math.floorDiv(today - e.day(), DAYS_A_PERIOD);
            periods.computeIfAbsent(-weeksAgo, k -> new ArrayList<>()).add(e);
        }
        if (!periods.isEmpty()) {
            for (long week = periods.firstKey(); week <= Math.max(0, periods.lastKey()); week++) {
                period(periods.getOrDefault(week, List.of()));
            }
        }
    }

    private void period(List<Entry> entries) {
        Map<String, List<Glicko.Result>> ofStudents = new HashMap<>();
        Map<String, List<Glicko.Result>> ofExercises = new HashMap<>();
        for (Entry e : entries) {
            ofStudents
                    .computeIfAbsent(e.student(), k -> new ArrayList<>())
                    .add(new Glicko.Result(exercises.get(e.exercise()), e.score()));
            ofExercises
                    .computeIfAbsent(e.exercise(), k -> new ArrayList<>())
                    .add(new Glicko.Result(students.get(e.student()), 1 - e.score()));
        }
        students.replaceAll((s, r) -> Glicko.after(r, ofStudents.getOrDefault(s, List.of())));
        // An exercise does not change while nobody solves it.
        ofExercises.forEach(
                (x, results) -> exercises.compute(x, (k, r) -> Glicko.after(r, results)));
    }

    /** A student's rating before any result. */
    public static Rating ofStudent(int rating) {
        return rating <= 0 ? Rating.NEW : Rating.about(rating, OF_A_STUDENT);
    }

    /** An exercise's rating before anybody tried it: the middle of its band. */
    public static Rating ofBand(String band) {
        String[] bounds = band.strip().split("\\s*[-–]\\s*");
        if (bounds.length != 2
                || !bounds[0].matches("\\d{3,4}")
                || !bounds[1].matches("\\d{3,4}")) {
            return Rating.NEW;
        }
        double middle = (Integer.parseInt(bounds[0]) + Integer.parseInt(bounds[1])) / 2.0;
        return Rating.about(middle, OF_A_BAND);
    }

    /** How strong a student is; what is not known for one nobody heard of. */
    public Rating student(String name) {
        return students.getOrDefault(name, Rating.NEW);
    }

    /** How hard an exercise is: who is rated so earns half of its points. */
    public Rating exercise(String name) {
        return exercises.getOrDefault(name, Rating.NEW);
    }

    /** What an exercise was rated by its band alone. */
    public Rating beginning(String exercise) {
        return beginnings.getOrDefault(exercise, Rating.NEW);
    }

    /** All students rated. */
    public Map<String, Rating> students() {
        return Collections.unmodifiableMap(students);
    }

    /**
     * Points that a student is expected to earn.
     *
     * @param max the most that can be earned
     */
    public double expectedPoints(String student, String exercise, int max) {
        return max * Glicko.expected(student(student), exercise(exercise));
    }
}
