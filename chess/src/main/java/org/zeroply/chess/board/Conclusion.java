package org.zeroply.chess.board;

import java.util.List;

/** How a game stands by the rules after its last move. */
public enum Conclusion {
    ONGOING("the game goes on"),
    CHECKMATE("checkmate"),
    STALEMATE("stalemate"),
    DEAD_POSITION("neither side has the material to mate"),
    FIVEFOLD_REPETITION("the position stood five times"),
    SEVENTY_FIVE_MOVES("75 moves without capture or pawn move"),
    THREEFOLD_REPETITION("the position stood three times; a draw can be claimed"),
    FIFTY_MOVES("50 moves without capture or pawn move; a draw can be claimed");

    private final String words;

    Conclusion(String words) {
        this.words = words;
    }

    /** The conclusion as the end of a sentence. */
    public String words() {
        return words;
    }

    /** Whether the game is over without anyone claiming anything. */
    public boolean isOver() {
        return this != ONGOING && this != THREEFOLD_REPETITION && this != FIFTY_MOVES;
    }

    /**
     * The state after a sequence of positions, the first being the start and each next one a move
     * later (Laws of Chess, articles 5.1, 5.2, 9.2, 9.3 and 9.6).
     */
    public static Conclusion of(List<Position> played) {
        Position last = played.get(played.size() - 1);
        if (last.legalMoves().isEmpty()) {
            return last.inCheck() ? CHECKMATE : STALEMATE;
        }
        if (isDead(last)) {
            return DEAD_POSITION;
        }
        long times = played.stream().filter(last::equals).count();
        if (times >= 5) {
            return FIVEFOLD_REPETITION;
        }
        if (last.halfmoveClock() >= 150) {
            return SEVENTY_FIVE_MOVES;
        }
        if (times >= 3) {
            return THREEFOLD_REPETITION;
        }
        return last.halfmoveClock() >= 100 ? FIFTY_MOVES : ONGOING;
    }

    /**
     * Whether no series of legal moves can mate, judged by material: bare kings, one knight, or
     * only bishops that all stand on one colour.
     */
    public static boolean isDead(Position p) {
        long knights = 0;
        long bishops = 0;
        for (Side side : Side.values()) {
            if ((p.pieces(side, PieceType.PAWN)
                            | p.pieces(side, PieceType.ROOK)
                            | p.pieces(side, PieceType.QUEEN))
                    != 0) {
                return false;
            }
            knights |= p.pieces(side, PieceType.KNIGHT);
            bishops |= p.pieces(side, PieceType.BISHOP);
        }
        if (knights != 0) {
            return bishops == 0 && Long.bitCount(knights) == 1;
        }
        long light = 0x55aa55aa55aa55aaL;
        return (bishops & light) == 0 || (bishops & ~light) == 0;
    }
}
