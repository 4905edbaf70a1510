package org.zeroply.coach.training.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.coach.training.rating.Glicko;
import org.zeroply.coach.training.rating.Rating;

/**
 * How well a student solves exercises of one theme.
 *
 * @param rating by the exercises of this theme alone, beginning at the student's own strength
 * @param course the rating after each of them, in the order of solving
 */
public record ThemeStrength(String theme, Rating rating, List<Rating> course) {

    /** Before anything of a theme was solved, it may be this far from the strength as a whole. */
    private static final double BEFORE = 150;

    public ThemeStrength {
        course = List.copyOf(course);
    }

    /**
     * A result on an exercise.
     *
     * @param themes what the exercise trains
     * @param hardness its rating
     * @param share part of the points earned, 0 to 1
     */
    public record Result(List<String> themes, Rating hardness, double share) {
        public Result {
            themes = List.copyOf(themes);
        }
    }

    /**
     * Every theme met, the weakest first.
     *
     * @param student strength as a whole
     * @param results in the order of solving
     */
    public static List<ThemeStrength> of(Rating student, List<Result> results) {
        Map<String, List<Rating>> courses = new LinkedHashMap<>();
        for (Result r : results) {
            for (String theme : r.themes()) {
                List<Rating> course = courses.computeIfAbsent(theme, k -> new ArrayList<>());
                Rating before =
                        course.isEmpty()
                                ? Rating.about(student.value(), BEFORE)
                                : course.get(course.size() - 1);
                course.add(
                        Glicko.after(before, List.of(new Glicko.Result(r.hardness(), r.share()))));
            }
        }
        return courses.entrySet().stream()
                .map(e -> new ThemeStrength(e.getKey(), last(e.getValue()), e.getValue()))
                .sorted(Comparator.comparingDouble(t -> t.rating().value()))
                .toList();
    }

    private static Rating last(List<Rating> course) {
        return course.get(course.size() - 1);
    }
}
