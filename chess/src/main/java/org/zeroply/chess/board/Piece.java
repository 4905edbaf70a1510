package org.zeroply.chess.board;

import java.util.Optional;

/** A chessman: whose it is and of what kind. */
public record Piece(Side side, PieceType type) {

    private static final String LETTERS = "PNBRQKpnbrqk";

    /** The FEN letter: upper case for White, lower case for Black. */
    public char letter() {
        return LETTERS.charAt(side.ordinal() * 6 + type.ordinal());
    }

    /** The piece for a FEN letter, or empty when the letter names none. */
    public static Optional<Piece> ofLetter(char letter) {
        int index = LETTERS.indexOf(letter);
        return index < 0
                ? Optional.empty()
                : Optional.of(new Piece(Side.of(index / 6), PieceType.of(index % 6)));
    }

    /** The code that {@link Board#codeAt(int)} uses: 1 to 6 for White, 9 to 14 for Black. */
    int code() {
        return side.ordinal() << 3 | type.ordinal() + 1;
    }

    static Piece ofCode(int code) {
        return new Piece(Side.of(code >> 3), PieceType.of((code & 7) - 1));
    }
}
