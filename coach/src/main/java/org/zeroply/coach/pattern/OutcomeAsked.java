package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.tree.GameResult;

/**
 * How games ended.
 *
 * @param result as in PGN; empty for any
 * @param termination a part of the tag of that name, such as {@code time forfeit} or {@code
 *     adjudication} (PGN standard, 1994, 9.8.1); empty for any
 */
public record OutcomeAsked(String result, String termination) {

    /** Anyhow. */
    public static final OutcomeAsked ANY = new OutcomeAsked("", "");

    private static final List<String> DRAWN = List.of("draw", "½-½");

    /**
     * The same with a result.
     *
     * @throws IllegalArgumentException if it is none of a game that was played out
     */
    OutcomeAsked result(String said) {
        return new OutcomeAsked(
                checked(DRAWN.contains(said) ? GameResult.DRAW : said), termination);
    }

    /** The same by what ended the game. */
    OutcomeAsked termination(String part) {
        return new OutcomeAsked(result, part);
    }

    /**
     * A result as in PGN.
     *
     * @throws IllegalArgumentException if it is none of a game that was played out
     */
    public static String checked(String value) {
        if (!GameResult.played().contains(value)) {
            throw new IllegalArgumentException(
                    "A result is 1-0, 0-1 or 1/2-1/2, not " + value + ".");
        }
        return value;
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        Clauses.add(clauses, "result ", result);
        Clauses.add(clauses, "termination ", termination);
        return clauses;
    }
}
