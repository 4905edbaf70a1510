package org.zeroply.desktop.app;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.Scene;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.work.WindowMemory;

/** How the window looks: in which light, and in which size of text; remembered. */
final class Looks {

    /** The lights, by the style class that goes with each. */
    enum Light {
        PAPER("paper-theme", Palette.PAPER),
        LAMP("lamp-theme", Palette.LAMP),
        PROJECTOR("projector-theme", Palette.PROJECTOR);

        private final String style;
        private final Palette palette;

        Light(String style, Palette palette) {
            this.style = style;
            this.palette = palette;
        }

        String style() {
            return style;
        }

        Palette palette() {
            return palette;
        }

        /** As a coach calls it. */
        String word() {
            return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
        }
    }

    /** Sizes of text in percent. */
    static final List<Integer> SIZES = List.of(90, 100, 110, 125, 150, 175, 200);

    private static final int USUAL = 100;
    private static final String SHEET = "/org/zeroply/desktop/workbook.css";
    private static final Pattern FONT_SIZE = Pattern.compile("-fx-font-size: *([0-9.]+)px");
    private static final Pattern CELL_SIZE = Pattern.compile("-fx-(cell-size|size): *([0-9.]+)");

    private final WindowMemory memory;
    private Light light;
    private int percent;

    Looks(WindowMemory memory) {
        this.memory = memory;
        light = memory.get("light").flatMap(Looks::named).orElse(Light.PAPER);
        int kept = memory.number("text").map(Double::intValue).orElse(USUAL);
        percent = SIZES.contains(kept) ? kept : USUAL;
    }

    private static Optional<Light> named(String word) {
        return Arrays.stream(Light.values()).filter(l -> l.name().equals(word)).findFirst();
    }

    Light light() {
        return light;
    }

    void setLight(Light chosen) {
        light = chosen;
        memory.put("light", chosen.name());
    }

    /** Size of text in percent. */
    int percent() {
        return percent;
    }

    /** Larger or smaller by a step; 0 for the usual size. */
    void step(int by) {
        int place = SIZES.indexOf(percent) + by;
        setPercent(by == 0 ? USUAL : SIZES.get(Math.max(0, Math.min(SIZES.size() - 1, place))));
    }

    /** Chooses a size of text, one of {@link #SIZES}. */
    void setPercent(int chosen) {
        percent = chosen;
        memory.put("text", chosen);
    }

    /** Puts our styles over those of the toolkit, in the chosen size of text. */
    void dress(Scene scene) {
        scene.getStylesheets().setAll(sheet(percent));
    }

    /** Our stylesheet with all text, and what is measured by it, in another size. */
    static String sheet(int percent) {
        if (percent == USUAL) {
            return Looks.class.getResource(SHEET).toExternalForm();
        }
        String css = scale(Stylesheet.read(Looks.class, SHEET), FONT_SIZE, percent, 1, "px");
        css = scale(css, CELL_SIZE, percent, 2, "");
        return Stylesheet.address(css);
    }

    private static String scale(String css, Pattern what, int percent, int group, String unit) {
        Matcher matcher = what.matcher(css);
        StringBuilder out = new StringBuilder();
        while (matcher.find()) {
            double size = Double.parseDouble(matcher.group(group)) * percent / USUAL;
            String before = matcher.group().substring(0, matcher.start(group) - matcher.start());
            matcher.appendReplacement(
                    out,
                    Matcher.quoteReplacement(
                            before + String.format(Locale.ROOT, "%.1f", size) + unit));
        }
        return matcher.appendTail(out).toString();
    }
}
