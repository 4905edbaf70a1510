package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The signs that join conditions, and the text between them. */
final class Signs {

    /** Stands for an {@code and} in small letters, behind which less may be said. */
    static final String ALSO = "ALSO";

    /** What means that both hold. */
    static final Set<String> JOINTS = Set.of("AND", ALSO);

    private static final String SIGN_ENDS = "(?=[\\s()]|$)";

    /** Squares alone, which go on with the phrase before: {@code on e5 or d5}, {@code c4, d5}. */
    private static final String SQUARES =
            "(?!\\s*[a-h][1-8](?:\\s+[a-h][1-8])*\\s*(?=[,()]|$|\\s(?:AND|OR)\\s))";

    /** Any man by its name. */
    static final String MEN = "(?:king|queen|rook|bishop|knight|pawn|piece)";

    /** An {@code or} in small letters between kinds of men belongs to the phrase. */
    private static final String BETWEEN_MEN =
            "(?!(?<=" + MEN + "s?\\sor)\\s+(?:an?\\s)?" + MEN + "s?\\b)";

    private static final Pattern SIGNS =
            Phrase.pattern(
                    "[()]|,"
                            + SQUARES
                            + "(?!\\s*not taken)|(?<=^|[\\s()])(?:AND|NOT(?!\\s+(?:taken|developed|connected|attackable|challenged|attacked by (?:an? )?(?:enemy )?pawns?\\b|(?:yet )?castled?(?: yet)?\\s*(?:[,)]|$|(?:AND|OR|(?:BY|AT|ON|AFTER) MOVE)\\b)))|(?-i:OR)"
                            + "|OR"
                            + SQUARES
                            + BETWEEN_MEN
                            + "(?!\\s+shut))"
                            + SIGN_ENDS);

    private Signs() {}

    /** The conditions of a text and the signs between them, one after the other. */
    static List<String> split(String said) {
        List<String> words = new ArrayList<>();
        String text = Joined.hidden(said);
        Matcher sign = SIGNS.matcher(text);
        int end = 0;
        while (sign.find()) {
            add(words, text.substring(end, sign.start()));
            String word = sign.group().toUpperCase(Locale.ROOT);
            boolean also = sign.group().equals("and");
            words.add(also ? ALSO : word.equals(",") ? "AND" : word);
            end = sign.end();
        }
        add(words, text.substring(end));
        return words;
    }

    private static void add(List<String> words, String text) {
        if (!text.isBlank()) {
            words.add(Joined.shown(text.strip()));
        }
    }
}
