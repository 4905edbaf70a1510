package org.zeroply.engine.mate;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;

/**
 * Finds a mate at once by a check of a piece that cannot be taken. What is found is a mate; mates
 * by pawns, by castling, by a check that another man uncovers and by a piece that may not be taken
 * because the taker is pinned are left out, since this is asked very often.
 */
public final class MateInOne {

    private static final int KNIGHT = 1;
    private static final int QUEEN = 4;

    /** Stands for flights that were not looked for yet; a king has eight at most. */
    private static final long UNKNOWN = -1L;

    private MateInOne() {}

    /** A mating move of the side to move, which is not in check; 0 for none. */
    public static int find(Board board) {
        int us = board.sideToMove();
        int king = board.kingSquare(1 - us);
        long occupied = board.occupied();
        long own = board.pieces(us);
        long flights = UNKNOWN;
        for (int type = KNIGHT; type <= QUEEN; type++) {
            long men = board.pieces(us, type);
            long checks = men == 0 ? 0 : Attacks.of(type, king, occupied) & ~own;
            for (; men != 0; men &= men - 1) {
                int from = Long.numberOfTrailingZeros(men);
                long targets = Attacks.of(type, from, occupied) & checks;
                if (targets != 0) {
                    flights = flights == UNKNOWN ? flights(board, us, king) : flights;
                    int move = find(board, type, from, targets, flights);
                    if (move != 0) {
                        return move;
                    }
                }
            }
        }
        return 0;
    }

    /** Squares that a king could go to as the men stand: nothing bears on them. */
    private static long flights(Board board, int us, int king) {
        long without = board.occupied() & ~(1L << king);
        long flights = 0;
        long around = Attacks.king(king) & ~board.pieces(1 - us);
        for (long rest = around; rest != 0; rest &= rest - 1) {
            if (!board.isAttacked(Long.numberOfTrailingZeros(rest), us, without)) {
                flights |= rest & -rest;
            }
        }
        return flights;
    }

    private static int find(Board board, int type, int from, long targets, long flights) {
        int us = board.sideToMove();
        int king = board.kingSquare(1 - us);
        long without = board.occupied() & ~(1L << king) & ~(1L << from);
        for (long rest = targets; rest != 0; rest &= rest - 1) {
            int to = Long.numberOfTrailingZeros(rest);
            // What the man bears on from its new place is no flight, nor is that place.
            boolean may =
                    (flights & ~(1L << to) & ~Attacks.of(type, to, without)) == 0
                            && isSafe(board, us, king, from, to);
            int move = may ? mate(board, from, to) : 0;
            if (move != 0) {
                return move;
            }
        }
        return 0;
    }

    /** Whether a man that moves there cannot be taken, pins left aside. */
    private static boolean isSafe(Board board, int us, int king, int from, int to) {
        long after = board.occupied() & ~(1L << from) | 1L << to;
        long reach = board.attackersTo(to, after) & ~(1L << from);
        if ((reach & board.pieces(1 - us) & ~(1L << king)) != 0) {
            return false;
        }
        return (Attacks.king(king) & 1L << to) == 0 || (reach & board.pieces(us)) != 0;
    }

    private static int mate(Board board, int from, int to) {
        int move = Move.pack(from, to, board.codeAt(to) == 0 ? Move.QUIET : Move.CAPTURE);
        if (!MoveGenerator.isLegal(board, move)) {
            return 0;
        }
        board.make(move);
        boolean mate = !MoveGenerator.any(board);
        board.unmake(move);
        return mate ? move : 0;
    }
}
