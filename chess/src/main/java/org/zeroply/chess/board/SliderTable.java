package org.zeroply.chess.board;

import java.util.Arrays;

/** The attack table of one kind of sliding piece, indexed by multiplication. */
final class SliderTable {

    private final long[] masks = new long[64];
    private final long[] magics;
    private final int[] shifts = new int[64];
    private final int[] offsets = new int[64];
    private final long[] table;

    /**
     * @param magics one multiplier a square; a wrong one is an error at class loading
     * @param directions the four steps of the piece
     */
    SliderTable(long[] magics, int[] directions) {
        this.magics = magics;
        int size = 0;
        for (int s = 0; s < 64; s++) {
            masks[s] = relevant(s, directions);
            int bits = Long.bitCount(masks[s]);
            shifts[s] = 64 - bits;
            offsets[s] = size;
            size += 1 << bits;
        }
        table = new long[size];
        for (int s = 0; s < 64; s++) {
            if (!fill(s, magics[s], directions)) {
                throw new IllegalStateException("multiplier collides on " + Square.name(s));
            }
        }
    }

    long attacks(int square, long occupied) {
        return table[
                offsets[square]
                        + (int) ((occupied & masks[square]) * magics[square] >>> shifts[square])];
    }

    private boolean fill(int square, long magic, int[] directions) {
        int end = square == 63 ? table.length : offsets[square + 1];
        Arrays.fill(table, offsets[square], end, 0);
        long subset = 0;
        do {
            long attacks = slide(square, subset, directions);
            int index = offsets[square] + (int) (subset * magic >>> shifts[square]);
            if (table[index] != 0 && table[index] != attacks) {
                return false;
            }
            table[index] = attacks;
            subset = subset - masks[square] & masks[square];
        } while (subset != 0);
        return true;
    }

    /** The squares whose occupation matters: the rays without their last square. */
    private static long relevant(int square, int[] directions) {
        long set = 0;
        for (int direction : directions) {
            int to = square;
            while (canStep(to, direction) && canStep(to + direction, direction)) {
                to += direction;
                set |= 1L << to;
            }
        }
        return set;
    }

    static long slide(int square, long occupied, int[] directions) {
        long set = 0;
        for (int direction : directions) {
            int to = square;
            while (canStep(to, direction)) {
                to += direction;
                set |= 1L << to;
                if ((occupied & 1L << to) != 0) {
                    break;
                }
            }
        }
        return set;
    }

    private static boolean canStep(int from, int direction) {
        int to = from + direction;
        return to >= 0 && to < 64 && Math.abs(Square.file(to) - Square.file(from)) <= 1;
    }
}
