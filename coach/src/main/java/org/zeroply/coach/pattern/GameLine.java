package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;

/**
 * The moves of a game from its first position on.
 *
 * @param start the first position
 * @param moves packed moves, each legal; not to be changed
 */
public record GameLine(Position start, int[] moves) {

    /** The main line of a game; a pass ends it. */
    public static GameLine of(MoveTree game) {
        List<Node> line = game.mainLine();
        int length = 0;
        while (length < line.size() && !line.get(length).move().isNull()) {
            length++;
        }
        int[] moves = new int[length];
        for (int i = 0; i < length; i++) {
            moves[i] = line.get(i).move().packed();
        }
        return new GameLine(game.start(), moves);
    }

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
