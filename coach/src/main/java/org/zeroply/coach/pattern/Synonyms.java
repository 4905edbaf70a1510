package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/** Other ways in which coaches say what has one usual form. They stand in a table, a line each. */
final class Synonyms {

    /** What stands before the side where men are counted. */
    private static final Pattern NUMBERED =
            Phrase.pattern("^((?:at least )?(?:" + Force.NUMBER + ") |)");

    /** Between what is said and its usual form. */
    private static final String MEANS = "=>";

    /** What the words in angle brackets stand for. */
    private static final Map<String, String> PARTS =
            Map.of(
                    "<side>", "(white|black)",
                    "<square>", "([a-h][1-8])",
                    "<piece>", "(?:queen|rook|minor piece|piece|bishop|knight)",
                    "<man>", "(?:king|queen|rook|bishop|knight|pawn|man|piece)s?",
                    "<given>", "queen|rook|bishop|knight|piece|pawn",
                    "<endings>", "(?:queen|rook|bishop|knight|pawn|minor-piece)",
                    "<some>", "((?:an?|the|" + Force.NUMBER + ") [a-z ]+?)",
                    "<times>", "((?:" + Force.NUMBER + ") times)",
                    "<number>", "(?:" + Force.NUMBER + ")",
                    "<san>",
                            "(?:[KQRBN][a-h]?[1-8]?x?[a-h][1-8]|[a-h](?:x[a-h])?[1-8](?:=?[QRBN])?"
                                    + "|O-O(?:-O)?)[+#]?");

    /** Brackets with brackets in them, so many deep as the tables have them. */
    private static final String BRACKETS = "\\((?:[^()]|\\((?:[^()]|\\([^()]*\\))*\\))*\\)";

    /** What can stand at the start only, in each of its forms, is looked for there alone. */
    private static final Pattern AT_THE_START =
            Pattern.compile("\\^(?:[^|()]|\\|\\^|" + BRACKETS + ")*");

    private static final List<Row> USUAL = read();

    /**
     * A line of the table.
     *
     * @param said what of a text it replaces
     * @param telltales words that such a text holds
     * @param usual what it is replaced by
     */
    record Row(Pattern said, Telltales telltales, String usual) {}

    private Synonyms() {}

    private static List<Row> read() {
        return SaidOtherwise.TABLE
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(Synonyms::row)
                .toList();
    }

    private static Row row(String line) {
        int means = line.indexOf(MEANS);
        String said = line.substring(0, means).strip();
        for (Map.Entry<String, String> part : PARTS.entrySet()) {
            said = said.replace(part.getKey(), part.getValue());
        }
        String from = AT_THE_START.matcher(said).matches() ? "^(?:" : "(?<!\\w)(?:";
        return new Row(
                Phrase.pattern(from + said + ")(?!\\w)"),
                Telltales.of(said),
                line.substring(means + MEANS.length()).strip());
    }

    /** The lines of the table, in the order in which they are taken. */
    static List<Row> rows() {
        return USUAL;
    }

    /**
     * Where a side may stand in what is said of it: {@code white rooks}, {@code two white rooks},
     * {@code mate by white}.
     */
    static List<String> withASide(Side side, String said) {
        String word = side.smallWord();
        return List.of(
                word + " " + said,
                NUMBERED.matcher(said).replaceFirst("$1" + word + " "),
                said + " by " + word);
    }

    /** The usual form of what is said. */
    static String usual(String text) {
        String form = text;
        String small = text.toLowerCase(Locale.ROOT);
        for (Row row : USUAL) {
            if (row.telltales().maySpeakOf(small)) {
                String said = form;
                form = row.said().matcher(said).replaceAll(row.usual());
                small = form.equals(said) ? small : form.toLowerCase(Locale.ROOT);
            }
        }
        return form.strip();
    }
}
