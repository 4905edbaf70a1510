package org.zeroply.coach.fact.structure;

import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/** Pawns of a kind as sets of squares, by the definitions in {@code docs/facts.md}. */
public final class PawnSets {

    private PawnSets() {}

    /** Pawns of a side with none beside them. */
    public static long isolated(long own) {
        return Squares.where(own, square -> (own & Squares.besideFiles(square)) == 0);
    }

    /** Pawns of a side that share a file. */
    public static long doubled(long own) {
        return Squares.where(own, square -> Long.bitCount(own & Squares.file(square)) > 1);
    }

    /** Pawns of a side that no enemy pawn can stop and no own pawn stands before. */
    public static long passed(Side side, long own, long theirs) {
        return Squares.where(
                own,
                square -> {
                    long way = Squares.front(side, square);
                    long file = Squares.file(square);
                    long guarded = file | Squares.besideFiles(square);
                    return (way & guarded & theirs) == 0 && (way & file & own) == 0;
                });
    }

    /**
     * Pawns of a side that are not passed, whose neighbours have all gone ahead, and an enemy pawn
     * guards the square in front without standing on it.
     */
    public static long backward(Side side, long own, long theirs) {
        long guarded = Squares.pawnAttacks(side.other(), theirs);
        long passed = passed(side, own, theirs);
        return Squares.where(
                own & ~passed & ~isolated(own),
                square -> {
                    long beside = Squares.besideFiles(square);
                    int stop = Squares.stop(side, square);
                    return (own & beside & ~Squares.front(side, square)) == 0
                            && !Squares.has(theirs, stop)
                            && Squares.has(guarded, stop);
                });
    }

    /** Two pawns abreast on the fourth rank by themselves, without enemy pawns on their files. */
    public static long hangingPair(Side side, long own, long theirs) {
        for (int file = 2; file < 5; file++) {
            long files = Squares.ofFile(file) | Squares.ofFile(file + 1);
            long around = Squares.ofFile(file - 1) | Squares.ofFile(file + 2);
            long pair = own & files;
            boolean abreast = pair == (files & Squares.ofRank(side, 3)) && (own & around) == 0;
            if (abreast && (theirs & files) == 0 && (theirs & around) != 0) {
                return pair;
            }
        }
        return 0;
    }
}
