package org.zeroply.engine.analysis;

/**
 * When an analysis ends; the first limit reached counts.
 *
 * @param depth plies, at most {@value #MAX_DEPTH}
 * @param nodes positions visited
 * @param millis milliseconds
 */
public record Limits(int depth, long nodes, long millis) {

    public static final int MAX_DEPTH = 60;

    /** No limit but cancellation. */
    public static final Limits NONE = new Limits(MAX_DEPTH, Long.MAX_VALUE, Long.MAX_VALUE);

    /**
     * @throws IllegalArgumentException if a limit is not positive or the depth is too large
     */
    public Limits {
        if (depth < 1 || depth > MAX_DEPTH || nodes < 1 || millis < 1) {
            throw new IllegalArgumentException(
                    "limits must be positive and the depth at most " + MAX_DEPTH);
        }
    }

    /** Ends after this depth. */
    public static Limits depth(int depth) {
        return new Limits(depth, Long.MAX_VALUE, Long.MAX_VALUE);
    }

    /** Ends after this many nodes. */
    public static Limits nodes(long nodes) {
        return new Limits(MAX_DEPTH, nodes, Long.MAX_VALUE);
    }

    /** Ends after this many milliseconds. */
    public static Limits millis(long millis) {
        return new Limits(MAX_DEPTH, Long.MAX_VALUE, millis);
    }

    /** Whether the result depends on nothing but the request. */
    public boolean isDeterministic() {
        return millis == Long.MAX_VALUE && (nodes != Long.MAX_VALUE || depth != MAX_DEPTH);
    }
}
