package org.zeroply.coach.fact.material;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * Which side has more of what. The differences are White's number of men less Black's, by type.
 *
 * @param difference by type; kings are left out
 * @param whitePair whether White has bishops of both colours
 * @param blackPair whether Black has
 * @param oppositeBishops whether each side has one bishop and they stand on different colours
 */
public record MaterialBalance(
        Map<PieceType, Integer> difference,
        boolean whitePair,
        boolean blackPair,
        boolean oppositeBishops) {

    public MaterialBalance {
        difference = Map.copyOf(difference);
    }

    /** The balance of a position. */
    public static MaterialBalance of(Position p) {
        Map<PieceType, Integer> difference = new EnumMap<>(PieceType.class);
        for (PieceType type : PieceType.values()) {
            if (type != PieceType.KING) {
                difference.put(type, p.count(Side.WHITE, type) - p.count(Side.BLACK, type));
            }
        }
        long white = p.pieces(Side.WHITE, PieceType.BISHOP);
        long black = p.pieces(Side.BLACK, PieceType.BISHOP);
        return new MaterialBalance(
                difference, isPair(white), isPair(black), areOpposite(white, black));
    }

    /** Whether bishops of one side stand on both colours. */
    public static boolean isPair(long bishops) {
        return (bishops & Squares.LIGHT) != 0 && (bishops & ~Squares.LIGHT) != 0;
    }

    /** Whether each side has one bishop, and they stand on different colours. */
    public static boolean areOpposite(long white, long black) {
        return Long.bitCount(white) == 1
                && Long.bitCount(black) == 1
                && (white & Squares.LIGHT) != 0 != ((black & Squares.LIGHT) != 0);
    }

    /** A side's lead on a scale, in hundredths of a point. */
    public int lead(Side side, MaterialScale scale) {
        int white = hundredths(scale);
        return side == Side.WHITE ? white : -white;
    }

    /** White's lead on a scale, in hundredths of a point. */
    public int hundredths(MaterialScale scale) {
        int sum = (whitePair ? scale.bishopPair() : 0) - (blackPair ? scale.bishopPair() : 0);
        for (var entry : difference.entrySet()) {
            sum += entry.getValue() * scale.value(entry.getKey());
        }
        return sum;
    }

    /** White's lead on a scale as printed: {@code +2}, {@code -1.25}, {@code 0}. */
    public String points(MaterialScale scale) {
        return print(hundredths(scale));
    }

    /** Hundredths of a point as printed. */
    public static String print(int hundredths) {
        if (hundredths == 0) {
            return "0";
        }
        int absolute = Math.abs(hundredths);
        String fraction =
                absolute % 100 == 0
                        ? ""
                        : String.format(Locale.ROOT, ".%02d", absolute % 100).replaceAll("0$", "");
        return (hundredths > 0 ? "+" : "-") + absolute / 100 + fraction;
    }

    /** The balance in the words that players use. */
    public String words() {
        return new MaterialWords(this).text();
    }

    /**
     * What a side gave since an earlier balance, in words: {@code a bishop for a pawn}; empty when
     * it gave nothing.
     */
    public String given(MaterialBalance before, Side side) {
        Map<PieceType, Integer> change = new EnumMap<>(PieceType.class);
        int sign = side == Side.WHITE ? 1 : -1;
        difference.forEach((t, n) -> change.put(t, sign * (n - before.difference.get(t))));
        return MaterialWords.given(change);
    }
}
