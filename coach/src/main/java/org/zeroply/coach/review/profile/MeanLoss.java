package org.zeroply.coach.review.profile;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * A mean loss a move over some games, and how sure it is. Moves of one game are alike, so games are
 * counted and not moves: the mean is points lost divided by moves, and its margin is that of a
 * ratio over clusters (W. G. Cochran, Sampling Techniques, 3rd ed., 1977, eq. 6.13) with Student's
 * t.
 *
 * @param mean points of a hundred lost by a move
 * @param margin half the width of the 95% interval; empty with fewer than two games
 * @param games games counted
 * @param moves moves counted
 */
public record MeanLoss(double mean, OptionalDouble margin, int games, int moves) {

    /**
     * Two-sided 95% points of Student's t by degrees of freedom, from 1 on; then the normal one.
     */
    private static final double[] STUDENT = {
        12.71, 4.30, 3.18, 2.78, 2.57, 2.45, 2.36, 2.31, 2.26, 2.23, 2.20, 2.18, 2.16, 2.14, 2.13,
        2.12, 2.11, 2.10, 2.09, 2.09, 2.08, 2.07, 2.07, 2.06, 2.06, 2.06, 2.05, 2.05, 2.05, 2.04
    };

    /** Quantile of the normal distribution for 95 of 100, two-sided. */
    private static final double NORMAL = 1.96;

    /**
     * Points lost in one game.
     *
     * @param moves moves that had a choice
     * @param loss points of a hundred lost by all of them together
     * @param weight how much the game counts, 1 unless smoothed
     */
    public record Tally(int moves, double loss, double weight) {
        Tally(int moves, double loss) {
            this(moves, loss, 1);
        }
    }

    /** The estimate from the tallies of games; games without moves do not count. */
    static MeanLoss of(List<Tally> all) {
        List<Tally> games = all.stream().filter(t -> t.moves() > 0 && t.weight() > 0).toList();
        double moves = games.stream().mapToDouble(t -> t.weight() * t.moves()).sum();
        if (moves == 0) {
            return new MeanLoss(0, OptionalDouble.empty(), 0, 0);
        }
        double mean = games.stream().mapToDouble(t -> t.weight() * t.loss()).sum() / moves;
        double squares = 0;
        double weights = 0;
        double weightSquares = 0;
        for (Tally t : games) {
            double off = t.weight() * (t.loss() - mean * t.moves());
            squares += off * off;
            weights += t.weight();
            weightSquares += t.weight() * t.weight();
        }
        // Kish's effective number of games; the number itself when all weigh the same.
        double count = weights * weights / weightSquares;
        int total = games.stream().mapToInt(Tally::moves).sum();
        if (count < 2 - 1e-9) {
            return new MeanLoss(mean, OptionalDouble.empty(), games.size(), total);
        }
        double error = Math.sqrt(squares * count / (count - 1)) / moves;
        double margin = student((int) Math.round(count) - 1) * error;
        return new MeanLoss(mean, OptionalDouble.of(margin), games.size(), total);
    }

    /**
     * The two-sided 95% point of Student's t.
     *
     * @param freedom degrees of freedom, at least 1
     */
    public static double student(int freedom) {
        return freedom > STUDENT.length ? NORMAL : STUDENT[Math.max(1, freedom) - 1];
    }

    /** The lower end of the interval, never below 0; the mean itself when it is not known. */
    public double low() {
        return Math.max(0, mean - margin.orElse(0));
    }

    /** The upper end of the interval; the mean itself when it is not known. */
    public double high() {
        return mean + margin.orElse(0);
    }

    /** In print: {@code 5.2 ± 1.1}. */
    public String text() {
        if (games == 0) {
            return "–";
        }
        String value = String.format(Locale.ROOT, "%.1f", mean);
        return margin.isPresent()
                ? value + String.format(Locale.ROOT, " ± %.1f", margin.getAsDouble())
                : value;
    }
}
