package org.zeroply.chess.notation;

import org.zeroply.chess.tree.MoveTree;

/** What a PGN reader found: a game, or text that could not be read as one. */
public sealed interface PgnEntry {

    /** 1-based number of the game in its file. */
    int game();

    /** 1-based line on which the game begins. */
    int line();

    /** A game that was read. */
    record Game(int game, int line, MoveTree tree) implements PgnEntry {}

    /**
     * A game that could not be read.
     *
     * @param file name of the file, as given to the reader
     * @param line 1-based line of the error
     * @param column 1-based column of the error
     * @param reason what is wrong
     * @param expected what would have been right
     * @param raw the whole text of the game, unchanged
     */
    record Problem(
            String file, int game, int line, int column, String reason, String expected, String raw)
            implements PgnEntry {

        /** The problem in one sentence. */
        public String message() {
            return file
                    + ", line "
                    + line
                    + ", column "
                    + column
                    + " (game "
                    + game
                    + "): "
                    + reason
                    + "; expected "
                    + expected;
        }
    }
}
