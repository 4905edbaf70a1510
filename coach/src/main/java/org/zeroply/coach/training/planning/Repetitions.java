package org.zeroply.coach.training.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.training.drill.Recall;

/**
 * Exercises that were missed come back, by the schedule of SM-2 that repertoires are learnt with:
 * the sooner, the less was earned. What was solved well at once does not come back.
 */
public final class Repetitions {

    /** Parts of the points from which on a solution counts as found late, helped, and known. */
    private static final double SOME = 0.3;

    /** Below this part of the points a solution counts as found late: our choice. */
    private static final double HALF = 0.6;

    /**
     * From this part of the points on it counts as known, below it as known with help: our choice.
     */
    private static final double MOST = 0.85;

    private static final List<Symmetry> CLOTHES =
            List.of(
                    Symmetry.SAME,
                    Symmetry.MIRRORED,
                    Symmetry.FLIPPED,
                    Symmetry.MIRRORED_AND_FLIPPED);

    private Repetitions() {}

    /**
     * A try at an exercise.
     *
     * @param day days since 1970-01-01
     * @param share part of the points earned, 0 to 1
     */
    public record Try(long exercise, long day, double share) {}

    /**
     * An exercise that comes back.
     *
     * @param day when it is due, days since 1970-01-01
     * @param clothes how the board is turned this time
     */
    public record Due(long exercise, long day, Symmetry clothes) {}

    /** What comes back, the longest due first. */
    public static List<Due> of(List<Try> tries) {
        Map<Long, List<Try>> byExercise = new LinkedHashMap<>();
        tries.stream()
                .sorted(Comparator.comparingLong(Try::day))
                .forEach(
                        t ->
                                byExercise
                                        .computeIfAbsent(t.exercise(), k -> new ArrayList<>())
                                        .add(t));
        List<Due> due = new ArrayList<>();
        byExercise.forEach(
                (exercise, all) -> {
                    if (all.stream().anyMatch(t -> !grade(t.share()).isKnown())) {
                        Recall recall = Recall.fresh("");
                        for (Try t : all) {
                            recall = recall.after(grade(t.share()), t.day());
                        }
                        Symmetry clothes = CLOTHES.get(all.size() % CLOTHES.size());
                        due.add(new Due(exercise, recall.dueDay(), clothes));
                    }
                });
        due.sort(Comparator.comparingLong(Due::day).thenComparingLong(Due::exercise));
        return due;
    }

    private static Recall.Grade grade(double share) {
        return share < SOME
                ? Recall.Grade.SHOWN
                : share < HALF
                        ? Recall.Grade.FOUND_LATER
                        : share < MOST ? Recall.Grade.WITH_HELP : Recall.Grade.RIGHT;
    }
}
