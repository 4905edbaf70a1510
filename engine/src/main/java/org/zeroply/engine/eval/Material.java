package org.zeroply.engine.eval;

/** The value of the men themselves, and what they are worth in each other's company. */
final class Material implements Term {

    private static final int USUAL_PAWNS = 5;

    @Override
    public String name() {
        return "Material";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        int sum = company(s, us);
        for (int type = 0; type < 5; type++) {
            int count = Long.bitCount(s.board.pieces(us.side, type));
            sum += s.weights.times(us.side, Weights.MATERIAL + type, count);
        }
        return sum;
    }

    /** What depends on which men stand together; the plain values are kept up move by move. */
    static int company(Survey s, Camp us) {
        Weights w = s.weights;
        int side = us.side;
        int pawns = Long.bitCount(us.pawns) - USUAL_PAWNS;
        int knights = Long.bitCount(us.knights);
        int rooks = Long.bitCount(us.rooks);
        int sum = 0;
        if (knights > 0) {
            sum += w.times(side, Weights.KNIGHT_WITH_PAWNS, knights * pawns);
            sum += knights > 1 ? w.times(side, Weights.KNIGHT_PAIR, 1) : 0;
        }
        if (rooks > 0) {
            sum += w.times(side, Weights.ROOK_WITH_PAWNS, rooks * pawns);
            sum += rooks > 1 ? w.times(side, Weights.ROOK_PAIR, 1) : 0;
        }
        if (us.queens != 0) {
            sum += w.times(side, Weights.QUEEN_AND_MINOR, knights);
            int bishops = Long.bitCount(us.bishops);
            sum += w.times(side, Weights.QUEEN_AND_MINOR + 1, bishops);
        }
        return sum;
    }
}
