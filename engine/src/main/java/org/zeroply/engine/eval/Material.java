package org.zeroply.engine.eval;

import org.zeroply.chess.board.Board;

/** The value of the men themselves, and what they are worth in each other's company. */
final class Material implements Term {

    private static final int USUAL_PAWNS = 5;

    @Override
    public String name() {
        return "Material";
    }

    @Override
    public int of(Survey s, int side) {
        int sum = company(s, side);
        for (int type = 0; type < 5; type++) {
            int count = Long.bitCount(s.board.pieces(side, type));
            sum += s.weights.times(side, Weights.MATERIAL + type, count);
        }
        return sum;
    }

    /** What depends on which men stand together; the plain values are kept up move by move. */
    static int company(Survey s, int side) {
        Weights w = s.weights;
        Board b = s.board;
        int pawns = Long.bitCount(s.pawns[side]) - USUAL_PAWNS;
        int knights = Long.bitCount(b.pieces(side, 1));
        int rooks = Long.bitCount(b.pieces(side, 3));
        int sum = 0;
        if (knights > 0) {
            sum += w.times(side, Weights.KNIGHT_WITH_PAWNS, knights * pawns);
            sum += knights > 1 ? w.times(side, Weights.KNIGHT_PAIR, 1) : 0;
        }
        if (rooks > 0) {
            sum += w.times(side, Weights.ROOK_WITH_PAWNS, rooks * pawns);
            sum += rooks > 1 ? w.times(side, Weights.ROOK_PAIR, 1) : 0;
        }
        if (b.pieces(side, 4) != 0) {
            sum += w.times(side, Weights.QUEEN_AND_MINOR, knights);
            int bishops = Long.bitCount(b.pieces(side, 2));
            sum += w.times(side, Weights.QUEEN_AND_MINOR + 1, bishops);
        }
        return sum;
    }
}
