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

    /** By ply and side: hidden values in pairs, and whether they are worked out. */
    private final int[][][] values;

    private final boolean[][] known;

    /** By ply: codes and squares of what the move to it changed, 0 for nothing. */
    private final int[] added;

    private final int[] removed;
    private final int[] alsoAdded;
    private final int[] alsoRemoved;

    /** By ply: the side whose king changed its half of the board by the move to it, or -1. */
    private final int[] turned;

    /** Hidden values of who is to move, then those of the other side: one long loop costs less. */
    private final int[] both;

    /**
     * @param plies length of the longest line
     */
    public Accumulator(Network network, int plies) {
        this.network = network;
        int pairs = network.base.length;
        values = new int[plies][2][pairs];
        known = new boolean[plies][2];
        added = new int[plies];
        removed = new int[plies];
        alsoAdded = new int[plies];
        alsoRemoved = new int[plies];
        turned = new int[plies];
        both = new int[2 * pairs];
    }

    /** Begins a line with the position on a board. */
    public void begin(Board board) {
        refresh(board, 0, 0);
        refresh(board, 0, 1);
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
        turned[next] = (code & 7) == 6 && ((from ^ to) & 4) != 0 ? side : -1;
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
        known[next][0] = false;
        known[next][1] = false;
    }

    /** Notes a pass from a ply. */
    public void notePass(int ply) {
        int next = ply + 1;
        added[next] = 0;
        turned[next] = -1;
        known[next][0] = false;
        known[next][1] = false;
    }

    /**
     * Judges the position on the board, as far as who is ahead can win at all ({@link
     * Drawishness#ofMaterial}).
     *
     * @param ply of that position in the line
     * @return centipawns for the side to move
     */
    public int judge(Board board, int ply) {
        work(board, ply, 0);
        work(board, ply, 1);
        int side = board.sideToMove();
        int stage = Network.stage(Long.bitCount(board.occupied()));
        int[] own = values[ply][side];
        System.arraycopy(own, 0, both, 0, own.length);
        System.arraycopy(values[ply][1 - side], 0, both, own.length, own.length);
        Network.Output output = network.outputs[stage];
        int score = network.centipawns(stage, Kernels.weighed(both, output.low(), output.high()));
        int ahead = score > 0 ? side : 1 - side;
        return score * Drawishness.ofMaterial(board, ahead) / Drawishness.FULL;
    }

    private void work(Board board, int ply, int side) {
        int at = ply;
        while (!known[at][side]) {
            if (turned[at] == side) {
                refresh(board, ply, side);
                return;
            }
            at--;
        }
        if (at < ply) {
            int turn = Features.turn(side, board.kingSquare(side));
            for (int next = at + 1; next <= ply; next++) {
                step(next, side, turn);
            }
        }
    }

    private void step(int ply, int side, int turn) {
        int[] from = values[ply - 1][side];
        int[] to = values[ply][side];
        known[ply][side] = true;
        if (added[ply] == 0) {
            System.arraycopy(from, 0, to, 0, to.length);
            return;
        }
        int[] placed = row(added[ply], side, turn);
        int[] gone = row(removed[ply], side, turn);
        if (alsoRemoved[ply] == 0) {
            Kernels.move(to, from, placed, gone);
        } else {
            Kernels.capture(to, from, placed, gone, row(alsoRemoved[ply], side, turn));
            if (alsoAdded[ply] != 0) {
                Kernels.add(to, row(alsoAdded[ply], side, turn));
            }
        }
    }

    private int[] row(int man, int side, int turn) {
        return network.rows[Features.of(side, turn, man >> 6, man & 63)];
    }

    /** Works everything out anew from the board. */
    private void refresh(Board board, int ply, int side) {
        int[] to = values[ply][side];
        System.arraycopy(network.base, 0, to, 0, to.length);
        int turn = Features.turn(side, board.kingSquare(side));
        for (long s = board.occupied(); s != 0; s &= s - 1) {
            int square = Long.numberOfTrailingZeros(s);
            int code = board.codeAt(square);
            Kernels.add(to, network.rows[Features.of(side, turn, code, square)]);
        }
        known[ply][side] = true;
    }
}
