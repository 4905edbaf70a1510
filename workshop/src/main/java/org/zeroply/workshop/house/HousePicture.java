package org.zeroply.workshop.house;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.library.drawing.Markup;

/**
 * The house as an SVG: a band for each module, the lowest at the foot; in it the rooms in storeys.
 * Whatever stands in it uses only what stands lower.
 */
public final class HousePicture {

    private static final List<String> FROM_THE_TOP =
            List.of("workshop", "cli", "desktop", "library", "coach", "engine", "chess");

    private static final int WIDTH = 780;
    private static final int MARGIN = 16;
    private static final int LABEL = 96;
    private static final int GAP = 8;
    private static final int ROOM = 42;
    private static final double LETTER = 7.2;

    private final StringBuilder svg = new StringBuilder();
    private int y = MARGIN;

    private HousePicture() {}

    /**
     * Draws it.
     *
     * @param root of the repository
     */
    public static String of(Path root) throws IOException {
        HousePicture picture = new HousePicture();
        for (String module : FROM_THE_TOP) {
            picture.band(Floor.read(root, module));
        }
        return String.format(
                        Locale.ROOT,
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\""
                                + " font-family=\"Cabin, sans-serif\">%n"
                                + "<title>The modules of Zero Ply and their rooms</title>%n"
                                + "<rect width=\"100%%\" height=\"100%%\" fill=\"#f7f4ee\"/>%n%s</svg>%n",
                        WIDTH,
                        picture.y + MARGIN - GAP,
                        picture.svg)
                .replace("\r\n", "\n");
    }

    private void band(Floor floor) {
        int top = y;
        StringBuilder inside = new StringBuilder();
        y += GAP;
        List<List<String>> storeys = new ArrayList<>(floor.storeys());
        for (int i = storeys.size() - 1; i >= 0; i--) {
            storey(floor, storeys.get(i), inside);
        }
        svg.append(
                String.format(
                        Locale.ROOT,
                        "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" rx=\"6\""
                                + " fill=\"#fffdf8\" stroke=\"#c9bfae\"/>%n",
                        MARGIN,
                        top,
                        WIDTH - 2 * MARGIN,
                        y - top));
        text(svg, MARGIN + 12, (top + y) / 2 + 5, 17, "#22252b", floor.name());
        svg.append(inside);
        y += GAP;
    }

    private void storey(Floor floor, List<String> rooms, StringBuilder inside) {
        double x = MARGIN + LABEL;
        for (String room : rooms) {
            String inner = String.join(", ", floor.rooms().get(room));
            double width = Math.max(room.length() * 1.2, inner.length()) * LETTER + 18;
            if (x + width > WIDTH - MARGIN - GAP) {
                x = MARGIN + LABEL;
                y += ROOM + GAP;
            }
            inside.append(
                    String.format(
                            Locale.ROOT,
                            "<rect x=\"%.0f\" y=\"%d\" width=\"%.0f\" height=\"%d\" rx=\"4\""
                                    + " fill=\"#ece5d8\"/>%n",
                            x,
                            y,
                            width,
                            ROOM));
            text(inside, x + 9, y + (inner.isEmpty() ? 26 : 18), 15, "#22252b", room);
            text(inside, x + 9, y + 34, 12, "#5b5a56", inner);
            x += width + GAP;
        }
        y += ROOM + GAP;
    }

    private static void text(
            StringBuilder to, double x, double y, int size, String ink, String words) {
        if (!words.isEmpty()) {
            to.append(
                    String.format(
                            Locale.ROOT,
                            "<text x=\"%.0f\" y=\"%.0f\" font-size=\"%d\" fill=\"%s\">%s</text>%n",
                            x,
                            y,
                            size,
                            ink,
                            Markup.escape(words)));
        }
    }
}
