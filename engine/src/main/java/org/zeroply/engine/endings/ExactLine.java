package org.zeroply.engine.endings;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;

/** Best play in an exactly known ending, so that a result can be played through to the mate. */
public final class ExactLine {

    private ExactLine() {}

    /**
     * The moves to the mate: the winning side takes the shortest way, the other the longest. None
     * when the result is a draw or not known.
     */
    public static List<Move> from(Board start, Endings endings) {
        Board board = start.copy();
        List<Move> line = new ArrayList<>();
        int value = endings.probe(board);
        while (value != Endings.UNKNOWN && value != 0 && value != -1) {
            int wanted = value > 0 ? -value : -value - 2;
            int move = leadingTo(wanted, board, endings);
            if (move == 0) {
                break;
            }
            line.add(new Move(move));
            board.make(move);
            value = wanted;
        }
        return line;
    }

    private static int leadingTo(int wanted, Board board, Endings endings) {
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, moves, 0);
        for (int i = 0; i < count; i++) {
            board.make(moves[i]);
            int value = endings.probe(board);
            board.unmake(moves[i]);
            if (value == wanted) {
                return moves[i];
            }
        }
        return 0;
    }
}
