package org.zeroply.engine.eval;

/** Enemy pieces attacked by pawns, or attacked and not guarded. */
final class Threats implements Term {

    @Override
    public String name() {
        return "Threats";
    }

    @Override
    public int of(Survey s, int side) {
        int them = 1 - side;
        long pieces = s.board.pieces(them) & ~s.pawns[them] & ~(1L << s.king[them]);
        int byPawn = Long.bitCount(pieces & s.pawnAttacks[side]);
        long loose = s.board.pieces(them) & ~(1L << s.king[them]) & ~s.attacks[them];
        int hanging = Long.bitCount(loose & s.attacks[side]);
        return byPawn * Taper.of(38, 30) + hanging * Taper.of(18, 18);
    }
}
