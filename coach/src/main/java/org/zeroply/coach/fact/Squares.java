package org.zeroply.coach.fact;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.IntPredicate;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.texts.CoachWords;

/** Sets of squares as bitboards: files, ranks, what lies before a pawn; and their names. */
public final class Squares {

    /** All light squares. */
    public static final long LIGHT = 0x55aa55aa55aa55aaL;

    /** The four squares in the middle. */
    public static final long CENTRE = 0x1818000000L;

    /** The sixteen squares in the middle. */
    public static final long BIG_CENTRE = 0x3c3c3c3c0000L;

    /** Files c to f. */
    public static final long CENTRE_FILES = 0x3c3c3c3c3c3c3c3cL;

    /** Files a to d. */
    public static final long QUEENSIDE = 0x0f0f0f0f0f0f0f0fL;

    /** Files a to c. */
    public static final long A_TO_C = 0x0707070707070707L;

    /** Files f to h. */
    public static final long F_TO_H = 0xe0e0e0e0e0e0e0e0L;

    private static final long FILE_A = 0x0101010101010101L;

    private Squares() {}

    /** The file of a square. */
    public static long file(int square) {
        return ofFile(Square.file(square));
    }

    /** A file by its 0-based number; none off the board. */
    public static long ofFile(int file) {
        return file < 0 || file > 7 ? 0 : FILE_A << file;
    }

    /** A rank by its 0-based number, counted from a side's own edge. */
    public static long ofRank(Side side, int rank) {
        return 0xffL << 8 * (side == Side.WHITE ? rank : 7 - rank);
    }

    /** The files beside the file of a square. */
    public static long besideFiles(int square) {
        return ofFile(Square.file(square) - 1) | ofFile(Square.file(square) + 1);
    }

    /** The file of a square and those beside it. */
    public static long filesAround(int square) {
        return file(square) | besideFiles(square);
    }

    /** All squares of the files on which a set has a square. */
    public static long filesOf(long squares) {
        long files = squares | squares << 8 | squares >>> 8;
        files |= files << 16 | files >>> 16;
        files |= files << 32 | files >>> 32;
        return files;
    }

    /** All ranks before a square, seen by a side. */
    public static long front(Side side, int square) {
        int rank = Square.rank(square);
        return side == Side.WHITE ? rank == 7 ? 0 : -1L << 8 * (rank + 1) : (1L << 8 * rank) - 1;
    }

    /** The squares before a square on its file. */
    public static long ahead(Side side, int square) {
        return front(side, square) & file(square);
    }

    /** The square in front, or -1 at the far edge. */
    public static int stop(Side side, int square) {
        int stop = side == Side.WHITE ? square + 8 : square - 8;
        return stop < 0 || stop > 63 ? -1 : stop;
    }

    /** The rank counted from a side's own edge, 0 to 7. */
    public static int rank(Side side, int square) {
        int rank = Square.rank(square);
        return side == Side.WHITE ? rank : 7 - rank;
    }

    /** Squares attacked by pawns on these squares. */
    public static long pawnAttacks(Side side, long pawns) {
        return Attacks.pawns(side.ordinal(), pawns);
    }

    /** The squares right before these, seen by a side. */
    public static long forward(Side side, long squares) {
        return side == Side.WHITE ? squares << 8 : squares >>> 8;
    }

    /** All squares of the colour of a square. */
    public static long colourOf(int square) {
        return Square.isLight(square) ? LIGHT : ~LIGHT;
    }

    /** Moves a king needs from one square to another on an empty board. */
    public static int distance(int a, int b) {
        return Math.max(
                Math.abs(Square.file(a) - Square.file(b)),
                Math.abs(Square.rank(a) - Square.rank(b)));
    }

    /** Whether a set holds a square. */
    public static boolean has(long set, int square) {
        return square >= 0 && (set & 1L << square) != 0;
    }

    /** The lowest square of a set that is not empty. */
    public static int first(long set) {
        return Long.numberOfTrailingZeros(set);
    }

    /** The squares of a set, a1 first. */
    public static List<Integer> list(long set) {
        List<Integer> list = new ArrayList<>(Long.bitCount(set));
        for (long rest = set; rest != 0; rest &= rest - 1) {
            list.add(Long.numberOfTrailingZeros(rest));
        }
        return list;
    }

    /** The set of some squares. */
    public static long set(Collection<Integer> squares) {
        return squares.stream().mapToLong(s -> 1L << s).reduce(0, (a, b) -> a | b);
    }

    /** Those squares of a set of which something is true. */
    public static long where(long set, IntPredicate isTrue) {
        long found = 0;
        for (long rest = set; rest != 0; rest &= rest - 1) {
            found |= isTrue.test(first(rest)) ? rest & -rest : 0;
        }
        return found;
    }

    /** The names of a set of squares: {@code c4, d5 and e6}. */
    public static String names(long set) {
        return join(list(set).stream().map(Square::name).toList());
    }

    /** Words in a row: {@code a, b and c}. */
    public static String join(List<String> words) {
        if (words.size() < 2) {
            return String.join("", words);
        }
        int last = words.size() - 1;
        return CoachWords.of(
                "fact.and", String.join(", ", words.subList(0, last)), words.get(last));
    }
}
