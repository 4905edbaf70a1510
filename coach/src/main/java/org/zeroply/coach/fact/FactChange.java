package org.zeroply.coach.fact;

import java.util.List;

/**
 * The facts in which two positions differ.
 *
 * @param gone true before, not after
 * @param come true after, not before
 */
public record FactChange(List<Fact> gone, List<Fact> come) {

    public FactChange {
        gone = List.copyOf(gone);
        come = List.copyOf(come);
    }

    /** Compares by kind, side and text; what is drawn and proved does not take part. */
    public static FactChange between(List<Fact> before, List<Fact> after) {
        return new FactChange(without(before, after), without(after, before));
    }

    private static List<Fact> without(List<Fact> facts, List<Fact> others) {
        return facts.stream().filter(f -> others.stream().noneMatch(o -> isSame(f, o))).toList();
    }

    private static boolean isSame(Fact a, Fact b) {
        return a.kind() == b.kind() && a.side().equals(b.side()) && a.text().equals(b.text());
    }
}
