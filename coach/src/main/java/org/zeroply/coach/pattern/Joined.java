package org.zeroply.coach.pattern;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The {@code and}, and the {@code or} between files or ranks, in small letters that belongs to a
 * phrase and joins no conditions: between squares, {@code white pawns on e5 and d4}, between men on
 * the same place, {@code queen and rook on the d-file}, and between men that are weighed against
 * each other, {@code a rook against a knight and a bishop}.
 */
final class Joined {

    /** Stands for such a word, or comma, while a text is split. */
    private static final String HIDDEN_AND = "\u0001";

    private static final String HIDDEN_COMMA = "\u0002";

    private static final String HIDDEN_OR = "\u0003";

    private static final String SQUARE = "[a-h][1-8]";

    private static final String MAN =
            "(?:(?:an?|the|"
                    + Force.NUMBER
                    + ") )?(?:king|queen|rook|minor piece|piece|bishop|knight|pawn)s?";

    private static final String PIECE = "(?:queen|rook|bishop|knight)";

    /** Several men with the word between them. */
    private static final String MEN = MAN + "(?:(?:, | (?-i:and) )" + MAN + "){1,6}";

    private static final String AGAINST = "(?:against|vs\\.?|versus|v\\.?)";

    /** Where a phrase ends. */
    private static final String END = endBefore("and|or");

    /** The same, or where what else there is begins. */
    private static final String BESIDES =
            endBefore("and|or|with|without|while|where|when|but|against|in|after|before|from");

    private static final Pattern BELONGING =
            Phrase.pattern(
                    // Squares alone behind the word, else they begin another phrase.
                    "(?<=\\bon |\\bpawns |\\bstorm |\\bwith |\\baimed at )"
                            + SQUARE
                            + "(?:(?:,? |,? (?-i:and) )"
                            + SQUARE
                            + "){1,14}"
                            + BESIDES
                            + "|\\b(?<!"
                            + AGAINST
                            + " (?:\\w{1,5} )?)"
                            // By whom something is done is no man that stands anywhere.
                            + "(?<!\\bby (?:an? |the )?)"
                            + MEN
                            + "(?= (?:"
                            + AGAINST
                            + "|for\\b|up\\b|battery\\b|(?:aimed|pointed|pointing|near|close|next)\\b|on\\b(?! the board)))"
                            // Not behind a side: a white knight and a rook ending are two things.
                            + "|(?<=^|[,(;]|[,(;] |\\b(?:and|or|an?|in|not) )"
                            + PIECE
                            + "(?: (?-i:and) "
                            + PIECE
                            + "){1,2}(?= (?:end(?:ing|game)|mates?)\\b)"
                            // Several files or ranks, of which none begins another phrase.
                            + "|(?<=\\b(?:on|to|in) )(?:"
                            + Place.FILES
                            + "|"
                            + Place.EACH_FILE
                            + "|"
                            + Place.SEVERAL_RANKS
                            + ")(?!-)\\b(?! (?:(?:is|are) )?(?:open|half-open|empty))"
                            + "|\\bbetween (?:move|moves) \\d{1,3} and (?:move )?\\d"
                            + "|(?<=\\b(?:fork|skewer) (?:of|on) |\\bforks )"
                            + MEN
                            + endBefore("and|or|by")
                            + "|\\bking (?-i:and) pawns?(?= end(?:ing|game)\\b)"
                            + "|(?<=\\b(?:mate|mates|mated|corner) with )"
                            + MEN
                            + "|(?<=\\b(?:against|vs|vs\\.|versus|v|for) (?:white |black )?)"
                            + MEN
                            + END);

    private static final Pattern BETWEEN_SQUARES =
            Phrase.pattern("(?<=" + SQUARE + "),? and (?=" + SQUARE + "\\b)");

    private static final Pattern SEVERAL =
            Phrase.pattern("\\b(?:(king|queen|rook|bishop|knight|pawn|piece)s|men)(?= on )");

    /** What is said not to be so; the word stands before what it denies. */
    private static final Pattern DENIED =
            Phrase.pattern("\\b(white|black) (?:is|has) not (?!(?:yet )?castled|developed)");

    /** The same of a square. */
    private static final Pattern SQUARE_IS_NOT =
            Phrase.pattern(
                    "\\b("
                            + SQUARE
                            + ")(?: is|) not (?=(?:attacked|covered|guarded|defended|protected|controlled|empty)\\b)");

    /** The same of a man that stands elsewhere, or nowhere. */
    private static final Pattern NOT_THERE =
            Phrase.pattern(
                    "\\b((?:(?:white|black) )?(?:king|queen|rook|bishop|knight|pawn|man|piece))"
                            + "s?(?: is| are|) not (?=(?:on|in) )");

    /** The word goes before all of these. */
    private static final List<Pattern> NOT_BEHIND = List.of(SQUARE_IS_NOT, NOT_THERE, DENIED);

    private Joined() {}

    private static String endBefore(String words) {
        return "(?=\\s*(?:[,;)]|$|\\b(?:" + words + ")\\b))";
    }

    /** The text without such words, so that it is not split there. */
    static String hidden(String text) {
        String plain = SaidApart.of(text);
        for (Pattern denied : NOT_BEHIND) {
            plain = denied.matcher(plain).replaceAll("not $1 ");
        }
        return BELONGING
                .matcher(plain)
                .replaceAll(
                        m ->
                                Matcher.quoteReplacement(
                                        m.group()
                                                .replace(" and ", " " + HIDDEN_AND + " ")
                                                .replace(" or ", " " + HIDDEN_OR + " ")
                                                .replace(",", HIDDEN_COMMA)));
    }

    /** The text with these words again. */
    static String shown(String text) {
        return text.replace(HIDDEN_AND, "and").replace(HIDDEN_OR, "or").replace(HIDDEN_COMMA, ",");
    }

    /**
     * What is not there where it is said with {@code no}: {@code no white pawns on e5 and d4} means
     * no white pawn on e5 or d4, and not that there is one at most.
     */
    static String anyOf(String text) {
        String squares = BETWEEN_SQUARES.matcher(text).replaceAll(" or ");
        return SEVERAL.matcher(squares).replaceAll(m -> m.group(1) == null ? "man" : m.group(1));
    }
}
