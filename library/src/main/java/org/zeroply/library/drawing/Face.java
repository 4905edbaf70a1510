package org.zeroply.library.drawing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * The letters a text is set in: those of one font, and of a second one for what the first lacks,
 * such as Cyrillic and Greek. What neither has is an empty box, so that it is seen to be missing.
 */
public final class Face {

    private static final String MISSING = "□";

    private final PDFont first;
    private final Supplier<PDFont> second;
    private final boolean bold;
    private final Map<Integer, Run> known = new HashMap<>();

    /**
     * @param second asked for only where it is needed, as it then goes into the document
     * @param bold whether the first font is bold; the second is thickened then
     */
    public Face(PDFont first, Supplier<PDFont> second, boolean bold) {
        this.first = first;
        this.second = second;
        this.bold = bold;
    }

    /** A part of a text that is set in one font. */
    record Run(PDFont font, String text) {}

    /** A text in parts, from left to right. */
    List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        StringBuilder same = new StringBuilder();
        PDFont font = first;
        for (Run letter : letters(text)) {
            if (!letter.font().equals(font) && !same.isEmpty()) {
                runs.add(new Run(font, same.toString()));
                same.setLength(0);
            }
            font = letter.font();
            same.append(letter.text());
        }
        if (!same.isEmpty()) {
            runs.add(new Run(font, same.toString()));
        }
        return runs;
    }

    private List<Run> letters(String text) {
        return text.codePoints().mapToObj(c -> known.computeIfAbsent(c, this::letter)).toList();
    }

    private Run letter(int code) {
        String text = Character.isISOControl(code) ? " " : Character.toString(code);
        if (has(first, text)) {
            return new Run(first, text);
        }
        PDFont other = second.get();
        return new Run(other, has(other, text) ? text : MISSING);
    }

    private static boolean has(PDFont font, String text) {
        try {
            font.encode(text);
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    /** Whether letters of this font have to be thickened. */
    boolean isThickened(PDFont font) {
        return bold && !font.equals(first);
    }

    /** Width of a text in points. */
    public double width(String text, double size) {
        return letters(text).stream().mapToDouble(letter -> width(letter, size)).sum();
    }

    private static double width(Run run, double size) {
        try {
            return run.font().getStringWidth(run.text()) * size / 1000;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Breaks a text at its spaces; a word wider than the line is broken where the line ends. */
    public List<String> lines(String text, double size, double width) {
        List<String> lines = new ArrayList<>();
        for (String paragraph : text.lines().toList()) {
            String line = "";
            for (String word : paragraph.split(" ")) {
                String longer = line.isEmpty() ? word : line + " " + word;
                if (!line.isEmpty() && width(longer, size) > width) {
                    lines.add(line);
                    longer = word;
                }
                String head = start(longer, size, width);
                while (head.length() < longer.length()) {
                    lines.add(head);
                    longer = longer.substring(head.length());
                    head = start(longer, size, width);
                }
                line = longer;
            }
            lines.add(line);
        }
        return lines;
    }

    /** As much of the beginning of a text as fits, at least one letter. */
    public String start(String text, double size, double width) {
        double taken = 0;
        int end = 0;
        while (end < text.length()) {
            int next = text.offsetByCodePoints(end, 1);
            taken += width(text.substring(end, next), size);
            if (taken > width && end > 0) {
                break;
            }
            end = next;
        }
        return text.substring(0, end);
    }
}
