package org.zeroply.chess.board;

/** The six kinds of chessmen. The ordinal indexes the arrays of {@link Board}. */
public enum PieceType {
    PAWN('P', "pawn"),
    KNIGHT('N', "knight"),
    BISHOP('B', "bishop"),
    ROOK('R', "rook"),
    QUEEN('Q', "queen"),
    KING('K', "king");

    private static final PieceType[] TYPES = values();

    private final char letter;
    private final String word;

    PieceType(char letter, String word) {
        this.letter = letter;
        this.word = word;
    }

    /** The English letter of the piece in notation, upper case, {@code P} for a pawn. */
    public char letter() {
        return letter;
    }

    /** The English word for the piece, lower case. */
    public String word() {
        return word;
    }

    /** The type with the given index, 0 (pawn) to 5 (king). */
    public static PieceType of(int index) {
        return TYPES[index];
    }
}
