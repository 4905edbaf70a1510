package org.zeroply.engine.eval;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * Where the men stand. Together with the plain values of the men this is kept up move by move
 * instead of being counted anew.
 */
final class Placement implements Term {

    /** Value and place of every man, from White's view, by piece code and square. */
    private final int[] table = new int[16 * 64];

    Placement(Weights weights) {
        int[] values = weights.packed();
        for (int side = 0; side < 2; side++) {
            for (int type = 0; type < 6; type++) {
                for (int square = 0; square < 64; square++) {
                    int value = values[index(side, type, square)];
                    value += type < 5 ? values[Weights.MATERIAL + type] : 0;
                    table[(side << 3 | type + 1) << 6 | square] = side == 0 ? value : -value;
                }
            }
        }
    }

    private static int index(int side, int type, int square) {
        return Weights.PLACEMENT + type * 64 + (side == 0 ? square : square ^ 56);
    }

    @Override
    public String name() {
        return "Placement of the men";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        int side = us.side;
        int sum = 0;
        for (int type = 0; type < 6; type++) {
            for (long set = s.board.pieces(side, type); set != 0; set &= set - 1) {
                int square = Long.numberOfTrailingZeros(set);
                sum += s.weights.times(side, index(side, type, square), 1);
            }
        }
        return sum;
    }

    /** Packed value of men and places from White's view, counted anew. */
    int count(Board board) {
        int sum = 0;
        for (long set = board.occupied(); set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            sum += table[board.codeAt(square) << 6 | square];
        }
        return sum;
    }

    /** What a legal packed move, not yet made, changes in {@link #count}. */
    int change(Board board, int move) {
        int from = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        int code = board.codeAt(from);
        int side = code >> 3;
        int placed = kind >= Move.PROMOTION ? side << 3 | (kind & 3) + 2 : code;
        int change = table[placed << 6 | to] - table[code << 6 | from];
        if (kind == Move.EN_PASSANT) {
            change -= table[((1 - side) << 3 | 1) << 6 | to ^ 8];
        } else if ((kind & Move.CAPTURE) != 0) {
            change -= table[board.codeAt(to) << 6 | to];
        } else if (kind == Move.KING_SIDE_CASTLING) {
            int rook = (side << 3 | 4) << 6;
            change += table[rook | to - 1] - table[rook | to + 1];
        } else if (kind == Move.QUEEN_SIDE_CASTLING) {
            int rook = (side << 3 | 4) << 6;
            change += table[rook | to + 1] - table[rook | to - 2];
        }
        return change;
    }
}
