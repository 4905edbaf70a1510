package org.zeroply.engine.search;

import org.zeroply.chess.board.Move;

/**
 * What is saved on moves that come late in the order: which are left out, and how much less the
 * others are searched. The numbers are our own, tried in matches (docs/engine-log.md).
 */
final class LateMoves {

    /** Stands for one ply of a reduction. */
    static final int PLY = 1024;

    private static final int[] TABLE = new int[64 * 64];

    static {
        for (int depth = 1; depth < 64; depth++) {
            for (int number = 1; number < 64; number++) {
                double plies = 0.6 + Math.log(depth) * Math.log(number) / 2.2;
                TABLE[depth << 6 | number] = (int) (plies * PLY);
            }
        }
    }

    private LateMoves() {}

    /** How many plies less a move is searched, by the plies left and its number alone. */
    static int plies(int depth, int number) {
        return parts(depth, number) / PLY;
    }

    private static int parts(int depth, int number) {
        return TABLE[Math.min(depth, 63) << 6 | Math.min(number, 63)];
    }

    /**
     * Whether the quiet move at hand and all after it are left out: so many were tried before, or
     * the position is so far below the bound.
     */
    static boolean isHopeless(SearchNode n) {
        int tries = n.depth * n.depth / (n.improving ? 1 : 2);
        if (n.number > 3 + tries && !n.isOpen()) {
            return true;
        }
        int lesser = lesser(n);
        return lesser <= 6 && n.still + 120 + 90 * lesser <= n.low && n.rank < 12_000;
    }

    /** Whether the quiet move at hand alone is left out, as its like seldom was good. */
    static boolean isUnpromising(SearchNode n) {
        return lesser(n) <= 4 && n.rank < -3500 * n.depth;
    }

    /**
     * Whether the capture at hand is left out: even what it takes does not bring the position near
     * the bound.
     *
     * @param gain what it takes, in centipawns
     */
    static boolean isFutile(SearchNode n, int gain) {
        int lesser = lesser(n);
        int hoped = n.still + gain + 200 + 200 * lesser + n.rank / 64;
        return lesser < 7 && n.number > 1 && !Move.isPromotion(n.move) && hoped <= n.low;
    }

    private static int lesser(SearchNode n) {
        return Math.max(0, n.depth - plies(n.depth, n.number));
    }

    /** What a move may lose at once before it is left out, in centipawns. */
    static int worst(SearchNode n, boolean quiet) {
        return quiet ? -24 * n.depth * n.depth : -95 * n.depth;
    }

    /**
     * How many plies less the move at hand is searched.
     *
     * @param gives whether it gives check
     * @param next plies left after it
     */
    static int reduction(SearchNode n, boolean gives, int next) {
        int parts = parts(n.depth, n.number);
        parts += n.improving ? 0 : 700;
        parts += n.cut ? 1400 : 0;
        parts += n.refuted ? PLY : 0;
        parts += n.tableTakes() ? 700 : 0;
        parts -= n.main ? 1200 : 0;
        parts -= n.isOpen() ? 500 : 0;
        parts -= n.check ? PLY : 0;
        parts -= gives ? PLY : 0;
        parts -= Move.isQuiet(n.move) ? n.rank / 8 : PLY + n.rank / 12;
        return Math.max(0, Math.min((parts + 300) / PLY, next - 1));
    }
}
