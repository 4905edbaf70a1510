package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Shares points out by weight so that they add up exactly: the method of largest remainders, with
 * at least one point for each.
 */
final class PointShare {

    private PointShare() {}

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
