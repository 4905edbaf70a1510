package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.notation.NumberWords;
import org.zeroply.coach.fact.Squares;

/**
 * Some men, as in {@code a rook and two pawns}.
 *
 * @param minors knights or bishops, whichever
 */
record Force(int queens, int rooks, int minors, int bishops, int knights, int pawns) {

    /** No men. */
    static final Force NONE = new Force(0, 0, 0, 0, 0, 0);

    /** A rook. */
    static final Force ROOK = new Force(0, 1, 0, 0, 0, 0);

    /** A knight or a bishop. */
    static final Force MINOR = new Force(0, 0, 1, 0, 0, 0);

    /** How a number of men is written. */
    static final String NUMBER = "one|two|three|four|five|six|seven|eight|[1-9]";

    private static final String MAN = "(?:queen|rook|minor piece|piece|bishop|knight|pawn)";

    /** How men are written. */
    static final String WRITTEN =
            "(?:(?:(?:an?|the|"
                    + NUMBER
                    + ") )?"
                    + MAN
                    + "s?(?:, | and |(?= against| vs| versus| up|$)))+";

    private static final Pattern PART =
            Pattern.compile("(?:(an?|the|" + NUMBER + ") )?(" + MAN + ")s?");

    /** Reads what is written so. */
    static Force read(String text) {
        int[] counts = new int[6];
        Matcher part = PART.matcher(text);
        while (part.find()) {
            counts[place(part.group(2))] += part.group(1) == null ? 1 : number(part.group(1));
        }
        return new Force(counts[0], counts[1], counts[2], counts[3], counts[4], counts[5]);
    }

    private static int place(String man) {
        return switch (man) {
            case "queen" -> 0;
            case "rook" -> 1;
            case "bishop" -> 3;
            case "knight" -> 4;
            case "pawn" -> 5;
            default -> 2;
        };
    }

    /** The number that is written in figures or as a word; an article is one. */
    static int number(String word) {
        if (Character.isDigit(word.charAt(0))) {
            return Integer.parseInt(word);
        }
        return NumberWords.read(word).orElse(1);
    }

    /** Whether bishops or knights are told apart. */
    boolean isParticular() {
        return bishops > 0 || knights > 0;
    }

    String text() {
        List<String> parts = new ArrayList<>();
        add(parts, queens, PieceType.QUEEN.word());
        add(parts, rooks, PieceType.ROOK.word());
        add(parts, minors, "minor piece");
        add(parts, bishops, PieceType.BISHOP.word());
        add(parts, knights, PieceType.KNIGHT.word());
        add(parts, pawns, PieceType.PAWN.word());
        return Squares.join(parts);
    }

    private static void add(List<String> parts, int number, String man) {
        if (number > 0) {
            parts.add(number == 1 ? "a " + man : NumberWords.of(number) + " " + man + "s");
        }
    }
}
