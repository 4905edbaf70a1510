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
    ISOLATED_QUEENS_PAWN(
            "isolated queen's pawn", (side, own, theirs) -> isolatedOn(3, side, own, theirs)),
    ISOLATED_KINGS_PAWN(
            "isolated king's pawn", (side, own, theirs) -> isolatedOn(4, side, own, theirs)),
    HANGING_PAWNS(
            "hanging pawns", (side, own, theirs) -> PawnSets.hangingPair(side, own, theirs) != 0),
    MINORITY_ATTACK(
            "minority attack on the queenside",
            (side, own, theirs) -> isMinorityAttack(Symmetry.SAME, side, own, theirs)),
    MINORITY_ATTACK_ON_THE_KINGSIDE(
            "minority attack on the kingside",
            (side, own, theirs) -> isMinorityAttack(Symmetry.MIRRORED, side, own, theirs));

    /** Whether a side's pawns show a shape. */
    private interface Look {
        boolean shows(Side side, long own, long theirs);
    }

    private final String words;
    private final Look look;

    Shape(String words, Look look) {
        this.words = words;
        this.look = look;
    }

    String words() {
        return words;
    }

    /** What these words name. */
    static Shape of(String words) {
        return Arrays.stream(values()).filter(s -> s.words.equals(words)).findFirst().orElseThrow();
    }

    /** Whether a side's pawns show it. */
    boolean isShown(Side side, long own, long theirs) {
        return look.shows(side, own, theirs);
    }

    /** The shape in the mirror. */
    Shape mirrored() {
        return switch (this) {
            case ISOLATED_QUEENS_PAWN -> ISOLATED_KINGS_PAWN;
            case ISOLATED_KINGS_PAWN -> ISOLATED_QUEENS_PAWN;
            case HANGING_PAWNS -> this;
            case MINORITY_ATTACK -> MINORITY_ATTACK_ON_THE_KINGSIDE;
            case MINORITY_ATTACK_ON_THE_KINGSIDE -> MINORITY_ATTACK;
        };
    }

    /**
     * One isolated pawn on a file, on its fourth or fifth rank, and no enemy pawn on the file.
     * Further back it holds nothing, further on it is a passed pawn first of all.
     */
    private static boolean isolatedOn(int file, Side side, long own, long theirs) {
        long squares = Squares.ofFile(file);
        long pawn = own & squares;
        return Long.bitCount(pawn) == 1
                && (pawn & (Squares.ofRank(side, 3) | Squares.ofRank(side, 4))) != 0
                && (theirs & squares) == 0
                && (PawnSets.isolated(own) & pawn) != 0;
    }

    /**
     * Two pawns against three on files a to c, one of the two on the b-file and past its third
     * rank, none on the c-file.
     */
    private static boolean isMinorityAttack(Symmetry seen, Side side, long own, long theirs) {
        long us = seen.set(own);
        long them = seen.set(theirs);
        long wing = Squares.A_TO_C;
        long home = Squares.ofRank(side, 0) | Squares.ofRank(side, 1) | Squares.ofRank(side, 2);
        return Long.bitCount(us & wing) == 2
                && Long.bitCount(them & wing) == 3
                && (us & Squares.ofFile(2)) == 0
                && (us & Squares.ofFile(1) & ~home) != 0;
    }
}
