package org.zeroply.engine.eval;

/** Against a bare king: drive it to the edge and bring the own king near. Not tuned. */
final class LoneKing implements Term {

    @Override
    public String name() {
        return "Driving the bare king";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        if (them.men != 1L << them.king) {
            return 0;
        }
        boolean heavy = (us.rooks | us.queens) != 0;
        if (us.pawns == 0 && !heavy && Long.bitCount(us.men) < 3) {
            return 0;
        }
        int king = them.king;
        int edge =
                Math.min(Math.min(king & 7, 7 - (king & 7)), Math.min(king >> 3, 7 - (king >> 3)));
        int near = Survey.distance(us.king, them.king);
        int value = (3 - edge) * 24 + (7 - near) * 12;
        return Taper.of(value, value);
    }
}
