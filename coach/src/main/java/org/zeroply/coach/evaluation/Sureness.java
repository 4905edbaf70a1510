package org.zeroply.coach.evaluation;

/**
 * Whether a verdict held while it was looked at longer and longer.
 *
 * @param settled whether best move, order and losses held over two doublings of the nodes
 * @param reason why it is not; empty when it is
 */
public record Sureness(boolean settled, String reason) {

    /** Nothing will change. */
    public static final Sureness SETTLED = new Sureness(true, "");

    /** Not settled, for a reason. */
    public static Sureness open(String reason) {
        return new Sureness(false, reason);
    }
}
