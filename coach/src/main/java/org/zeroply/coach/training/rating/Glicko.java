package org.zeroply.coach.training.rating;

import java.util.List;

/**
 * The Glicko-2 system of Mark E. Glickman ("Example of the Glicko-2 system", Boston University,
 * 2013; the numbers of the steps are his). A result is what was earned as a part of 1, so that part
 * of the points is part of a win.
 */
public final class Glicko {

    /** Points of a rating for one unit of the inner scale (step 2). */
    private static final double SCALE = 173.7178;

    /** Rating in the middle of the scale, as in the published method. */
    private static final double MIDDLE = 1500;

    /** How much volatility may change; Glickman names 0.3 to 1.2, and uses 0.5 (step 1). */
    private static final double TAU = 0.5;

    /** How closely the volatility is found, as in the published method. */
    private static final double PRECISION = 1e-6;

    private Glicko() {}

    /**
     * A result against somebody, or against an exercise.
     *
     * @param score what was earned, 0 to 1
     */
    public record Result(Rating opponent, double score) {
        /**
         * @throws IllegalArgumentException if the score is not 0 to 1
         */
        public Result {
            if (!(score >= 0 && score <= 1)) {
                throw new IllegalArgumentException("a score is 0 to 1, not " + score);
            }
        }
    }

    /**
     * What is expected to be earned, 0 to 1, the uncertainty of both sides regarded: Glickman's
     * formula for the expected outcome with {@code g} of the two deviations together.
     */
    public static double expected(Rating own, Rating opponent) {
        double phi = Math.hypot(own.deviation(), opponent.deviation()) / SCALE;
        return 1 / (1 + Math.exp(-g(phi) * (own.value() - opponent.value()) / SCALE));
    }

    /** The rating after a period with these results; without any it only gets less sure. */
    public static Rating after(Rating own, List<Result> results) {
        double phi = own.deviation() / SCALE;
        if (results.isEmpty()) {
            double wider = Math.hypot(phi, own.volatility()) * SCALE;
            return new Rating(own.value(), Math.min(wider, Rating.UNKNOWN), own.volatility());
        }
        double mu = (own.value() - MIDDLE) / SCALE;
        double precision = 0;
        double surprise = 0;
        for (Result r : results) {
            double g = g(r.opponent().deviation() / SCALE);
            double other = (r.opponent().value() - MIDDLE) / SCALE;
            double e = 1 / (1 + Math.exp(-g * (mu - other)));
            precision += g * g * e * (1 - e);
            surprise += g * (r.score() - e);
        }
        double v = 1 / precision;
        double sigma = volatility(own.volatility(), phi, v, v * surprise);
        double before = Math.hypot(phi, sigma);
        double now = 1 / Math.sqrt(1 / (before * before) + 1 / v);
        double value = mu + now * now * surprise;
        return new Rating(value * SCALE + MIDDLE, Math.min(now * SCALE, Rating.UNKNOWN), sigma);
    }

    /** Step 3: the uncertainty of an opponent makes a result tell less. */
    private static double g(double phi) {
        return 1 / Math.sqrt(1 + 3 * phi * phi / (Math.PI * Math.PI));
    }

    /** Step 5: the new volatility, by the Illinois variant of false position. */
    private static double volatility(double sigma, double phi, double v, double delta) {
        double start = Math.log(sigma * sigma);
        double a = start;
        double b;
        if (delta * delta > phi * phi + v) {
            b = Math.log(delta * delta - phi * phi - v);
        } else {
            int k = 1;
            while (f(start - k * TAU, start, phi, v, delta) < 0) {
                k++;
            }
            b = start - k * TAU;
        }
        double fa = f(a, start, phi, v, delta);
        double fb = f(b, start, phi, v, delta);
        while (Math.abs(b - a) > PRECISION) {
            double c = a + (a - b) * fa / (fb - fa);
            double fc = f(c, start, phi, v, delta);
            if (fc * fb <= 0) {
                a = b;
                fa = fb;
            } else {
                fa /= 2;
            }
            b = c;
            fb = fc;
        }
        return Math.exp(a / 2);
    }

    private static double f(double x, double start, double phi, double v, double delta) {
        double e = Math.exp(x);
        double sum = phi * phi + v + e;
        return e * (delta * delta - sum) / (2 * sum * sum) - (x - start) / (TAU * TAU);
    }
}
