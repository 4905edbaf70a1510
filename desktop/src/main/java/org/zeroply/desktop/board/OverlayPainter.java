package org.zeroply.desktop.board;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws the tones and signs of an overlay; its marks are drawn with the others. */
final class OverlayPainter {

    private static final double STRENGTH = 0.30;
    private static final double SMALLEST_TYPE = 12;

    private final GraphicsContext g;
    private final MarkPainter.Corner corner;
    private final double size;
    private final Palette palette;

    OverlayPainter(GraphicsContext g, MarkPainter.Corner corner, double size, Palette palette) {
        this.g = g;
        this.corner = corner;
        this.size = size;
        this.palette = palette;
    }

    /** The tones, under the men. */
    void tones(BoardOverlay overlay) {
        overlay.tones()
                .forEach(
                        (square, tone) -> {
                            Color color = color(tone);
                            g.setFill(color.deriveColor(0, 1, 1, STRENGTH));
                            g.fillRect(corner.x(square), corner.y(square), size, size);
                        });
    }

    /** The signs, in the lower right corner of their squares, over the men. */
    void signs(BoardOverlay overlay) {
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        double type = Math.max(SMALLEST_TYPE, size * 0.25);
        g.setFont(Font.font("B612", type));
        overlay.signs()
                .forEach(
                        (square, sign) -> {
                            double width = type * (0.55 + 0.62 * sign.length());
                            double height = type * 1.2;
                            double x = corner.x(square) + size - width - 1;
                            double y = corner.y(square) + size - height - 1;
                            g.setFill(palette.paper().sheet());
                            g.fillRoundRect(x, y, width, height, 4, 4);
                            BoardOverlay.Tone tone =
                                    overlay.tones().getOrDefault(square, BoardOverlay.Tone.LEVEL);
                            g.setFill(color(tone));
                            g.fillText(sign, x + width / 2, y + height / 2 + 0.5);
                        });
    }

    private Color color(BoardOverlay.Tone tone) {
        return switch (tone) {
            case GOOD -> palette.inks().proof();
            case BAD -> palette.inks().alarm();
            case LEVEL -> palette.inks().ink();
        };
    }
}
