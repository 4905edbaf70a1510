package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What is said in one breath of two things, before a text is split: each gets a part of its own, so
 * that {@code white plays d5 sacrificing a pawn} is a move and a sacrifice.
 */
final class SaidApart {

    private static final String MATERIAL =
            "(an? (?:pawn|piece|rook|queen|bishop|knight)|the exchange)";

    /** What the other side has not, behind what one has. */
    private static final String HAS_NOT =
            " (?:does not|doesn't|has none|has not|hasn't|lacks (?:it|one|them))\\b";

    private static final List<Map.Entry<Pattern, String>> FORMS =
            List.of(
                    form(
                            "\\b(white|black) castle[sd]? (kingside|queenside|long|short)(?:,|,? (?:and|but|while|with))"
                                    + " (white|black) (?=kingside|queenside|long|short)",
                            "$1 castled $2 and $3 castled "),
                    form(
                            "\\b(white|black) has (?:an? |the )?([^,;()]+?),? (?:and|but|while)"
                                    + " (?!\\1)(white|black)"
                                    + HAS_NOT,
                            "$1 has $2 and not $3 has $2"),
                    form(
                            "\\b(white|black) ([^,;()]+?),? (?:sacrificing|giving up|offering|at the cost of) "
                                    + MATERIAL
                                    + "\\b",
                            "$1 $2 and $1 sacrificed $3"),
                    form(
                            "\\b(white|black) ([^,;()]+?),? winning " + MATERIAL + "\\b",
                            "$1 $2 and $1 won $3"),
                    form(
                            "\\b(white|black) ([^,;()]+?) as a (?:pawn |piece |)sacrifice\\b",
                            "$1 $2 and $1 sacrificed material"),
                    form(
                            "\\b(white|black) (?:attacks|attacked|hits|targets|bears on) ([a-h][1-8]) with (?:the |an? |its |)(\\w+) and (?:the |an? |its |)(\\w+)\\b",
                            "$1 $3 aimed at $2 and $1 $4 aimed at $2"),
                    form(
                            "\\b(?:endings?|endgames?) with (queen|rook|bishop|knight)s? and (queen|rook|bishop|knight)s?\\b",
                            "$1 and $2 ending"),
                    form(
                            "\\btension between ([a-h][1-8]) and ([a-h][1-8])\\b",
                            "tension on $1 and tension on $2"));

    /** Characters of a sentence at most: a longer text joins what is to be read one by one. */
    private static final int LONGEST = 600;

    private SaidApart() {}

    /** Whether a text is short enough to be a sentence that somebody says. */
    static boolean isSentence(String text) {
        return text.length() <= LONGEST;
    }

    private static Map.Entry<Pattern, String> form(String said, String apart) {
        return Map.entry(Phrase.pattern(said), apart);
    }

    /** The text with what is said in one breath said apart. */
    static String of(String text) {
        if (!isSentence(text)) {
            return text;
        }
        String apart = text;
        for (Map.Entry<Pattern, String> form : FORMS) {
            apart = form.getKey().matcher(apart).replaceAll(form.getValue());
        }
        return apart;
    }
}
