package org.zeroply.library.drawing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;

/** Draws on a page of a PDF. */
public final class PdfPen implements Pen {

    /** Control points of a quarter circle lie so far along its tangents. */
    private static final double ROUND = 0.5523;

    /** A line around letters makes them look bold when it is so wide a part of their size. */
    private static final double THICKER = 0.03;

    private final PDPageContentStream out;
    private final double height;
    private final Face plain;
    private final Face bold;

    /**
     * @param height height of the page; y counts from its top
     */
    public PdfPen(PDPageContentStream out, double height, Face plain, Face bold) {
        this.out = out;
        this.height = height;
        this.plain = plain;
        this.bold = bold;
    }

    private interface Drawing {
        void draw() throws IOException;
    }

    private static void draw(Drawing drawing) {
        try {
            drawing.draw();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private float y(double down) {
        return (float) (height - down);
    }

    /** Red, green or blue of a colour, 0 to 1. */
    private static float part(Ink ink, int shift) {
        return (ink.rgb() >> shift & 0xff) / 255f;
    }

    private void stroke(Ink ink, double width) throws IOException {
        out.setStrokingColor(part(ink, 16), part(ink, 8), part(ink, 0));
        out.setLineWidth((float) width);
        out.setLineJoinStyle(1);
        out.setLineCapStyle(1);
    }

    private void fill(Ink ink) throws IOException {
        out.setNonStrokingColor(part(ink, 16), part(ink, 8), part(ink, 0));
    }

    private void trace(List<Double> points) throws IOException {
        for (int i = 0; i + 1 < points.size(); i += 2) {
            float px = points.get(i).floatValue();
            float py = y(points.get(i + 1));
            if (i == 0) {
                out.moveTo(px, py);
            } else {
                out.lineTo(px, py);
            }
        }
    }

    @Override
    public void rectangle(double x, double y, double width, double high, Ink ink) {
        draw(
                () -> {
                    fill(ink);
                    out.addRect((float) x, y(y + high), (float) width, (float) high);
                    out.fill();
                });
    }

    @Override
    public void line(List<Double> points, Ink ink, double width, boolean dashed) {
        draw(
                () -> {
                    stroke(ink, width);
                    out.setLineDashPattern(dashed ? new float[] {3, 3} : new float[0], 0);
                    trace(points);
                    out.stroke();
                    out.setLineDashPattern(new float[0], 0);
                });
    }

    @Override
    public void shape(List<Double> points, Ink ink) {
        draw(
                () -> {
                    fill(ink);
                    trace(points);
                    out.closePath();
                    out.fill();
                });
    }

    @Override
    public void circle(double x, double y, double radius, Ink ink, Ink line, double width) {
        draw(
                () -> {
                    fill(ink);
                    stroke(line, width);
                    float cx = (float) x;
                    float cy = y(y);
                    float r = (float) radius;
                    float k = (float) (radius * ROUND);
                    out.moveTo(cx + r, cy);
                    out.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
                    out.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
                    out.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
                    out.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
                    out.closePath();
                    out.fillAndStroke();
                });
    }

    @Override
    public void text(
            double x, double y, double size, boolean heavy, Ink ink, Anchor anchor, String text) {
        draw(
                () -> {
                    Face face = heavy ? bold : plain;
                    double width = face.width(text, size);
                    double left =
                            switch (anchor) {
                                case START -> x;
                                case MIDDLE -> x - width / 2;
                                case END -> x - width;
                            };
                    fill(ink);
                    out.beginText();
                    out.newLineAtOffset((float) left, y(y));
                    for (Face.Run run : face.runs(text)) {
                        show(run, size, face.isThickened(run.font()), ink);
                    }
                    out.endText();
                });
    }

    private void show(Face.Run run, double size, boolean thickened, Ink ink) throws IOException {
        out.setFont(run.font(), (float) size);
        if (thickened) {
            stroke(ink, size * THICKER);
            out.setRenderingMode(RenderingMode.FILL_STROKE);
        }
        out.showText(run.text());
        if (thickened) {
            out.setRenderingMode(RenderingMode.FILL);
        }
    }

    @Override
    public void paths(
            double x, double y, double size, List<String> paths, Ink ink, Ink line, double width) {
        draw(
                () -> {
                    begin(x, y, size);
                    fill(ink);
                    stroke(line, width);
                    for (String path : paths) {
                        trace(path);
                        out.fillAndStroke();
                    }
                    out.restoreGraphicsState();
                });
    }

    @Override
    public void strokes(
            double x, double y, double size, List<String> paths, Ink line, double width) {
        draw(
                () -> {
                    begin(x, y, size);
                    stroke(line, width);
                    for (String path : paths) {
                        trace(path);
                        out.stroke();
                    }
                    out.restoreGraphicsState();
                });
    }

    private void begin(double x, double y, double size) throws IOException {
        out.saveGraphicsState();
        float scale = (float) (size / 100);
        out.transform(new Matrix(scale, 0, 0, -scale, (float) x, y(y)));
    }

    private void trace(String path) throws IOException {
        String[] parts = path.strip().split("\\s+");
        char command = 'M';
        int i = 0;
        while (i < parts.length) {
            if (Character.isLetter(parts[i].charAt(0))) {
                command = parts[i].charAt(0);
                parts[i] = parts[i].substring(1);
                if (command == 'Z') {
                    out.closePath();
                    i++;
                    continue;
                }
            }
            if (parts[i].isEmpty()) {
                i++;
                continue;
            }
            if (command == 'C') {
                out.curveTo(
                        f(parts, i),
                        f(parts, i + 1),
                        f(parts, i + 2),
                        f(parts, i + 3),
                        f(parts, i + 4),
                        f(parts, i + 5));
                i += 6;
            } else {
                if (command == 'M') {
                    out.moveTo(f(parts, i), f(parts, i + 1));
                } else {
                    out.lineTo(f(parts, i), f(parts, i + 1));
                }
                i += 2;
            }
        }
    }

    private static float f(String[] parts, int index) {
        return Float.parseFloat(parts[index]);
    }
}
