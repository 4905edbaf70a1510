package org.zeroply.engine.eval;

/** The value of the men themselves. */
final class Material implements Term {

    private static final int[] VALUE = {
        Taper.of(90, 110),
        Taper.of(335, 310),
        Taper.of(345, 330),
        Taper.of(480, 540),
        Taper.of(1000, 1000)
    };

    @Override
    public String name() {
        return "Material";
    }

    @Override
    public int of(Survey s, int side) {
        int sum = 0;
        for (int type = 0; type < 5; type++) {
            sum += VALUE[type] * Long.bitCount(s.board.pieces(side, type));
        }
        return sum;
    }
}
