package org.zeroply.engine.analysis;

import java.util.Locale;
import org.zeroply.chess.tree.EngineCheck;

/** How good a position is for one side, by a search: in centipawns, or as moves to mate. */
public sealed interface Score extends Comparable<Score> {

    /** A hundredth of a pawn is the unit; 0 is equal. */
    record Centipawns(int value) implements Score {}

    /** Mate in so many moves; negative when being mated, 0 when mated already. */
    record Mate(int moves) implements Score {}

    /** The score from the other side's view. */
    default Score negated() {
        return this instanceof Mate m ? new Mate(-m.moves()) : new Centipawns(-ordinal());
    }

    /** A number that orders scores; mates lie far outside the centipawns. */
    default int ordinal() {
        if (this instanceof Mate m) {
            return m.moves() > 0 ? 100_000 - m.moves() : -100_000 - m.moves();
        }
        return ((Centipawns) this).value();
    }

    /**
     * The score as it is kept with a line in a tree, from White's view.
     *
     * @param white whether this score is from White's view
     * @param depth depth in plies
     * @param nodes nodes searched
     * @param engine name of the engine
     */
    default EngineCheck check(boolean white, int depth, long nodes, String engine) {
        Score own = white ? this : negated();
        int value = own instanceof Mate m ? m.moves() : own.ordinal();
        return new EngineCheck(own instanceof Mate, value, depth, nodes, engine);
    }

    /** The score as it is printed: {@code +0.35}, {@code #3}, {@code #-2}. */
    default String text() {
        if (this instanceof Mate m) {
            return "#" + m.moves();
        }
        return String.format(Locale.ROOT, "%+.2f", ordinal() / 100.0);
    }

    @Override
    default int compareTo(Score other) {
        return Integer.compare(ordinal(), other.ordinal());
    }
}
