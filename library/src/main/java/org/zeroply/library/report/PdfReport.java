package org.zeroply.library.report;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.zeroply.library.drawing.Face;
import org.zeroply.library.drawing.Ink;
import org.zeroply.library.drawing.PdfPen;
import org.zeroply.library.drawing.Pen;

/** Writes a report as a PDF on A4; text can be searched and copied, pictures are lines. */
public final class PdfReport {

    private static final double WIDTH = PDRectangle.A4.getWidth();
    private static final double HEIGHT = PDRectangle.A4.getHeight();
    private static final double MARGIN = 56;
    private static final double INNER = WIDTH - 2 * MARGIN;
    private static final double BOTTOM = HEIGHT - MARGIN - 16;
    private static final double DIAGRAM = 190;
    private static final double GAP = 18;
    private static final double SIZE = 10.5;
    private static final double LEADING = 1.38;
    private static final double PLOT = 110;

    /** Letters and gaps where several diagrams stand in a row. */
    private static final double SMALL = 9;

    private static final double SMALL_GAP = 14;
    private static final String SECOND =
            "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final Report report;
    private final PDDocument document;
    private final Face plain;
    private final Face bold;
    private final List<PDPageContentStream> pages = new ArrayList<>();
    private Optional<PDFont> second = Optional.empty();
    private PdfPen pen;
    private double y;

    private PdfReport(Report report, PDDocument document) throws IOException {
        this.report = report;
        this.document = document;
        plain = new Face(font("Cabin-Regular.ttf"), this::second, false);
        bold = new Face(font("Cabin-Bold.ttf"), this::second, true);
    }

    private PDFont font(String file) throws IOException {
        return PDType0Font.load(document, new ByteArrayInputStream(PageTemplate.bytes(file)), true);
    }

