package org.zeroply.coach.defence.practice;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Weighed;

/**
 * A move one would like to play, and what makes it possible.
 *
 * @param position the position; who wishes is to move
 * @param from where the man of the wished move stands, 0-63
 * @param to where it should go
 * @param now the move if it were played at once; empty when it is not legal yet
 * @param worksNow whether it costs nothing already
 * @param sets the smallest sets of preparing moves after which it works; all of one size
 * @param complete whether all sets of that size were looked at, or only those that promise most
 */
public record Wish(
        Position position,
        int from,
        int to,
        Optional<Weighed> now,
        boolean worksNow,
        List<Preparation> sets,
        boolean complete) {

    public Wish {
        sets = List.copyOf(sets);
    }

    /**
     * Moves that prepare the wished one.
     *
     * @param orders the orders in which they work, each a list of own moves; the first is shown
     * @param line the first order played out against the best replies, the wished move last
     * @param shots for each preparing move of the line: the strongest forcing reply, and what
     *     follows
     */
    public record Preparation(List<List<Move>> orders, List<Move> line, List<List<Move>> shots) {
        public Preparation {
            orders = List.copyOf(orders);
            line = List.copyOf(line);
            shots = List.copyOf(shots);
        }

        /** The preparing moves in the order shown. */
        public List<Move> moves() {
            return orders.get(0);
        }
    }
}
