package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;

/**
 * Shares points out by weight so that they add up exactly: the method of largest remainders, with
 * at least one point for each.
 */
final class PointShare {

    /** Items of points that a scheme has at most. */
    private static final int MOST_ITEMS = 20;

    private PointShare() {}

    /** Gives each effort its part of the points. */
    static void give(TreeEditor editor, List<Effort> efforts, int total) {
        List<Double> weights = efforts.stream().map(Effort::weight).toList();
        List<Integer> parts = of(heaviest(weights), total);
        for (int i = 0; i < efforts.size(); i++) {
            Effort effort = efforts.get(i);
            if (parts.get(i) > 0) {
                List<PointRule> rules =
                        new ArrayList<>(effort.node().annotation().scheme().points());
                rules.add(new PointRule(parts.get(i), effort.verdict(), Optional.empty()));
                editor.points(effort.node(), rules);
            }
        }
    }

    /** The weights, all but those of the most items a scheme has set to nothing. */
    private static List<Double> heaviest(List<Double> weights) {
        Set<Integer> kept =
                IntStream.range(0, weights.size())
                        .boxed()
                        .sorted(Comparator.comparing(weights::get, Comparator.reverseOrder()))
                        .limit(MOST_ITEMS)
                        .collect(Collectors.toSet());
        return IntStream.range(0, weights.size())
                .mapToObj(i -> kept.contains(i) ? weights.get(i) : 0.0)
                .toList();
    }

    /**
     * Points for each weight, in the same order. When there are more weights than points, the
     * lightest get none.
     *
     * @param weights not negative; those of 0 get nothing
     * @param total points to share out, at least 0
     */
    static List<Integer> of(List<Double> weights, int total) {
        List<Integer> heaviest =
                IntStream.range(0, weights.size())
                        .boxed()
                        .filter(i -> weights.get(i) > 0)
                        .sorted(Comparator.comparing(weights::get, Comparator.reverseOrder()))
                        .limit(total)
                        .toList();
        double sum = heaviest.stream().mapToDouble(weights::get).sum();
        int free = total - heaviest.size();
        int[] points = new int[weights.size()];
        List<Integer> byRemainder = new ArrayList<>(heaviest);
        int left = heaviest.isEmpty() ? 0 : free;
        for (int i : heaviest) {
            int whole = (int) (free * weights.get(i) / sum);
            points[i] = 1 + whole;
            left -= whole;
        }
        byRemainder.sort(
                Comparator.comparing(i -> -(free * weights.get(i) / sum - (points[i] - 1))));
        for (int k = 0; k < left; k++) {
            points[byRemainder.get(k)]++;
        }
        return IntStream.of(points).boxed().toList();
    }
}
