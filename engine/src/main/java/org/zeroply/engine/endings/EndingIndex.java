package org.zeroply.engine.endings;

/**
 * Numbers the placements of an ending's men. Placements that mirror each other have one number:
 * White's king stands on files a to d, without pawns in the triangle a1-d1-d4. The squares come in
 * the order White's king, Black's king, White's men, Black's men.
 */
final class EndingIndex {

    private static final int[] TRIANGLE = {0, 1, 2, 3, 9, 10, 11, 18, 19, 27};
    private static final int[] IN_TRIANGLE = new int[64];

    static {
        for (int i = 0; i < TRIANGLE.length; i++) {
            IN_TRIANGLE[TRIANGLE[i]] = i;
        }
    }

    final int men;
    final int[] type;
    final int[] side;
    private final boolean pawns;
    private final int size;

    EndingIndex(EndingMaterial material) {
        men = material.men();
        type = new int[men];
        side = new int[men];
        type[0] = 5;
        type[1] = 5;
        side[1] = 1;
        int i = 2;
        for (int s = 0; s < 2; s++) {
            for (int t : material.types(s)) {
                type[i] = t;
                side[i++] = s;
            }
        }
        pawns = material.hasPawns();
        int product = (pawns ? 32 : TRIANGLE.length) * 64;
        for (int m = 2; m < men; m++) {
            product *= type[m] == 0 ? 48 : 64;
        }
        size = product;
    }

    /** Whether two men of one side are of one type. */
    boolean hasTwins() {
        return men == 4 && type[2] == type[3] && side[2] == side[3];
    }

    int size() {
        return size;
    }

    /** The number of a placement, the same for all its mirror images. */
    int of(int[] squares) {
        int king = squares[0];
        int flip = (king & 7) > 3 ? 7 : 0;
        if (pawns) {
            return plain(squares, flip, false);
        }
        flip |= king >> 3 > 3 ? 56 : 0;
        int file = (king ^ flip) & 7;
        int rank = (king ^ flip) >> 3;
        if (rank != file) {
            return plain(squares, flip, rank > file);
        }
        return Math.min(plain(squares, flip, false), plain(squares, flip, true));
    }

    private int plain(int[] squares, int flip, boolean swap) {
        int king = map(squares[0], flip, swap);
        int index = pawns ? (king >> 3) * 4 + (king & 7) : IN_TRIANGLE[king];
        index = index * 64 + map(squares[1], flip, swap);
        int m = 2;
        while (m < men) {
            int a = map(squares[m], flip, swap);
            if (m + 1 < men && type[m] == type[m + 1] && side[m] == side[m + 1]) {
                int b = map(squares[m + 1], flip, swap);
                index = append(append(index, m, Math.min(a, b)), m + 1, Math.max(a, b));
                m += 2;
            } else {
                index = append(index, m, a);
                m++;
            }
        }
        return index;
    }

    private int append(int index, int man, int square) {
        return type[man] == 0 ? index * 48 + square - 8 : index * 64 + square;
    }

    private static int map(int square, int flip, boolean swap) {
        int s = square ^ flip;
        return swap ? (s & 7) << 3 | s >> 3 : s;
    }

    /** Writes the squares of a number. */
    void squares(int index, int[] out) {
        int rest = index;
        for (int m = men - 1; m >= 2; m--) {
            int radix = type[m] == 0 ? 48 : 64;
            out[m] = rest % radix + (type[m] == 0 ? 8 : 0);
            rest /= radix;
        }
        out[1] = rest & 63;
        int king = rest >> 6;
        out[0] = pawns ? king / 4 * 8 + king % 4 : TRIANGLE[king];
    }
}
