package org.zeroply.chess;

import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/** Positions for properties: the same random numbers give the same ones. */
public final class RandomPositions {

    private RandomPositions() {}

    /** The position after so many random moves from the start, or where the game ended before. */
    public static Position after(Random random, int plies) {
        Position p = Position.START;
        for (int i = 0; i < plies; i++) {
            List<Move> moves = p.legalMoves();
            if (moves.isEmpty()) {
                return p;
            }
            p = p.play(moves.get(random.nextInt(moves.size())));
        }
        return p;
    }
}
