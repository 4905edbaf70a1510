package org.zeroply.chess.board;

import java.util.Optional;

/**
 * A move as a value. The packed form is what {@link Board} plays: bits 0-5 origin, 6-11 target,
 * 12-15 kind (see the constants). The static methods take packed moves apart without allocation.
 */
public record Move(int packed) {

    public static final int QUIET = 0;
    public static final int DOUBLE_PUSH = 1;
    public static final int KING_SIDE_CASTLING = 2;
    public static final int QUEEN_SIDE_CASTLING = 3;
    public static final int CAPTURE = 4;
    public static final int EN_PASSANT = 5;

    /** Added to 0 (knight) to 3 (queen); together with {@link #CAPTURE} a capturing promotion. */
    public static final int PROMOTION = 8;

    /** The null move: the side to move passes. Never among the legal moves. */
    public static final Move NULL = new Move(0);

    /** Packs a move. */
    public static int pack(int from, int to, int kind) {
        return from | to << 6 | kind << 12;
    }

    /** Origin square of a packed move. */
    public static int from(int packed) {
        return packed & 63;
    }

    /** Target square of a packed move; for castling the king's target. */
    public static int to(int packed) {
        return packed >> 6 & 63;
    }

    /** Kind of a packed move: one of the constants of this class. */
    public static int kind(int packed) {
        return packed >>> 12;
    }

    /** Whether a packed move takes something, en passant included. */
    public static boolean isCapture(int packed) {
        return (packed & CAPTURE << 12) != 0;
    }

    /** Whether a packed move promotes a pawn. */
    public static boolean isPromotion(int packed) {
        return (packed & PROMOTION << 12) != 0;
    }

    /** Index of the promoted piece's type (1 knight to 4 queen) of a packed promotion. */
    public static int promotionType(int packed) {
        return (packed >>> 12 & 3) + 1;
    }

    /** Whether a packed move neither takes nor promotes. */
    public static boolean isQuiet(int packed) {
        return !isCapture(packed) && !isPromotion(packed);
    }

    /** Origin square. */
    public int from() {
        return from(packed);
    }

    /** Target square. */
    public int to() {
        return to(packed);
    }

    /** Whether something is taken, en passant included. */
    public boolean isCapture() {
        return isCapture(packed);
    }

    /** Whether this is castling to either side. */
    public boolean isCastling() {
        int kind = kind(packed);
        return kind == KING_SIDE_CASTLING || kind == QUEEN_SIDE_CASTLING;
    }

    /** Whether this is the null move. */
    public boolean isNull() {
        return packed == 0;
    }

    /** The piece promoted to, if the move is a promotion. */
    public Optional<PieceType> promotion() {
        return isPromotion(packed)
                ? Optional.of(PieceType.of(promotionType(packed)))
                : Optional.empty();
    }

    /** Coordinate form as the open engine protocol writes it: {@code e2e4}, {@code e7e8q}. */
    public String coordinates() {
        if (isNull()) {
            return "0000";
        }
        String promoted = promotion().map(p -> "" + Character.toLowerCase(p.letter())).orElse("");
        return Square.name(from()) + Square.name(to()) + promoted;
    }

    @Override
    public String toString() {
        return coordinates();
    }
}
