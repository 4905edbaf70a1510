package org.zeroply.coach.pattern;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * The moves of a game from its first position on.
 *
 * @param start the first position
 * @param moves packed moves, each legal; not to be changed
 */
public record GameLine(Position start, int[] moves) {

    /** How many moves there are; the plies of its positions go from 0 to this number. */
    public int plies() {
        return moves.length;
    }

    /** The position at a ply, 0 for the first one. */
    public Position at(int ply) {
        return Position.of(boardAt(ply));
    }

    /** A new board at a ply. */
    Board boardAt(int ply) {
        Board board = start.toBoard();
        for (int i = 0; i < ply; i++) {
            board.make(moves[i]);
        }
        return board;
    }

    /** The move that led to a ply, from 1 on. */
    Move before(int ply) {
        return new Move(moves[ply - 1]);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof GameLine line
                && start.equals(line.start)
                && Arrays.equals(moves, line.moves);
    }

    @Override
    public int hashCode() {
        return 31 * start.hashCode() + Arrays.hashCode(moves);
    }

    @Override
    public String toString() {
        return "line of " + moves.length + " plies from " + start;
    }
}
