package org.zeroply.library.report;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.drawing.SvgPen;
import org.zeroply.library.texts.LibraryWords;

/** Writes a report as one HTML page that needs nothing else: pictures and letters are in it. */
public final class HtmlReport {

    private static final double DIAGRAM = 240;
    private static final double WIDTH = 660;
    private static final double PLOT = 150;
    private static final double GUTTER = 28;

    private HtmlReport() {}

    /** The page. */
    public static String write(Report report) {
        return PageTemplate.of("report.html")
                .filled(
                        Map.of(
                                "title", report.title(),
                                "subtitle", report.subtitle(),
                                "faces", PageTemplate.faces(),
                                "style", PageTemplate.text("report.css"),
                                "blocks", report.blocks().stream().map(HtmlReport::block).toList(),
                                "foot", report.foot()));
    }

    /** What a block fills in, under the name of the part of the template that sets it. */
    private static Map<String, ?> block(Report.Block block) {
        if (block instanceof Report.Heading heading) {
            return Map.of("heading", Map.of("text", heading.text()));
        } else if (block instanceof Report.Text text) {
            return Map.of("paragraph", paragraph(text));
        } else if (block instanceof Report.Card card) {
            return Map.of("card", card(card));
        } else if (block instanceof Report.Table table) {
            return Map.of("table", table(table));
        } else if (block instanceof Report.Problems problems) {
            int columns = problems.perPage() < 4 ? 1 : 2;
            return Map.of(
                    "problems", Map.of("columns", columns, "each", each(problems.problems())));
        } else if (block instanceof Report.Strip strip) {
            return Map.of("strip", Map.of("each", each(strip.problems())));
        } else if (block instanceof Report.Course course) {
            SvgPen pen = new SvgPen();
            course.plot().draw(pen, GUTTER, 8, WIDTH - GUTTER - 8, PLOT);
            return plot(pen, LibraryWords.of("report.course-of-the-game"));
        }
        SvgPen pen = new SvgPen();
        ((Report.Trend) block).plot().draw(pen, GUTTER, 8, WIDTH - GUTTER - 8, PLOT);
        return plot(pen, LibraryWords.of("report.loss-over-time"));
    }

    private static Map<String, ?> plot(SvgPen pen, String name) {
        return Map.of("plot", Map.of("picture", pen.svg(WIDTH, PLOT + 16, name)));
    }

    private static Map<String, ?> paragraph(Report.Text text) {
        return Map.of("tone", text.tone().name().toLowerCase(Locale.ROOT), "text", text.text());
    }

    private static Map<String, ?> card(Report.Card card) {
        return Map.of(
                "picture", picture(card.diagram()),
                "title", card.title(),
                "words", card.words().stream().map(HtmlReport::paragraph).toList());
    }

    private static Map<String, ?> table(Report.Table table) {
        return Map.of(
                "head",
                table.head(),
                "rows",
                table.rows().stream().map(cells -> Map.of("cells", cells)).toList());
    }

    private static List<Map<String, String>> each(List<Report.Problem> problems) {
        return problems.stream()
                .map(
                        p ->
                                Map.of(
                                        "picture", picture(p.diagram()),
                                        "title", p.title(),
                                        "prompt", p.prompt()))
                .toList();
    }

    private static String picture(Diagram diagram) {
        SvgPen pen = new SvgPen();
        diagram.draw(pen, 1, 1, DIAGRAM - 2);
        return pen.svg(DIAGRAM, DIAGRAM, "Diagram");
    }
}
