package org.zeroply.library.print;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Measures text and breaks it into lines. */
final class Letters {

    private Letters() {}

    /** The text with what the letters lack replaced by a question mark. */
    static String known(PDFont font, String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> known.append(has(font, c) ? Character.toString(c) : "?"));
        return known.toString();
    }

    private static boolean has(PDFont font, int letter) {
        try {
            font.encode(Character.toString(letter));
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    /** Width in points. */
    static double width(PDFont font, String known, double size) {
        try {
            return font.getStringWidth(known) * size / 1000;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Breaks a text at its spaces; a word wider than the line stands alone. */
    static List<String> lines(PDFont font, String text, double size, double width) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.lines().map(l -> known(font, l)).toList()) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ")) {
                String longer = line.isEmpty() ? word : line + " " + word;
                if (!line.isEmpty() && width(font, longer, size) > width) {
                    lines.add(line.toString());
                    line.setLength(0);
                    line.append(word);
                } else {
                    line.setLength(0);
                    line.append(longer);
                }
            }
            lines.add(line.toString());
        }
        return lines;
    }
}
