package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * The shortest ways of a piece over the board while all others stand still. A way is safe: on no
 * square of it could the piece be won by static exchange; a king does not step into check. An enemy
 * man may be taken at its end only.
 */
public final class Routes {

    /** Ways that are told apart; between far squares there are hundreds. Our choice. */
    private static final int MOST_WAYS = 24;

    private final Scene scene;
    private final int from;
    private final Side side;
    private final PieceType type;
    private final long occupied;
    private final List<Long> levels = new ArrayList<>();

    /**
     * @param from square of a piece, not a pawn
     * @param mostMoves how far to look
     * @throws IllegalArgumentException if no piece stands there
     */
    public Routes(Scene scene, int from, int mostMoves) {
        if (!Squares.has(scene.occupied(), from) || scene.typeAt(from) == PieceType.PAWN) {
            throw new IllegalArgumentException("routes are for pieces");
        }
        this.scene = scene;
        this.from = from;
        side = scene.sideAt(from);
        type = scene.typeAt(from);
        occupied = scene.occupied() & ~(1L << from);
        long seen = 1L << from;
        long last = seen;
        levels.add(last);
        while (levels.size() <= mostMoves && last != 0) {
            long next = 0;
            for (long set = last & ~scene.men(side.other()); set != 0; set &= set - 1) {
                next |= moves(Squares.first(set));
            }
            last = safe(next & ~seen);
            seen |= last;
            levels.add(last);
        }
    }

    private long moves(int square) {
        return Scene.attacksOf(type, side, square, occupied) & ~(scene.men(side) & occupied);
    }

    private long safe(long squares) {
        long safe = 0;
        for (long set = squares; set != 0; set &= set - 1) {
            int to = Squares.first(set);
            boolean takes = Squares.has(scene.men(side.other()), to);
            int gain = takes ? StaticExchange.value(scene.typeAt(to).ordinal()) : 0;
            if (LegalExchange.threatIfOn(scene.board(), from, to) <= gain) {
                safe |= 1L << to;
            }
        }
        return safe;
    }

    /** Squares reached in exactly so many moves and not in fewer. */
    public long in(int moves) {
        return moves < levels.size() ? levels.get(moves) : 0;
    }

    /** Moves needed to a square, or -1 when it is out of reach. */
    public int movesTo(int square) {
        for (int moves = 0; moves < levels.size(); moves++) {
            if (Squares.has(levels.get(moves), square)) {
                return moves;
            }
        }
        return -1;
    }

    /**
     * All shortest ways to a square, each from the piece's square on, at most {@value #MOST_WAYS};
     * none when it is out of reach or the piece stands on it.
     */
    public List<List<Integer>> to(int square) {
        List<List<Integer>> ways = new ArrayList<>();
        int moves = movesTo(square);
        if (moves > 0) {
            extend(List.of(square), moves, ways);
        }
        return ways;
    }

    private void extend(List<Integer> end, int moves, List<List<Integer>> ways) {
        if (ways.size() >= MOST_WAYS) {
            return;
        }
        if (moves == 0) {
            ways.add(end);
            return;
        }
        long before = levels.get(moves - 1) & ~(moves > 1 ? scene.men(side.other()) : 0);
        for (long set = before; set != 0; set &= set - 1) {
            int square = Squares.first(set);
            if (Squares.has(moves(square), end.get(0))) {
                List<Integer> way = new ArrayList<>(List.of(square));
                way.addAll(end);
                extend(way, moves - 1, ways);
            }
        }
    }
}
