package org.zeroply.coach;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;

/** Games and lines as tests write them. */
public final class TestGames {

    private TestGames() {}

    /** The first game of a PGN text. */
    public static MoveTree game(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    /** Moves in SAN with blanks between, played one after the other. */
    public static List<Move> line(Position from, String sans) throws NotationException {
        List<Move> line = new ArrayList<>();
        Position p = from;
        for (String san : sans.split(" ")) {
            Move move = San.read(p, san);
            line.add(move);
            p = p.play(move);
        }
        return line;
    }
}
