package org.zeroply.engine.eval;

/** Pawns that no enemy pawn can stop, the further on the more; less when blocked. */
final class PassedPawns implements Term {

    private static final int[] MIDDLEGAME = {0, 4, 8, 18, 38, 70, 120, 0};
    private static final int[] ENDING = {0, 10, 18, 36, 66, 115, 190, 0};

    @Override
    public String name() {
        return "Passed pawns";
    }

    @Override
    public int of(Survey s, int side) {
        int sum = 0;
        for (long set = s.pawns[side]; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            long front = Survey.front(side, square);
            boolean passed =
                    (front & s.pawns[1 - side]) == 0
                            && (front & Survey.file(square) & s.pawns[side]) == 0;
            if (!passed) {
                continue;
            }
            int rank = Survey.rankFor(side, square);
            int stop = side == 0 ? square + 8 : square - 8;
            int ending = ENDING[rank];
            if (rank >= 3) {
                ending += 5 * (distance(s.king[1 - side], stop) - 2) * (rank - 2) / 2;
                ending -= 3 * (distance(s.king[side], stop) - 2) * (rank - 2) / 2;
            }
            boolean blocked = (s.board.occupied() & 1L << stop) != 0;
            sum +=
                    blocked
                            ? Taper.of(MIDDLEGAME[rank] / 2, ending * 2 / 3)
                            : Taper.of(MIDDLEGAME[rank], ending);
        }
        return sum;
    }

    static int distance(int a, int b) {
        return Math.max(Math.abs((a & 7) - (b & 7)), Math.abs((a >> 3) - (b >> 3)));
    }
}