    /** A font that comes with the PDF library and has Latin, Greek and Cyrillic letters. */
    private PDFont second() {
        if (second.isEmpty()) {
            try (InputStream in = PDDocument.class.getResourceAsStream(SECOND)) {
                second = Optional.of(PDType0Font.load(document, in, true));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return second.get();
    }

    /**
     * Writes the report.
     *
     * @throws IOException if the stream cannot be written
     */
    public static void write(Report report, OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            new PdfReport(report, document).write();
            document.getDocumentInformation().setTitle(report.title());
            document.getDocumentInformation().setCreator("Zero Ply");
            document.save(out);
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** How many pages a report takes. */
    public static int pages(Report report) throws IOException {
        try (PDDocument document = new PDDocument()) {
            new PdfReport(report, document).write();
            return document.getNumberOfPages();
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private void write() throws IOException {
        page();
        lines(report.title(), 19, true, Ink.INK, MARGIN, INNER);
        lines(report.subtitle(), SIZE, false, Ink.FADED, MARGIN, INNER);
        y += 8;
        for (Report.Block block : report.blocks()) {
            write(block);
        }
        y += 8;
        room(24);
        pen.line(List.of(MARGIN, y, MARGIN + INNER, y), Ink.RULE, 0.6, false);
        y += 4;
        lines(report.foot(), 8.5, false, Ink.FADED, MARGIN, INNER);
        for (PDPageContentStream page : pages) {
            page.close();
        }
    }

    private void page() throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        PDPageContentStream stream = new PDPageContentStream(document, page);
        pages.add(stream);
        pen = new PdfPen(stream, HEIGHT, plain, bold);
        pen.text(
                WIDTH - MARGIN,
                HEIGHT - MARGIN + 18,
                8.5,
                false,
                Ink.FADED,
                Pen.Anchor.END,
                String.valueOf(pages.size()));
        y = MARGIN;
    }

    /** Goes on to a new page unless there is so much room left. */
    private void room(double needed) throws IOException {
        if (y + needed > BOTTOM) {
            page();
        }
    }

    private void write(Report.Block block) throws IOException {
        if (block instanceof Report.Heading heading) {
            y += 12;
            room(90);
            lines(heading.text(), 12.5, true, Ink.COACH, MARGIN, INNER);
            pen.line(List.of(MARGIN, y, MARGIN + INNER, y), Ink.RULE, 0.6, false);
            y += 8;
        } else if (block instanceof Report.Text text) {
            text(text, MARGIN, INNER);
        } else if (block instanceof Report.Card card) {
            card(card);
        } else if (block instanceof Report.Table table) {
            table(table);
        } else if (block instanceof Report.Course course) {
            room(PLOT + 20);
            course.plot().draw(pen, MARGIN + 20, y + 4, INNER - 24, PLOT);
            y += PLOT + 16;
        } else if (block instanceof Report.Problems problems) {
            problems(problems);
        } else if (block instanceof Report.Strip strip) {
            strip(strip);
        } else if (block instanceof Report.Trend trend) {
            room(PLOT + 20);
            trend.plot().draw(pen, MARGIN + 20, y + 4, INNER - 24, PLOT);
            y += PLOT + 16;
        }
    }

    private void problems(Report.Problems problems) throws IOException {
        ProblemGrid grid = new ProblemGrid(plain, bold, problems.perPage());
        List<Report.Problem> all = problems.problems();
        double foot = 34;
        for (int i = 0; i < all.size(); i++) {
            int place = i % problems.perPage();
            if (place == 0 && i > 0) {
                page();
            }
            grid.draw(pen, all.get(i), place, MARGIN, y, INNER, BOTTOM - foot - y);
        }
        y = BOTTOM - foot;
    }

    private void strip(Report.Strip strip) throws IOException {
        List<Report.Problem> all = strip.problems();
        double size = (INNER - (Report.Strip.MOST - 1) * SMALL_GAP) / Report.Strip.MOST;
        for (int from = 0; from < all.size(); from += Report.Strip.MOST) {
            List<Report.Problem> row =
                    all.subList(from, Math.min(all.size(), from + Report.Strip.MOST));
            double titles = tallest(row.stream().map(Report.Problem::title).toList(), size);
            double prompts = tallest(row.stream().map(Report.Problem::prompt).toList(), size);
            room(titles + size + prompts + 12);
            double top = y;
            for (int i = 0; i < row.size(); i++) {
                double x = MARGIN + i * (size + SMALL_GAP);
                y = top;
                lines(row.get(i).title(), SMALL, true, Ink.INK, x, size);
                row.get(i).diagram().draw(pen, x, top + titles + 4, size);
                y = top + titles + size + 6;
                lines(row.get(i).prompt(), SMALL, false, Ink.INK, x, size);
            }
            y = top + titles + size + prompts + 12;
        }
    }

    private double tallest(List<String> texts, double width) {
        return texts.stream().mapToDouble(t -> height(t, SMALL, width)).max().orElse(0);
    }

    private void text(Report.Text text, double x, double width) throws IOException {
        Ink ink =
                switch (text.tone()) {
                    case FADED -> Ink.FADED;
                    case COACH -> Ink.COACH;
                    case PLAIN, MOVES -> Ink.INK;
                };
        lines(text.text(), SIZE, false, ink, x, width);
        y += 4;
    }

    /** Sets lines one under the other; a long text runs over to the next page. */
    private void lines(String text, double size, boolean heavy, Ink ink, double x, double width)
            throws IOException {
        for (String line : (heavy ? bold : plain).lines(text, size, width)) {
            room(size * LEADING);
            y += size * LEADING;
            pen.text(x, y - size * 0.3, size, heavy, ink, Pen.Anchor.START, line);
        }
    }

    private void card(Report.Card card) throws IOException {
        double x = MARGIN + DIAGRAM + GAP;
        double width = INNER - DIAGRAM - GAP;
        double words = height(card.title(), SIZE + 1, width);
        for (Report.Text text : card.words()) {
            words += height(text.text(), SIZE, width) + 4;
        }
        room(Math.min(Math.max(DIAGRAM, words) + 14, BOTTOM - MARGIN));
        double top = y + 4;
        int page = pages.size();
        card.diagram().draw(pen, MARGIN, top, DIAGRAM);
        lines(card.title(), SIZE + 1, true, Ink.INK, x, width);
        for (Report.Text text : card.words()) {
            text(text, x, width);
        }
        y = (pages.size() == page ? Math.max(y, top + DIAGRAM) : y) + 14;
    }

    private double height(String text, double size, double width) {
        return plain.lines(text, size, width).size() * size * LEADING;
    }

    private void table(Report.Table table) throws IOException {
        int columns = table.head().size();
        double first = INNER * 0.4;
        double other = (INNER - first) / Math.max(1, columns - 1);
        row(table.head(), first, other, Ink.FADED);
        for (List<String> row : table.rows()) {
            row(row, first, other, Ink.INK);
        }
        y += 8;
    }

    private void row(List<String> cells, double first, double other, Ink ink) throws IOException {
        room(SIZE * 1.7);
        y += SIZE * 1.5;
        for (int i = 0; i < cells.size(); i++) {
            double at = i == 0 ? MARGIN : MARGIN + first + i * other;
            Pen.Anchor anchor = i == 0 ? Pen.Anchor.START : Pen.Anchor.END;
            pen.text(at, y - 3, SIZE - 0.5, false, ink, anchor, cut(cells.get(i), i, first, other));
        }
        pen.line(List.of(MARGIN, y + 1, MARGIN + INNER, y + 1), Ink.RULE, 0.4, false);
    }

    /** A cell cut to its column, with dots where something is missing. */
    private String cut(String cell, int column, double first, double other) {
        double room = (column == 0 ? first : other) - 6;
        if (plain.width(cell, SIZE) <= room) {
            return cell;
        }
        return plain.start(cell, SIZE, room - plain.width("…", SIZE)) + "…";
    }
}
