package org.zeroply.library.student;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.training.planning.Repetitions;
import org.zeroply.coach.training.planning.ThemeStrength;
import org.zeroply.coach.training.planning.WeekPlan;
import org.zeroply.coach.training.rating.Rating;

/**
 * What a library says about one student's work: assignments, what is due again, themes.
 *
 * @param assignments the next due first
 * @param due exercises that come back
 * @param themes the weakest first
 */
public record StudentPlan(
        Student student,
        LibraryResults results,
        List<Assignment> assignments,
        List<Repetitions.Due> due,
        List<ThemeStrength> themes) {

    /** How far the hardness of a question in a lesson may be from that; our choice. */
    private static final double QUESTION_DEVIATION = 200;

    public StudentPlan {
        assignments = List.copyOf(assignments);
        due = List.copyOf(due);
        themes = List.copyOf(themes);
    }

    /** Reads what there is. */
    public static StudentPlan of(
            Student student,
            LibraryResults results,
            AttemptStore attempts,
            AssignmentStore assignments,
            LessonAnswerStore lessons) {
        List<Repetitions.Try> tries =
                attempts.of(student.id()).stream()
                        .filter(a -> a.work().exerciseId().isPresent() && a.marking().max() > 0)
                        .map(
                                a ->
                                        new Repetitions.Try(
                                                a.work().exerciseId().orElseThrow(),
                                                a.work()
                                                        .beganAt()
                                                        .atZone(ZoneId.systemDefault())
                                                        .toLocalDate()
                                                        .toEpochDay(),
                                                LibraryResults.share(a)))
                        .toList();
        Map<Long, LibraryResults.Rated> byId = new HashMap<>();
        results.exercises().forEach(e -> byId.put(e.id(), e));
        List<Solved> solved = new ArrayList<>();
        for (Attempt a : results.attemptsOf(student.id())) {
            Optional.ofNullable(byId.get(a.work().exerciseId().orElseThrow()))
                    .ifPresent(
                            e ->
                                    solved.add(
                                            new Solved(
                                                    a.work().beganAt(),
                                                    new ThemeStrength.Result(
                                                            e.themes(),
                                                            results.exercise(e.id()),
                                                            LibraryResults.share(a)))));
        }
        Rating strength = results.student(student.id());
        lessons.of(student.id()).forEach(a -> solved.add(solved(a, strength)));
        solved.sort(Comparator.comparing(Solved::at));
        return new StudentPlan(
                student,
                results,
                assignments.of(student.id()),
                Repetitions.of(tries).stream().filter(d -> byId.containsKey(d.exercise())).toList(),
                ThemeStrength.of(strength, solved.stream().map(Solved::result).toList()));
    }

    private record Solved(Instant at, ThemeStrength.Result result) {}

    /** A question of a lesson is taken to be as hard as the student is strong, give or take. */
    private static Solved solved(LessonAnswer answer, Rating strength) {
        return new Solved(
                answer.given().at(),
                new ThemeStrength.Result(
                        answer.asked().themes(),
                        Rating.about(strength.value(), QUESTION_DEVIATION),
                        answer.given().outcome().share()));
    }

    /**
     * Proposes the work of a week. What is assigned already is not proposed again.
     *
     * @param minutes time in the week
     * @param today days since 1970-01-01
     */
    public List<WeekPlan.Item> propose(int minutes, long today) {
        Set<Long> given = new HashSet<>();
        assignments.stream()
                .filter(Assignment::isOpen)
                .forEach(a -> given.add(a.homework().exerciseId()));
        Set<Long> tried = new HashSet<>(given);
        results.attemptsOf(student.id())
                .forEach(a -> tried.add(a.work().exerciseId().orElseThrow()));
        List<WeekPlan.Candidate> candidates = new ArrayList<>();
        for (LibraryResults.Rated e : results.exercises()) {
            candidates.add(
                    new WeekPlan.Candidate(
                            e.id(),
                            e.themes(),
                            results.exercise(e.id()),
                            e.minutes(),
                            turns(e.start())));
        }
        List<Repetitions.Due> open =
                due.stream().filter(d -> !given.contains(d.exercise())).toList();
        return WeekPlan.propose(
                results.student(student.id()), themes, open, tried, candidates, minutes, today);
    }

    private static Set<Symmetry> turns(Position start) {
        EnumSet<Symmetry> turns = EnumSet.noneOf(Symmetry.class);
        Arrays.stream(Symmetry.values()).filter(s -> s.of(start).isPresent()).forEach(turns::add);
        return turns;
    }
}
