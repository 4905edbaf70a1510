package org.zeroply.cli.console;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

/** Moves and squares as they are typed on a command line; what cannot be read is bad input. */
public final class MoveWords {

    private MoveWords() {}

    /** A move of the position, in SAN. */
    public static Move one(Position position, String san) {
        try {
            return San.read(position, san.strip());
        } catch (NotationException e) {
            throw new BadInputException(e.getMessage() + ".");
        }
    }

    /** Several moves of the same position. */
    public static List<Move> each(Position position, List<String> words) {
        return words.stream().map(san -> one(position, san)).toList();
    }

    /** Moves played one after the other. */
    public static List<Move> inTurn(Position start, List<String> words) {
        List<Move> moves = new ArrayList<>();
        Position p = start;
        for (String san : words) {
            Move move = one(p, san);
            moves.add(move);
            p = p.play(move);
        }
        return moves;
    }

    /** A square by its name, 0 for a1 to 63 for h8. */
    public static int square(String name) {
        int square = Square.parse(name.strip().toLowerCase(Locale.ROOT));
        if (square < 0) {
            throw new BadInputException("'" + name + "' is not a square.");
        }
        return square;
    }
}
