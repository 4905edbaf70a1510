package org.zeroply.coach.exercise.scheme;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.Verdict;

/**
 * The verdicts that stand in an order, from won for White to won for Black. "Unclear" and "with
 * compensation" stand outside it.
 */
public final class VerdictScale {

    private static final List<Verdict> ORDER =
            List.of(
                    Verdict.WHITE_WINS,
                    Verdict.WHITE_BETTER,
                    Verdict.WHITE_SLIGHTLY,
                    Verdict.EQUAL,
                    Verdict.BLACK_SLIGHTLY,
                    Verdict.BLACK_BETTER,
                    Verdict.BLACK_WINS);

    private VerdictScale() {}

    /**
     * How many steps two verdicts are apart; nothing when one of them has no place in the order.
     */
    public static Optional<Integer> steps(Verdict one, Verdict other) {
        int a = ORDER.indexOf(one);
        int b = ORDER.indexOf(other);
        return a < 0 || b < 0 ? Optional.empty() : Optional.of(Math.abs(a - b));
    }
}
