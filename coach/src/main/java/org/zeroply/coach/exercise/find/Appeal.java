package org.zeroply.coach.exercise.find;

/**
 * A reason to set a position.
 *
 * @param words the reason in words
 */
public record Appeal(Kind kind, String words) {

    /** What makes a position worth setting, with what it counts when positions are ranked. */
    public enum Kind {
        /** The right move is not seen by a short look. */
        DEPTH(2),
        /** A wrong move looks better at first. */
        TEMPTING(3),
        /** The key move neither takes nor checks. */
        QUIET(2.5),
        /** Material is given, and what it brings must be judged. */
        SACRIFICE(3),
        /** Something comes before taking back. */
        IN_BETWEEN(3),
        /** Several defences must be considered. */
        DEFENCES(2),
        /** One or two of many moves hold, and others look as good: a defence to be eliminated. */
        DEFENCE(3),
        /** One move holds, all others lose. */
        ONLY_MOVE(1.5),
        /** Several moves in a row have to be found. */
        LENGTH(1.5);

        private final double weight;

        Kind(double weight) {
            this.weight = weight;
        }

        double weight() {
            return weight;
        }
    }
}
