package org.zeroply.engine.network;

import org.zeroply.chess.board.Board;

/**
 * The hidden values of one side's view with its king on one half of the board, of the last position
 * that was looked at so. Another position is worked out from what differs, which is seldom much:
 * where a king has changed its half, it mostly was there a few moves ago.
 */
final class View {

    private final Network network;
    private final int side;
    private final int turn;

    /** In pairs; at first those of an empty board. */
    final int[] values;

    /** By piece code: where the men of that position stood. */
    private final long[] men = new long[16];

    /**
     * @param turn how squares are turned ({@link Features#turn})
     */
    View(Network network, int side, int turn) {
        this.network = network;
        this.side = side;
        this.turn = turn;
        values = network.base.clone();
    }

    /** Turns to the position on a board. */
    void look(Board board) {
        for (int owner = 0; owner < 2; owner++) {
            for (int type = 0; type < 6; type++) {
                int code = owner << 3 | type + 1;
                long now = board.pieces(owner, type);
                long before = men[code];
                men[code] = now;
                for (long s = now & ~before; s != 0; s &= s - 1) {
                    Kernels.add(values, row(code, Long.numberOfTrailingZeros(s)));
                }
                for (long s = before & ~now; s != 0; s &= s - 1) {
                    Kernels.remove(values, row(code, Long.numberOfTrailingZeros(s)));
                }
            }
        }
    }

    private int[] row(int code, int square) {
        return network.rows[Features.of(side, turn, code, square)];
    }
}
