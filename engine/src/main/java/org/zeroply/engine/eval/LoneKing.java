package org.zeroply.engine.eval;

/** Against a bare king: drive it to the edge and bring the own king near. Not tuned. */
final class LoneKing implements Term {

    @Override
    public String name() {
        return "Driving the bare king";
    }

    @Override
    public int of(Survey s, int side) {
        int them = 1 - side;
        if (s.board.pieces(them) != 1L << s.king[them]) {
            return 0;
        }
        boolean heavy = (s.board.pieces(side, 3) | s.board.pieces(side, 4)) != 0;
        if (s.pawns[side] == 0 && !heavy && Long.bitCount(s.board.pieces(side)) < 3) {
            return 0;
        }
        int king = s.king[them];
        int edge =
                Math.min(Math.min(king & 7, 7 - (king & 7)), Math.min(king >> 3, 7 - (king >> 3)));
        int near = Survey.distance(s.king[0], s.king[1]);
        int value = (3 - edge) * 24 + (7 - near) * 12;
        return Taper.of(value, value);
    }
}
