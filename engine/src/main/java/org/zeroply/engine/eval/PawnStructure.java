package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;

/** Isolated, doubled and backward pawns cost; pawns that guard each other or stand abreast pay. */
final class PawnStructure implements Term {

    @Override
    public String name() {
        return "Pawn structure";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        return s.pawnCache.structure(us.side);
    }

    static void fill(Weights w, Camp us, Camp them, PawnCache cache) {
        int side = us.side;
        long own = us.pawns;
        long theirs = them.pawns;
        int sum = 0;
        int candidates = 0;
        long passed = 0;
        long span = us.byPawns;
        for (long set = own; set != 0; set &= set - 1) {
            int square = Long.numberOfTrailingZeros(set);
            int rank = Survey.rankFor(side, square);
            long neighbours = Survey.neighbours(square);
            long file = Survey.file(square);
            long front = Survey.front(side, square);
            int stop = side == 0 ? square + 8 : square - 8;
            boolean open = (front & file & theirs) == 0;
            boolean doubled = (front & file & own) != 0;
            long supporters = Attacks.pawn(1 - side, square) & own;
            long abreast = neighbours & own & 0xffL << (square & 56);
            span |= front & neighbours;
            if ((own & neighbours) == 0) {
                sum += w.times(side, Weights.ISOLATED + (open ? 1 : 0), 1);
            } else if ((own & neighbours & ~front) == 0 && (them.byPawns & 1L << stop) != 0) {
                sum += w.times(side, Weights.BACKWARD + (open ? 1 : 0), 1);
            }
            if (doubled) {
                sum += w.times(side, Weights.DOUBLED, 1);
            }
            if (supporters != 0) {
                sum += w.times(side, Weights.GUARDED + rank, 1);
            }
            if (abreast != 0) {
                sum += w.times(side, Weights.PHALANX + rank, 1);
            }
            if ((front & theirs) == 0 && !doubled) {
                passed |= 1L << square;
            } else if (open && !doubled) {
                long sentries = front & neighbours & theirs;
                long helpers = neighbours & own & ~Survey.front(side, stop);
                if (Long.bitCount(helpers) >= Long.bitCount(sentries)) {
                    candidates += w.times(side, Weights.CANDIDATE + rank, 1);
                }
            }
        }
        cache.set(side, sum, candidates, passed, span);
    }
}
