package org.zeroply.library.sheet;

import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;

/**
 * A game's main line in one byte a move: the move's place among the legal moves in ascending packed
 * order.
 *
 * @param start FEN of the first position; empty for the usual one
 */
public record PackedLine(String start, byte[] moves) {

    /** Told of every position of a line. */
    public interface Visitor {
        /**
         * @param ply 0 for the first position
         * @param key the position's key
         * @param next the packed move played there; 0 after the last one
         * @return whether to go on
         */
        boolean visit(int ply, long key, int next);
    }

    /** Packs a main line. */
    static PackedLine of(Position start, List<Node> line) {
        return PlayedLine.of(start, line).packed();
    }

    /** Plays the line through, position by position. */
    public void replay(Visitor visitor) {
        Position first = start.isEmpty() ? Position.START : Position.fromFen(start);
        Board board = first.toBoard();
        int[] legal = new int[MoveGenerator.MAX_MOVES];
        MoveOrder order = new MoveOrder();
        for (int ply = 0; ply < moves.length; ply++) {
            int end = MoveGenerator.all(board, legal, 0);
            int move = order.at(legal, end, moves[ply] & 0xff);
            if (!visitor.visit(ply, board.key(), move)) {
                return;
            }
            board.make(move);
        }
        visitor.visit(moves.length, board.key(), 0);
    }
}
