package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.zeroply.chess.board.Side;

/** Just the men that are named, kings among them: {@code king and pawn against king}. */
final class BareMaterial {

    private BareMaterial() {}

    /** One side has these men and the other those, and nobody any others. */
    static Condition of(Optional<Side> side, Force more, Force less) {
        List<Condition> ways =
                (side.isPresent() ? Stream.of(side.get()) : Stream.of(Side.values()))
                        .flatMap(s -> ways(s, more, less))
                        .distinct()
                        .toList();
        return ways.size() == 1 ? ways.get(0) : new Condition.Any(ways);
    }

    private static Stream<Condition> ways(Side side, Force more, Force less) {
        return letters(more).stream()
                .flatMap(
                        ours ->
                                letters(less).stream()
                                        .map(
                                                theirs ->
                                                        MaterialCondition.Exactly.of(
                                                                side, ours, theirs)));
    }

    /** The letters of some men; several ways where a minor piece is a bishop or a knight. */
    private static List<String> letters(Force men) {
        String others =
                "Q".repeat(men.queens())
                        + "R".repeat(men.rooks())
                        + "B".repeat(men.bishops())
                        + "N".repeat(men.knights())
                        + "P".repeat(men.pawns());
        List<String> ways = new ArrayList<>();
        for (int bishops = 0; bishops <= men.minors(); bishops++) {
            ways.add(others + "B".repeat(bishops) + "N".repeat(men.minors() - bishops));
        }
        return ways;
    }
}
