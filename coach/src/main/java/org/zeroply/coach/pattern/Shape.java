package org.zeroply.coach.pattern;

import java.util.Arrays;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnSets;

/**
 * Shapes of pawns that have a name. What each means exactly is our choice among the definitions in
 * use, and written in {@code docs/find.md}.
 */
enum Shape {
    ISOLATED_QUEENS_PAWN("isolated queen's pawn") {
        @Override
        boolean isShown(Side side, long own, long theirs) {
            return isolatedOn(Squares.ofFile(3), own, theirs);
        }

        @Override
        Shape mirrored() {
            return ISOLATED_KINGS_PAWN;
        }
    },
    ISOLATED_KINGS_PAWN("isolated king's pawn") {
        @Override
        boolean isShown(Side side, long own, long theirs) {
            return isolatedOn(Squares.ofFile(4), own, theirs);
        }

        @Override
        Shape mirrored() {
            return ISOLATED_QUEENS_PAWN;
        }
    },
    HANGING_PAWNS("hanging pawns") {
        @Override
        boolean isShown(Side side, long own, long theirs) {
            return PawnSets.hangingPair(side, own, theirs) != 0;
        }

        @Override
        Shape mirrored() {
            return this;
        }
    },
    MINORITY_ATTACK("minority attack on the queenside") {
        @Override
        boolean isShown(Side side, long own, long theirs) {
            return isMinorityAttack(Symmetry.SAME, side, own, theirs);
        }

        @Override
        Shape mirrored() {
            return MINORITY_ATTACK_ON_THE_KINGSIDE;
        }
    },
    MINORITY_ATTACK_ON_THE_KINGSIDE("minority attack on the kingside") {
        @Override
        boolean isShown(Side side, long own, long theirs) {
            return isMinorityAttack(Symmetry.MIRRORED, side, own, theirs);
        }

        @Override
        Shape mirrored() {
            return MINORITY_ATTACK;
        }
    };

    private final String words;

    Shape(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /** What these words name. */
    static Shape of(String words) {
        return Arrays.stream(values()).filter(s -> s.words.equals(words)).findFirst().orElseThrow();
    }

    /** Whether a side's pawns show it. */
    abstract boolean isShown(Side side, long own, long theirs);

    /** The shape in the mirror. */
    abstract Shape mirrored();

    /** One isolated pawn on a file, and no enemy pawn in front of it. */
    private static boolean isolatedOn(long file, long own, long theirs) {
        long pawn = own & file;
        return Long.bitCount(pawn) == 1
                && (theirs & file) == 0
                && (PawnSets.isolated(own) & pawn) != 0;
    }

    /**
     * Two pawns against three on files a to c, one of the two on the b-file and past its third
     * rank, none on the c-file.
     */
    private static boolean isMinorityAttack(Symmetry seen, Side side, long own, long theirs) {
        long us = seen.set(own);
        long them = seen.set(theirs);
        long wing = Squares.ofFile(0) | Squares.ofFile(1) | Squares.ofFile(2);
        long home = Squares.ofRank(side, 0) | Squares.ofRank(side, 1) | Squares.ofRank(side, 2);
        return Long.bitCount(us & wing) == 2
                && Long.bitCount(them & wing) == 3
                && (us & Squares.ofFile(2)) == 0
                && (us & Squares.ofFile(1) & ~home) != 0;
    }
}
