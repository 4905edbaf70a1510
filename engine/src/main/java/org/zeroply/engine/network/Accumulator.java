package org.zeroply.engine.network;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.eval.Drawishness;

/**
 * The hidden values of the positions of a line, for one searching thread. Moves are only noted;
 * values are worked out when a position is judged, from the last ones that are known.
 */
public final class Accumulator {

    private final Network network;

    /** By ply: hidden values in pairs, of White's view and then of Black's. */
    private final int[][] values;

    /** By ply: whether they are worked out. */
    private final boolean[] known;

    /** By ply: codes and squares of what the move to it changed, 0 for nothing. */
    private final int[] added;

    private final int[] removed;
    private final int[] alsoAdded;
    private final int[] alsoRemoved;

    /** By ply: whether a king changed its half of the board by the move to it. */
    private final boolean[] turned;

    /** By side and half of its king: what was worked out last. */
    private final View[][] views = new View[2][2];

    /**
     * @param plies length of the longest line
     */
    public Accumulator(Network network, int plies) {
        this.network = network;
        values = new int[plies][2 * network.base.length];
        known = new boolean[plies];
        added = new int[plies];
        removed = new int[plies];
        alsoAdded = new int[plies];
        alsoRemoved = new int[plies];
        turned = new boolean[plies];
    }

    /** Begins a line with the position on a board. */
    public void begin(Board board) {
        refresh(board, 0);
    }

    /** Notes a legal packed move from a ply, not yet made on the board. */
    public void note(Board board, int move, int ply) {
        int next = ply + 1;
        int from = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        int side = board.sideToMove();
        int code = board.codeAt(from);
        removed[next] = code << 6 | from;
        int placed = kind >= Move.PROMOTION ? side << 3 | (kind & 3) + 2 : code;
        added[next] = placed << 6 | to;
        alsoAdded[next] = 0;
        turned[next] = (code & 7) == 6 && ((from ^ to) & 4) != 0;
        if (kind == Move.EN_PASSANT) {
            alsoRemoved[next] = ((1 - side) << 3 | 1) << 6 | to ^ 8;
        } else if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            boolean kingSide = kind == Move.KING_SIDE_CASTLING;
            int rook = side << 3 | 4;
            alsoRemoved[next] = rook << 6 | (kingSide ? to + 1 : to - 2);
            alsoAdded[next] = rook << 6 | (kingSide ? to - 1 : to + 1);
        } else {
            int captured = board.codeAt(to);
            alsoRemoved[next] = captured == 0 ? 0 : captured << 6 | to;
        }
        known[next] = false;
    }

    /** Notes a pass from a ply. */
    public void notePass(int ply) {
        int next = ply + 1;
        added[next] = 0;
        turned[next] = false;
        known[next] = false;
    }

    /**
     * Judges the position on the board, as far as who is ahead can win at all ({@link
     * Drawishness#ofMaterial}).
     *
     * @param ply of that position in the line
     * @return centipawns for the side to move
     */
    public int judge(Board board, int ply) {
        work(board, ply);
        int side = board.sideToMove();
        int stage = Network.stage(Long.bitCount(board.occupied()));
        Network.Output output = network.outputs[side][stage];
        int sum = Kernels.weighed(values[ply], output.low(), output.high());
        int score = network.centipawns(stage, sum);
        int ahead = score > 0 ? side : 1 - side;
        return score * Drawishness.ofMaterial(board, ahead) / Drawishness.FULL;
    }

    private void work(Board board, int ply) {
        int at = ply;
        while (!known[at]) {
            if (turned[at]) {
                refresh(board, ply);
                return;
            }
            at--;
        }
        if (at < ply) {
            int[][] rows = network.both[half(board, 0)][half(board, 1)];
            for (int next = at + 1; next <= ply; next++) {
                step(next, rows);
            }
        }
    }

    private void step(int ply, int[][] rows) {
        int[] from = values[ply - 1];
        int[] to = values[ply];
        known[ply] = true;
        if (added[ply] == 0) {
            System.arraycopy(from, 0, to, 0, to.length);
        } else if (alsoRemoved[ply] == 0) {
            Kernels.move(to, from, rows[added[ply]], rows[removed[ply]]);
        } else {
            int[] taken = rows[alsoRemoved[ply]];
            Kernels.capture(to, from, rows[added[ply]], rows[removed[ply]], taken);
            if (alsoAdded[ply] != 0) {
                Kernels.add(to, rows[alsoAdded[ply]]);
            }
        }
    }

    /** Works everything out from the board instead of the moves. */
    private void refresh(Board board, int ply) {
        for (int side = 0; side < 2; side++) {
            int half = half(board, side);
            if (views[side][half] == null) {
                int turn = Features.turn(side, board.kingSquare(side));
                views[side][half] = new View(network, side, turn);
            }
            View view = views[side][half];
            view.look(board);
            int length = view.values.length;
            System.arraycopy(view.values, 0, values[ply], side * length, length);
        }
        known[ply] = true;
    }

    /** The half of the board that a side's king stands on: 0 on the left, 1 on the right. */
    private static int half(Board board, int side) {
        return board.kingSquare(side) >> 2 & 1;
    }
}
