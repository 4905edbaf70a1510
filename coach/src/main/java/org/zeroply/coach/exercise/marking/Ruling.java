package org.zeroply.coach.exercise.marking;

/**
 * What the coach decides otherwise about a marked answer. What was marked stays as it was, and the
 * decision stands beside it.
 *
 * @param target whether it is about an item of the scheme or a row of the answer
 * @param number 0-based index of the item, or 1-based number of the row
 * @param points what is earned for it now, at least 0
 * @param note why
 */
public record Ruling(Target target, int number, int points, String note) {

    /** What a ruling is about. */
    public enum Target {
        ITEM,
        ROW
    }

    /**
     * @throws IllegalArgumentException if the points are negative
     */
    public Ruling {
        if (points < 0) {
            throw new IllegalArgumentException("points cannot be negative");
        }
        note = note.strip();
    }

    /** Points for an item, whatever was marked. */
    public static Ruling item(int index, int points, String note) {
        return new Ruling(Target.ITEM, index, points, note);
    }

    /** Points for a row that the scheme lacks. */
    public static Ruling row(int number, int points, String note) {
        return new Ruling(Target.ROW, number, points, note);
    }

    /** Whether both are about the same item or row. */
    public boolean isAbout(Ruling other) {
        return target == other.target && number == other.number;
    }
}
