package org.zeroply.coach.ending;

import java.util.List;
import org.zeroply.chess.board.Move;

/**
 * What can be played in an ending.
 *
 * @param best the quickest win, the longest defence, or every move that draws; empty when unclear
 * @param keeping all moves that keep the result
 * @param line best play to mate, to a promotion that wins, or for a while in a draw
 */
public record EndingMoves(List<Move> best, List<Move> keeping, List<Move> line) {

    public EndingMoves {
        best = List.copyOf(best);
        keeping = List.copyOf(keeping);
        line = List.copyOf(line);
    }
}
