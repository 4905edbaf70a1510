package org.zeroply.coach.training.drill;

/**
 * How well an answer is remembered, and when it is asked again. The schedule is SM-2 (P. A.
 * Woźniak, Optimization of learning, master's thesis, University of Technology in Poznań, 1990,
 * algorithm SM-2); docs/repertoire.md has its formulas. Days are counted from 1 January 1970.
 *
 * @param answer the answer that was learnt; another one now means that it has to be learnt anew
 * @param repetitions times in a row that it was known
 * @param easiness the factor by which intervals grow, at least 1.3
 * @param interval days between the last answer and the next question
 * @param dueDay the day of the next question
 * @param asked times it was asked
 * @param rightFirst times it was known at the first try
 */
public record Recall(
        String answer,
        int repetitions,
        double easiness,
        int interval,
        long dueDay,
        int asked,
        int rightFirst) {

    /** Easiness of what was never asked, and the least there is. */
    private static final double FIRST_EASINESS = 2.5;

    /** Least easiness, as in the published method. */
    private static final double LEAST_EASINESS = 1.3;

    /** Days to the second and the third question. */
    private static final int FIRST_INTERVAL = 1;

    /** Days after the second time, as in the published method. */
    private static final int SECOND_INTERVAL = 6;

    /** What the schedule aims at: the part of answers still known when they fall due. */
    private static final double KNOWN_WHEN_DUE = 0.9;

    /** How an answer went; the quality is SM-2's, 0 to 5. */
    public enum Grade {
        /** Had to be shown. */
        SHOWN(1),
        /** Wrong at first, then found with the idea. */
        FOUND_LATER(2),
        /** Right, but after asking for the idea. */
        WITH_HELP(3),
        /** Right at once. */
        RIGHT(5);

        private final int quality;

        Grade(int quality) {
            this.quality = quality;
        }

        /** Whether it counts as known. */
        public boolean isKnown() {
            return quality >= 3;
        }
    }

    /** What was never asked. */
    public static Recall fresh(String answer) {
        return new Recall(answer, 0, FIRST_EASINESS, 0, Long.MIN_VALUE, 0, 0);
    }

    /** The state after an answer given today. */
    public Recall after(Grade grade, long today) {
        int first = rightFirst + (grade == Grade.RIGHT ? 1 : 0);
        if (!grade.isKnown()) {
            return new Recall(
                    answer, 0, easiness, FIRST_INTERVAL, today + FIRST_INTERVAL, asked + 1, first);
        }
        int next =
                switch (repetitions) {
                    case 0 -> FIRST_INTERVAL;
                    case 1 -> SECOND_INTERVAL;
                    default -> (int) Math.ceil(interval * easiness);
                };
        int missing = 5 - grade.quality;
        double easier =
                Math.max(LEAST_EASINESS, easiness + 0.1 - missing * (0.08 + missing * 0.02));
        return new Recall(answer, repetitions + 1, easier, next, today + next, asked + 1, first);
    }

    /** The same, forgotten where it was needed: it is to be asked today, and learnt anew. */
    public Recall forgotten(long today) {
        return new Recall(answer, 0, easiness, 0, today, asked, rightFirst);
    }

    /** The same, asked so many days later. */
    public Recall later(long days) {
        return dueOn(dueDay + days);
    }

    /** The same, asked on another day. */
    public Recall dueOn(long day) {
        return new Recall(answer, repetitions, easiness, interval, day, asked, rightFirst);
    }

    /** Whether it was asked before. */
    public boolean isKnownOf() {
        return asked > 0;
    }

    /** Whether it is to be asked today. */
    public boolean isDue(long today) {
        return dueDay <= today;
    }

    /**
     * How likely it is still known today, 0 to 1: forgetting is exponential, so that the part known
     * when it falls due is what the schedule aims at.
     */
    public double known(long today) {
        if (!isKnownOf() || repetitions == 0) {
            return 0;
        }
        double elapsed = today - (dueDay - interval);
        return Math.pow(KNOWN_WHEN_DUE, Math.max(0, elapsed) / interval);
    }
}
