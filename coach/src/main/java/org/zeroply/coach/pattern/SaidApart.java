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
                            "\\b(queen|rook|bishop) and (?:the )?(queen|rook|bishop) (?:lines?|lined|lining) up (?:against|on|at)(?= [a-h][1-8])",
                            "$1 and $2 aimed at"),
                    form(
                            "\\b(white|black) has only rooks and pawns\\b",
                            "$1 has no queen and $1 has no bishop and $1 has no knight"),
                    form(
                            "\\b(?:each side|each player|both sides|both players) (?:has|have|with) (?:an? )?(queen|rook|bishop|knight) and (?:an? )?(queen|rook|bishop|knight)\\b(?! (?:ending|endgame))",
                            "both sides have at least 1 $1 and both sides have at least 1 $2"),
                    form(
                            "\\b(white|black) (king|queen|rook|bishop|knight) (?-i:and) (?:the |an? )?(white|black) (king|queen|rook|bishop|knight) (?:are )?(?:on|along) the same (file|rank|diagonal)\\b(?! as)",
                            "$1 $2 on the same $5 as the $3 $4"),
                    form(
                            "\\b(white|black) (king|rook|knight) (?-i:and) (queen) (?:are )?on the same (file|rank|diagonal)\\b(?! as)",
                            "$1 $2 on the same $4 as the $1 $3"),
                    form(
                            "\\b(?:(white|black) |)(?:an? |the |)(piece|rook|queen|exchange) (?:is |was |)sacrificed,? (?:and |)not (?:taken|won) back within (\\d+) plies",
                            "$1 sacrificed a $2 not taken back within $3 plies"),
                    form(
                            "(?<![a-z] )\\b((?:(?:white|black) )?(?:queen|rook|bishop|knight|pawn)), (queen|rook|bishop|knight|pawn),? or (queen|rook|bishop|knight|pawn)(?= (?:on|near|aimed))",
                            "$1 or $2 or $3"),
                    form(
                            "\\btension between ([a-h][1-8]) and ([a-h][1-8])\\b",
                            "tension on $1 and tension on $2"));

    /** What is said in one breath and happens one after the other. */
    private static final List<Map.Entry<Pattern, String>> STEPS =
            List.of(
                    form(
                            "\\b(white|black) ([^,;()]+?),? and (?:then )?(?:mates|checkmates|gives mate)"
                                    + " (?:with)?in (\\d{1,2}) moves(?=\\s*$)",
                            "$1 $2 THEN WITHIN $3 MOVES mate by $1"),
                    form(
                            "\\b(white|black) ([^,;()]+?),? and (?:then )?(?:mates|checkmates|gives mate)(?=\\s*$)",
                            "$1 $2 THEN mate by $1"),
                    form(
                            "^(white|black) (?:played|plays|just played) (?:\\.\\.\\.)?([a-h][1-8]) and (?:then )?(?:\\.\\.\\.)?([a-h][1-8])(?=\\s*$)",
                            "$1 just played $2 THEN $1 just played $3"),
                    form(
                            "^(?:(white|black) )?double (bishop|rook|knight) sacrifice",
                            "$1 sacrificed a $2 THEN WITHIN 6 MOVES $1 sacrificed a $2"),
                    form("^(.*\\bmate) with (?:an? )?(\\w+ sacrifice)(?=\\s*$)", "$2 THEN $1"),
                    form("(?<=sacrifice) for (?=(?:a |the )?(?:stalemate|perpetual))", " THEN "));

    /** Characters of a sentence at most: a longer text joins what is to be read one by one. */
    private static final int LONGEST = 600;

    private SaidApart() {}

    /** Whether a text is short enough to be a sentence that somebody says. */
    static boolean isSentence(String text) {
        return text.length() <= LONGEST;
    }

    /** Some words and how they are said apart. */
    static Map.Entry<Pattern, String> form(String said, String apart) {
        return Map.entry(Phrase.pattern(said), apart);
    }

    /** The text with what is said in one breath said apart. */
    static String of(String text) {
        return inForms(text, FORMS);
    }

    /** The text with what happens one after the other said so. */
    static String inSteps(String text) {
        return inForms(text, STEPS);
    }

    /** A sentence in these forms, one after the other; a longer text as it is. */
    static String inForms(String text, List<Map.Entry<Pattern, String>> forms) {
        if (!isSentence(text)) {
            return text;
        }
        String apart = text;
        for (Map.Entry<Pattern, String> form : forms) {
            apart = form.getKey().matcher(apart).replaceAll(form.getValue());
        }
        return apart;
    }
}
