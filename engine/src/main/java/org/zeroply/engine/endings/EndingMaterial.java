package org.zeroply.engine.endings;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;

/**
 * The men of an ending, as {@code KQKR}: White's king and men, then Black's. White is the side with
 * more, or equal but stronger, men.
 *
 * @param name king and men of White, king and men of Black, strongest first
 */
record EndingMaterial(String name) {

    private static final String LETTERS = "PNBRQK";

    /** Types (0 pawn to 4 queen) of a side's men besides the king, strongest first. */
    int[] types(int side) {
        int second = name.indexOf('K', 1);
        String men = side == 0 ? name.substring(1, second) : name.substring(second + 1);
        return men.chars().map(LETTERS::indexOf).toArray();
    }

    /** Kings included. */
    int men() {
        return name.length();
    }

    boolean hasPawns() {
        return name.indexOf('P') >= 0;
    }

    /**
     * All endings of up to four men with anything but bare kings; none before those it leads to.
     */
    static List<EndingMaterial> upToFour() {
        List<String> three = new ArrayList<>();
        List<String> four = new ArrayList<>();
        for (int a = 4; a >= 0; a--) {
            three.add("K" + LETTERS.charAt(a) + "K");
            for (int b = a; b >= 0; b--) {
                four.add("K" + LETTERS.charAt(a) + LETTERS.charAt(b) + "K");
                four.add("K" + LETTERS.charAt(a) + "K" + LETTERS.charAt(b));
            }
        }
        List<String> all = new ArrayList<>(three);
        for (int pawns = 0; pawns <= 2; pawns++) {
            for (String name : four) {
                if (name.chars().filter(c -> c == 'P').count() == pawns) {
                    all.add(name);
                }
            }
        }
        return all.stream().map(EndingMaterial::new).toList();
    }

    /** A number for the men on a board, kings aside; each kind counted up to two. */
    static int signature(Board board) {
        return signature(board, 0) * SIDE + signature(board, 1);
    }

    /** The signature with the sides exchanged. */
    static int exchanged(int signature) {
        return signature % SIDE * SIDE + signature / SIDE;
    }

    /** One more than the highest signature. */
    static final int SIGNATURES = 243 * 243;

    private static final int SIDE = 243;
    private static final int[] POWERS = {1, 3, 9, 27, 81};

    private static int signature(Board board, int side) {
        int sum = 0;
        for (int type = 0; type < 5; type++) {
            sum += POWERS[type] * Math.min(2, Long.bitCount(board.pieces(side, type)));
        }
        return sum;
    }

    int signature() {
        int sum = 0;
        for (int side = 0; side < 2; side++) {
            for (int type : types(side)) {
                sum += weight(side, type);
            }
        }
        return sum;
    }

    /** What one man adds to a signature. */
    static int weight(int side, int type) {
        return side == 0 ? POWERS[type] * SIDE : POWERS[type];
    }
}
