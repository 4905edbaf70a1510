package org.zeroply.cli.console;

import java.util.Locale;
import org.zeroply.chess.board.Side;

/** A side as it is named in an option. */
public final class SideName {

    private SideName() {}

    /**
     * The side of a name.
     *
     * @throws BadInputException if it is neither white nor black
     */
    public static Side of(String name) {
        return switch (name.toLowerCase(Locale.ROOT)) {
            case "white" -> Side.WHITE;
            case "black" -> Side.BLACK;
            default -> throw new BadInputException("A side is white or black, not " + name + ".");
        };
    }
}
