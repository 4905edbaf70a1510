package org.zeroply.library.sheet;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.zeroply.library.database.SqlFunctions;

/** A word that somebody typed to find sheets by. */
final class SheetWord {

    private static final Pattern MARKS = Pattern.compile("\\p{Mn}+");

    private final String word;

    SheetWord(String word) {
        this.word = Normalizer.normalize(word, Normalizer.Form.NFC);
    }

    /** Whether it is made of letters and digits alone, so that the word index tells all of it. */
    boolean isPlain() {
        return !word.isEmpty() && word.codePoints().allMatch(SheetWord::isOfWords);
    }

    /** Whether the word index has this in words; what it cuts them at must not be asked for. */
    private static boolean isOfWords(int c) {
        return Character.isLetterOrDigit(c) && !isSignOfOld(c);
    }

    /** Letters of New Tai Lue and Vedic that were signs in Unicode 6.1, which the index goes by. */
    private static boolean isSignOfOld(int c) {
        return c >= 0x19b0 && c <= 0x19c9 || c == 0x1cf2 || c == 0x1cf3;
    }

    /**
     * A part of it that the word index knows.
     *
     * @param whole whether it is a whole word, as another part follows; else the beginning of one
     */
    record Part(String text, boolean whole) {

        /** Whether it is made of plain letters and digits alone. */
        boolean isAscii() {
            return text.chars().allMatch(c -> c < 128);
        }

        /** What the word index is asked for. */
        String query() {
            return '"' + text + (whole ? "\"" : "\" *");
        }

        /** What is asked for by those that are this word, not for others that begin so. */
        String wholeQuery() {
            return '"' + text + '"';
        }

        /** Whether a word of a plain text begins so. */
        boolean begins(String plainText) {
            String wanted = plain(text);
            int at = plainText.indexOf(wanted);
            while (at > 0 && isOfWords(plainText.codePointBefore(at))) {
                at = plainText.indexOf(wanted, at + 1);
            }
            return at >= 0;
        }
    }

    /** Its parts, from left to right. */
    List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        word.codePoints()
                .forEach(
                        c -> {
                            if (isOfWords(c)) {
                                part.appendCodePoint(c);
                            } else if (!part.isEmpty()) {
                                parts.add(new Part(part.toString(), true));
                                part.setLength(0);
                            }
                        });
        if (!part.isEmpty()) {
            parts.add(new Part(part.toString(), false));
        }
        return parts;
    }

    /** A text in small letters without marks on them, as the word index has it. */
    static String plain(String text) {
        boolean ascii = text.chars().allMatch(c -> c < 128);
        String bare =
                ascii
                        ? text
                        : MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                                .replaceAll("");
        return SqlFunctions.fold(bare);
    }

    /** The condition that the word stands somewhere in a text, without regard to capitals. */
    String condition(String text, String parameter) {
        // SQLite itself knows upper and lower case of plain letters alone.
        boolean ascii = word.chars().allMatch(c -> c < 128);
        return (ascii ? "(" + text + ")" : SqlFunctions.FOLDED + "(" + text + ")")
                + " LIKE "
                + parameter
                + " ESCAPE '!'";
    }

    /** What {@link #condition} compares with. */
    String pattern() {
        return "%" + SqlFunctions.fold(word).replaceAll("([!%_])", "!$1") + "%";
    }
}
