package org.zeroply.coach.pattern;

import java.util.List;
import org.zeroply.chess.board.Side;

/**
 * Another way to see the same pattern.
 *
 * @param mirrored the a-file is where the h-file was
 * @param exchanged White's men stand where Black's stood, seen from the other edge
 */
public record Symmetry(boolean mirrored, boolean exchanged) {

    /** As it is. */
    public static final Symmetry NONE = new Symmetry(false, false);

    /** Wings exchanged. */
    public static final Symmetry MIRRORED = new Symmetry(true, false);

    /** Colours exchanged. */
    public static final Symmetry EXCHANGED = new Symmetry(false, true);

    /** Both. */
    public static final Symmetry BOTH = new Symmetry(true, true);

    private static final String CASTLES_SHORT = "O-O";
    private static final String CASTLES_LONG = "O-O-O";

    /** Where a square 0-63 comes to lie. */
    public int square(int square) {
        return square ^ (mirrored ? 7 : 0) ^ (exchanged ? 56 : 0);
    }

    /** Where some squares come to lie. */
    List<Integer> squares(List<Integer> squares) {
        return squares.stream().map(this::square).toList();
    }

    /** Where a set of squares comes to lie. */
    public long set(long squares) {
        long set = exchanged ? Long.reverseBytes(squares) : squares;
        return mirrored ? Long.reverse(Long.reverseBytes(set)) : set;
    }

    /** Where a 0-based file comes to lie. */
    int file(int file) {
        return mirrored ? 7 - file : file;
    }

    /** Whose men take the part of a side's. */
    public Side side(Side side) {
        return exchanged ? side.other() : side;
    }

    /** A move in SAN; castling goes to the other wing in the mirror. */
    String san(String san) {
        if (mirrored && san.startsWith(CASTLES_SHORT)) {
            return san.startsWith(CASTLES_LONG)
                    ? san.replace(CASTLES_LONG, CASTLES_SHORT)
                    : san.replace(CASTLES_SHORT, CASTLES_LONG);
        }
        StringBuilder seen = new StringBuilder(san.length());
        for (char c : san.toCharArray()) {
            boolean file = mirrored && c >= 'a' && c <= 'h';
            boolean rank = exchanged && c >= '1' && c <= '8';
            seen.append(file ? (char) ('a' + 'h' - c) : rank ? (char) ('1' + '8' - c) : c);
        }
        return seen.toString();
    }
}
