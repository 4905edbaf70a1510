package org.zeroply.coach.fact.tactics;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.engine.exchange.StaticExchange;
import org.zeroply.engine.mate.MateInOne;

/**
 * What captures alone come to, on all squares at once: both sides take in turn what pays, and stop
 * when they like; who is in check answers it first. It tells whether a man that an exchange on its
 * square wins can be taken without losing more elsewhere.
 */
final class CaptureSearch {

    /** Above anything that can be taken, in hundredths of a pawn. */
    private static final int MATE = 20_000;

    /** Plies; longer series of captures are left to searches. */
    private static final int DEEPEST = 5;

    private final Board board;
    private final int[][] moves = new int[DEEPEST + 1][MoveGenerator.MAX_MOVES];

    private CaptureSearch(Board board) {
        this.board = board;
    }

    /**
     * Centipawns that the best capture on a square wins in the end for who is to move; 0 when it
     * wins nothing, be it that more is lost elsewhere.
     */
    static int gain(Board board, int square) {
        CaptureSearch search = new CaptureSearch(board);
        int[] legal = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, legal, 0);
        int best = -MATE;
        for (int i = 0; i < count; i++) {
            if (Move.to(legal[i]) == square && Move.isCapture(legal[i])) {
                best = Math.max(best, search.after(legal[i], 0, -MATE, MATE));
            }
        }
        return Math.max(0, best);
    }

    /** What a move comes to: what it takes, less what the other side gets then. */
    private int after(int move, int ply, int alpha, int beta) {
        int taken = StaticExchange.atOnce(board, move);
        board.make(move);
        int reply = best(ply, -beta + taken, -alpha + taken);
        board.unmake(move);
        return taken - reply;
    }

    /** The most that who is to move gets from here on, beside standing still. */
    private int best(int ply, int alphaIn, int beta) {
        boolean check = board.inCheck();
        if (!check && ply <= 1 && MateInOne.find(board) != 0) {
            return MATE;
        }
        int best = check ? -MATE : 0;
        if (ply == DEEPEST || best >= beta) {
            return check ? 0 : best;
        }
        int alpha = Math.max(alphaIn, best);
        int[] at = moves[ply];
        int count = MoveGenerator.all(board, at, 0);
        for (int i = 0; i < count; i++) {
            boolean takes = Move.isCapture(at[i]) || Move.isPromotion(at[i]);
            if (check || takes && StaticExchange.isAtLeast(board, at[i], ply > 1 ? 1 : 0)) {
                best = Math.max(best, after(at[i], ply + 1, alpha, beta));
                alpha = Math.max(alpha, best);
                if (alpha >= beta) {
                    return best;
                }
            }
        }
        return best;
    }
}
