package org.zeroply.library.store;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;

/** A word that somebody typed to find sheets by. */
final class SheetWord {

    private final String word;

    SheetWord(String word) {
        this.word = Normalizer.normalize(word, Normalizer.Form.NFC);
    }

    /** Whether it is made of letters and digits alone, so that the word index tells all of it. */
    boolean isPlain() {
        return !word.isEmpty() && word.codePoints().allMatch(SheetWord::isOfWords);
    }

    private static boolean isOfWords(int c) {
        return Character.isLetterOrDigit(c) || Character.getType(c) == Character.NON_SPACING_MARK;
    }

    /**
     * The parts of it that the word index knows, as queries of that index: a part is a whole word
     * where another follows, and the beginning of one at the end.
     */
    List<String> beginnings() {
        List<String> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        word.codePoints()
                .forEach(
                        c -> {
                            if (isOfWords(c)) {
                                part.appendCodePoint(c);
                            } else if (!part.isEmpty()) {
                                parts.add('"' + part.toString() + '"');
                                part.setLength(0);
                            }
                        });
        if (!part.isEmpty()) {
            parts.add('"' + part.toString() + "\" *");
        }
        return parts;
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
