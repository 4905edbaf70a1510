package org.zeroply.engine.eval;

/** Where the men stand: towards the centre, developed, kings safe early and central late. */
final class Placement implements Term {

    /** By type and square from a side's own view, packed. */
    private static final int[][] TABLE = new int[6][64];

    static {
        for (int square = 0; square < 64; square++) {
            int file = square & 7;
            int rank = square >> 3;
            int fileCentre = Math.min(file, 7 - file);
            int rankCentre = Math.min(rank, 7 - rank);
            int centre = fileCentre + rankCentre;
            boolean back = rank == 0;
            boolean middle = fileCentre == 3 && (rank == 3 || rank == 4);
            int pawnStep = rank < 2 ? 0 : fileCentre * (rank - 1) * 2 - (3 - fileCentre) * 2;
            TABLE[0][square] = Taper.of(pawnStep + (middle ? 10 : 0), (rank - 1) * 6);
            TABLE[1][square] =
                    Taper.of(
                            centre * 9 - 32 - (back ? 10 : 0) + (rank == 5 ? 6 : 0),
                            centre * 7 - 24);
            TABLE[2][square] = Taper.of(centre * 5 - 14 - (back ? 12 : 0), centre * 4 - 12);
            TABLE[3][square] =
                    Taper.of(fileCentre * 4 - 6 + (rank == 6 ? 12 : 0), rank == 6 ? 10 : 0);
            TABLE[4][square] = Taper.of(centre * 2 - 6 - (rank > 4 ? 4 : 0), centre * 6 - 16);
            TABLE[5][square] = Taper.of(kingShelter(file, rank), centre * 12 - 36);
        }
    }

    private static int kingShelter(int file, int rank) {
        if (rank > 1) {
            return -40 - 10 * Math.min(rank, 4);
        }
        int wing = file <= 2 || file >= 6 ? 28 : file == 3 || file == 5 ? -12 : 0;
        return rank == 0 ? wing : wing - 28;
    }

    @Override
    public String name() {
        return "Placement of the men";
    }

    @Override
    public int of(Survey s, int side) {
        int flip = side == 0 ? 0 : 56;
        int sum = 0;
        for (int type = 0; type < 6; type++) {
            int[] table = TABLE[type];
            for (long set = s.board.pieces(side, type); set != 0; set &= set - 1) {
                sum += table[Long.numberOfTrailingZeros(set) ^ flip];
            }
        }
        return sum;
    }
}
