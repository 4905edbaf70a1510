package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;

/**
 * Tells whether material can be won by force, by trying every move against every answer and then
 * playing out captures. Nothing is left out and nothing is judged but the men on the board, which
 * makes it slow, and a yardstick for a search that leaves out much. A man counts by the usual
 * points: 1, 3, 3, 5 and 9.
 */
final class GainSearch {

    /** Deeper than any exchange on the board. */
    private static final int DEEPEST = 64;

    private final int[][] moves = new int[DEEPEST][MoveGenerator.MAX_MOVES];
    private final int[] refutations = new int[DEEPEST];
    private Board board = new Board();
    private int winner;

    /**
     * The moves that win so much by force.
     *
     * @param points more than the side to move has now, compared with the other side
     * @param plies tried in full, at least 1, before captures are played out; odd, so that the last
     *     of them is one of the side to move
     */
    List<Move> winners(Position position, int points, int plies) {
        board = position.toBoard();
        winner = board.sideToMove();
        int need = Points.lead(board, winner) + points;
        List<Move> found = new ArrayList<>();
        for (Move move : position.legalMoves()) {
            board.make(move.packed());
            if (!reaches(1 - need, plies - 1, 1)) {
                found.add(move);
            }
            board.unmake(move.packed());
        }
        return found;
    }

    /** Whether the side to move can come to such a balance, whatever the other side does. */
    private boolean reaches(int need, int plies, int ply) {
        boolean check = board.inCheck();
        int now = Points.lead(board, board.sideToMove());
        boolean quietToo = check || plies > 0;
        if (plies <= 0 && !check && now >= need) {
            return true;
        }
        int[] list = moves[ply];
        int end =
                quietToo
                        ? MoveGenerator.all(board, list, 0)
                        : MoveGenerator.captures(board, list, 0);
        if (end == 0 && (quietToo || !MoveGenerator.any(board))) {
            // Mated, or a stalemate, which wins nothing.
            return !check && board.sideToMove() != winner;
        }
        if (ply == DEEPEST - 1) {
            return now >= need;
        }
        order(list, end, ply);
        for (int i = 0; i < end; i++) {
            int move = list[i];
            board.make(move);
            // The other side may leave the men as they are after the last quiet move.
            boolean idle =
                    plies == 1
                            && now < need
                            && !Move.isCapture(move)
                            && !Move.isPromotion(move)
                            && !board.inCheck();
            boolean good = !idle && !reaches(1 - need, plies - 1, ply + 1);
            board.unmake(move);
            if (good) {
                refutations[ply] = move;
                return true;
            }
        }
        return false;
    }

    /** What refuted the last move tried first, then captures of much by little. */
    private void order(int[] list, int end, int ply) {
        for (int i = 1; i < end; i++) {
            int move = list[i];
            int rank = rank(move, ply);
            int j = i;
            while (j > 0 && rank(list[j - 1], ply) < rank) {
                list[j] = list[j - 1];
                j--;
            }
            list[j] = move;
        }
    }

    private int rank(int move, int ply) {
        if (move == refutations[ply]) {
            return 1000;
        }
        if (Move.isPromotion(move)) {
            return 500;
        }
        if (!Move.isCapture(move) || Move.kind(move) == Move.EN_PASSANT) {
            return 0;
        }
        int victim = board.typeAt(Move.to(move));
        int taker = board.typeAt(Move.from(move));
        return 20 + 10 * Points.OF[victim] - Points.OF[taker];
    }
}
