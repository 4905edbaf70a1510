package org.zeroply.engine.search;

/** How many plies less a late move is searched, by depth left and number of the move. */
final class Reductions {

    private static final int[] TABLE = new int[64 * 64];

    static {
        for (int depth = 1; depth < 64; depth++) {
            for (int number = 1; number < 64; number++) {
                double plies = 0.6 + Math.log(depth) * Math.log(number) / 2.2;
                TABLE[depth << 6 | number] = (int) plies;
            }
        }
    }

    private Reductions() {}

    static int of(int depth, int number) {
        return TABLE[Math.min(depth, 63) << 6 | Math.min(number, 63)];
    }
}
