package org.zeroply.coach.review;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.tree.Node;

/** What the clock said at a move, read from the command {@code [%clk h:mm:ss]} of its comment. */
final class ClockTimes {

    private static final Pattern CLOCK = Pattern.compile("\\[%clk (\\d{1,3}):(\\d\\d):(\\d\\d)");

    private ClockTimes() {}

    /** Seconds left after the move. */
    static Optional<Integer> left(Node node) {
        Matcher clock = CLOCK.matcher(node.annotation().after());
        return clock.find()
                ? Optional.of(
                        3600 * Integer.parseInt(clock.group(1))
                                + 60 * Integer.parseInt(clock.group(2))
                                + Integer.parseInt(clock.group(3)))
                : Optional.empty();
    }

    /**
     * Seconds less than after the same side's move before; increments make it smaller than the time
     * used.
     */
    static Optional<Integer> spent(Node node) {
        return node.parent()
                .flatMap(Node::parent)
                .flatMap(ClockTimes::left)
                .flatMap(before -> left(node).map(now -> Math.max(0, before - now)));
    }
}
