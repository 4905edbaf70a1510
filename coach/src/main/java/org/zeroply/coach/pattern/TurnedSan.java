package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Symmetry;

/** Moves in SAN on a board that is turned over. */
final class TurnedSan {

    private static final String CASTLES_SHORT = "O-O";
    private static final String CASTLES_LONG = "O-O-O";

    private TurnedSan() {}

    /** The move as it is written there; castling goes to the other wing in the mirror. */
    static String of(Symmetry way, String san) {
        if (san.startsWith(CASTLES_SHORT)) {
            return way.isMirrored() ? otherWing(san) : san;
        }
        StringBuilder seen = new StringBuilder(san.length());
        for (char c : san.toCharArray()) {
            boolean file = way.isMirrored() && c >= 'a' && c <= 'h';
            boolean rank = way.swapsSides() && c >= '1' && c <= '8';
            seen.append(file ? (char) ('a' + 'h' - c) : rank ? (char) ('1' + '8' - c) : c);
        }
        return seen.toString();
    }

    private static String otherWing(String san) {
        return san.startsWith(CASTLES_LONG)
                ? san.replace(CASTLES_LONG, CASTLES_SHORT)
                : san.replace(CASTLES_SHORT, CASTLES_LONG);
    }
}
