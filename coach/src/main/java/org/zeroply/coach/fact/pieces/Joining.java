package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/** Which men bear on a square now, also through their own men, and which can by safe moves. */
final class Joining {

    private final Scene scene;
    private final int most;
    private final Map<Integer, Routes> routes = new HashMap<>();

    /**
     * @param most moves that a man may need
     */
    Joining(Scene scene, int most) {
        this.scene = scene;
        this.most = most;
    }

    /** Those that bear on it now; what is pinned to its king does not. */
    Muster now(Side side, int square) {
        List<Muster.Joiner> men = new ArrayList<>();
        for (int man : Squares.list(scene.men(side))) {
            if (man != square && bears(man, square)) {
                men.add(new Muster.Joiner(man, 0));
            }
        }
        return new Muster(men);
    }

    /** Those that bear on it now or can. A king counts where it stands only. */
    Muster muster(Side side, int square) {
        List<Muster.Joiner> men = new ArrayList<>();
        for (int man : Squares.list(scene.men(side) & ~(1L << square))) {
            int moves = bears(man, square) ? 0 : movesOf(man, square);
            if (moves >= 0) {
                men.add(new Muster.Joiner(man, moves));
            }
        }
        return new Muster(men);
    }

    private boolean bears(int man, int square) {
        return scene.guards(man, square)
                && (scene.typeAt(man) == PieceType.KING || !scene.isPinned(man));
    }

    /** Moves a man needs to bear on a square, or -1. */
    private int movesOf(int man, int square) {
        return switch (scene.typeAt(man)) {
            case KING -> -1;
            case PAWN -> pawn(man, square);
            default -> piece(man, square);
        };
    }

    private int piece(int man, int square) {
        PieceType type = scene.typeAt(man);
        boolean wrongBishop =
                type == PieceType.BISHOP && !Squares.has(Squares.colourOf(square), man);
        if (wrongBishop || scene.isPinned(man)) {
            return -1;
        }
        Routes ways = routes.computeIfAbsent(man, m -> new Routes(scene, m, most));
        long occupied = scene.occupied() & ~(1L << man);
        for (int moves = 1; moves <= most; moves++) {
            for (int post : Squares.list(ways.in(moves) & ~(1L << square))) {
                long seen = Scene.attacksOf(type, scene.sideAt(man), post, occupied);
                if (Squares.has(seen, square)) {
                    return moves;
                }
            }
        }
        return -1;
    }

    /** By one step straight on, or two from its first place, over empty squares. */
    private int pawn(int man, int square) {
        Side side = scene.sideAt(man);
        int at = man;
        int most = Squares.rank(side, man) == 1 ? 2 : 1;
        for (int steps = 1; steps <= most; steps++) {
            at = Squares.stop(side, at);
            if (at < 0 || Squares.has(scene.occupied(), at)) {
                return -1;
            }
            if (Squares.has(Squares.pawnAttacks(side, 1L << at), square)) {
                return 1;
            }
        }
        return -1;
    }
}
