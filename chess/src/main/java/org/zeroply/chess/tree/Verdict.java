package org.zeroply.chess.tree;

import java.util.Optional;

/**
 * The verdicts of annotation, each a class of its own, from White's point of view. The numbers are
 * those of the PGN standard's numeric annotation glyphs.
 */
public enum Verdict {
    WHITE_WINS("+-", "White is winning", 18, 2),
    WHITE_BETTER("+/-", "White is clearly better", 16, 1),
    WHITE_SLIGHTLY("+=", "White is slightly better", 14, 1),
    EQUAL("=", "equal", 10, 0),
    BLACK_SLIGHTLY("=+", "Black is slightly better", 15, -1),
    BLACK_BETTER("-/+", "Black is clearly better", 17, -1),
    BLACK_WINS("-+", "Black is winning", 19, -2),
    UNCLEAR("unclear", "unclear", 13, 0),
    COMPENSATION("comp", "with compensation", 44, 0);

    private final String symbol;
    private final String words;
    private final int nag;
    private final int tendency;

    Verdict(String symbol, String words, int nag, int tendency) {
        this.symbol = symbol;
        this.words = words;
        this.nag = nag;
        this.tendency = tendency;
    }

    /** The symbol as it is typed, such as {@code +/-}. */
    public String symbol() {
        return symbol;
    }

    /** The verdict in words. */
    public String words() {
        return words;
    }

    /** The glyph number that stands for the verdict in PGN. */
    public int nag() {
        return nag;
    }

    /** Who is favoured: positive for White, negative for Black, 0 for neither. */
    public int tendency() {
        return tendency;
    }

    /** The verdict that a glyph number means; several numbers can mean one verdict. */
    public static Optional<Verdict> ofNag(int nag) {
        return switch (nag) {
            case 10, 11, 12 -> Optional.of(EQUAL);
            case 13 -> Optional.of(UNCLEAR);
            case 14 -> Optional.of(WHITE_SLIGHTLY);
            case 15 -> Optional.of(BLACK_SLIGHTLY);
            case 16 -> Optional.of(WHITE_BETTER);
            case 17 -> Optional.of(BLACK_BETTER);
            case 18, 20 -> Optional.of(WHITE_WINS);
            case 19, 21 -> Optional.of(BLACK_WINS);
            case 44, 45, 46, 47 -> Optional.of(COMPENSATION);
            default -> Optional.empty();
        };
    }

    /** The verdict that a symbol means: ours, and the printed single-character forms. */
    public static Optional<Verdict> ofSymbol(String text) {
        return switch (text) {
            case "+-", "+−", "+–" -> Optional.of(WHITE_WINS);
            case "+/-", "±" -> Optional.of(WHITE_BETTER);
            case "+=", "+/=", "⩲" -> Optional.of(WHITE_SLIGHTLY);
            case "=", "==" -> Optional.of(EQUAL);
            case "=+", "=/+", "⩱" -> Optional.of(BLACK_SLIGHTLY);
            case "-/+", "∓" -> Optional.of(BLACK_BETTER);
            case "-+", "−+", "–+" -> Optional.of(BLACK_WINS);
            case "unclear", "∞" -> Optional.of(UNCLEAR);
            case "comp", "=/∞" -> Optional.of(COMPENSATION);
            default -> Optional.empty();
        };
    }
}
