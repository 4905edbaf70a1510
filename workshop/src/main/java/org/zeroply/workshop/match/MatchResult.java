package org.zeroply.workshop.match;

import java.util.List;

/**
 * The result of a match so far, from the first contestant's view. Openings are played in pairs with
 * colours reversed, and the statistics count pairs, whose two games are not independent.
 *
 * @param pairs number of pairs by points scored in the pair: 0, ½, 1, 1½, 2
 */
public record MatchResult(int wins, int draws, int losses, List<Integer> pairs) {

    private static final double ELO_UNIT = 400;

    public MatchResult {
        pairs = List.copyOf(pairs);
    }

    /**
     * The result of single games that do not belong in pairs: each stands for a pair of its own.
     */
    public static MatchResult ofSingles(int wins, int draws, int losses) {
        return new MatchResult(wins, draws, losses, List.of(losses, 0, draws, 0, wins));
    }

    /** Games played. */
    public int games() {
        return wins + draws + losses;
    }

    /** Points scored. */
    public double score() {
        return wins + draws / 2.0;
    }

    /**
     * Elo difference that the score stands for: {@code -400 log10(1/s - 1)} (A. Elo, The Rating of
     * Chessplayers, 1978). A score of nothing or of everything is moved half a point.
     */
    public double elo() {
        return elo(share());
    }

    /** Half the width of the interval that holds the Elo difference with 95%, from the pairs. */
    public double error() {
        double half = 1.96 * Math.sqrt(variance() / Math.max(1, pairCount()));
        return (elo(share() + half) - elo(share() - half)) / 2;
    }

    private static double elo(double share) {
        double s = Math.max(1e-3, Math.min(1 - 1e-3, share));
        return -ELO_UNIT * Math.log10(1 / s - 1);
    }

    private double share() {
        if (games() == 0) {
            return 0.5;
        }
        double s = score() / games();
        double nudge = 0.5 / games();
        return Math.max(nudge, Math.min(1 - nudge, s));
    }

    private int pairCount() {
        return pairs.stream().mapToInt(Integer::intValue).sum();
    }

    private double variance() {
        int n = pairCount();
        double sum = 0;
        double squares = 0;
        for (int i = 0; i < 5; i++) {
            sum += pairs.get(i) * i / 4.0;
            squares += pairs.get(i) * i * i / 16.0;
        }
        return n == 0 ? 0 : Math.max(1e-6, squares / n - sum / n * (sum / n));
    }

    /**
     * Logarithm of how much likelier the result is if the first contestant is {@code elo1} stronger
     * than if {@code elo0} (A. Wald, Sequential Analysis, 1947; normal approximation on pairs).
     */
    public double logLikelihoodRatio(double elo0, double elo1) {
        int n = pairCount();
        if (n < 2) {
            return 0;
        }
        double s0 = 1 / (1 + Math.pow(10, -elo0 / ELO_UNIT));
        double s1 = 1 / (1 + Math.pow(10, -elo1 / ELO_UNIT));
        double mean = 0;
        for (int i = 0; i < 5; i++) {
            mean += pairs.get(i) * i / 4.0 / n;
        }
        return n * (s1 - s0) * (2 * mean - s0 - s1) / (2 * variance());
    }
}
