package org.zeroply.chess.board;

/** The two players. The ordinal (white 0, black 1) indexes the arrays of {@link Board}. */
public enum Side {
    WHITE,
    BLACK;

    /** The player on the other side of the board. */
    public Side other() {
        return this == WHITE ? BLACK : WHITE;
    }

    /** The FEN letter, {@code w} or {@code b}. */
    public char letter() {
        return this == WHITE ? 'w' : 'b';
    }

    /** The word used in sentences: "White" or "Black". */
    public String word() {
        return this == WHITE ? "White" : "Black";
    }

    /** The same in small letters, as in tags, queries and columns: "white" or "black". */
    public String smallWord() {
        return this == WHITE ? "white" : "black";
    }

    /**
     * The side of this word, in any letters.
     *
     * @throws IllegalArgumentException if it is another word
     */
    public static Side called(String word) {
        for (Side side : values()) {
            if (side.word().equalsIgnoreCase(word)) {
                return side;
            }
        }
        throw new IllegalArgumentException("a side is white or black, not " + word);
    }

    /** The side with the given index, 0 for White and 1 for Black. */
    public static Side of(int index) {
        return index == 0 ? WHITE : BLACK;
    }
}
