package org.zeroply.library.report;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Locale;
import org.zeroply.library.drawing.Markup;
import org.zeroply.library.drawing.SvgPen;

/** Writes a report as one HTML page that needs nothing else: pictures and letters are in it. */
public final class HtmlReport {

    private static final double DIAGRAM = 240;
    private static final double WIDTH = 660;
    private static final double PLOT = 150;
    private static final double GUTTER = 28;

    private HtmlReport() {}

    /** The page. */
    public static String write(Report report) {
        StringBuilder html = new StringBuilder("<!doctype html>\n<html lang=\"en\"><head>");
        html.append("<meta charset=\"utf-8\"><title>" + Markup.escape(report.title()) + "</title>");
        html.append("<style>" + style() + "</style></head><body><main>\n");
        html.append("<h1>" + Markup.escape(report.title()) + "</h1>\n");
        html.append("<p class=\"subtitle\">" + Markup.escape(report.subtitle()) + "</p>\n");
        report.blocks().forEach(b -> html.append(block(b)).append('\n'));
        html.append("<footer>" + Markup.escape(report.foot()) + "</footer>\n");
        return html.append("</main></body></html>\n").toString();
    }

    private static String block(Report.Block block) {
        if (block instanceof Report.Heading heading) {
            return "<h2>" + Markup.escape(heading.text()) + "</h2>";
        } else if (block instanceof Report.Text text) {
            return text(text);
        } else if (block instanceof Report.Card card) {
            return card(card);
        } else if (block instanceof Report.Table table) {
            return table(table);
        } else if (block instanceof Report.Problems problems) {
            return problems(problems);
        } else if (block instanceof Report.Strip strip) {
            return strip(strip);
        } else if (block instanceof Report.Course course) {
            SvgPen pen = new SvgPen();
            course.plot().draw(pen, GUTTER, 8, WIDTH - GUTTER - 8, PLOT);
            return pen.svg(WIDTH, PLOT + 16, "Course of the game");
        }
        SvgPen pen = new SvgPen();
        ((Report.Trend) block).plot().draw(pen, GUTTER, 8, WIDTH - GUTTER - 8, PLOT);
        return pen.svg(WIDTH, PLOT + 16, "Loss over time");
    }

    private static String text(Report.Text text) {
        String tone = text.tone().name().toLowerCase(Locale.ROOT);
        return "<p class=\"" + tone + "\">" + Markup.escape(text.text()) + "</p>";
    }

    private static String card(Report.Card card) {
        SvgPen pen = new SvgPen();
        card.diagram().draw(pen, 1, 1, DIAGRAM - 2);
        StringBuilder words = new StringBuilder("<h3>" + Markup.escape(card.title()) + "</h3>");
        card.words().forEach(w -> words.append(text(w)));
        return "<section class=\"card\">"
                + pen.svg(DIAGRAM, DIAGRAM, "Diagram")
                + "<div>"
                + words
                + "</div></section>";
    }

    private static String problems(Report.Problems problems) {
        int columns = problems.perPage() < 4 ? 1 : 2;
        StringBuilder html = new StringBuilder("<div class=\"problems columns" + columns + "\">");
        for (Report.Problem problem : problems.problems()) {
            html.append("<section><h3>" + Markup.escape(problem.title()) + "</h3>")
                    .append("<p class=\"faded\">" + Markup.escape(problem.prompt()) + "</p>")
                    .append(diagram(problem))
                    .append("<hr><hr><hr></section>");
        }
        return html.append("</div>").toString();
    }

    private static String strip(Report.Strip strip) {
        StringBuilder html = new StringBuilder("<div class=\"strip\">");
        for (Report.Problem problem : strip.problems()) {
            html.append("<section><h3>" + Markup.escape(problem.title()) + "</h3>")
                    .append(diagram(problem))
                    .append("<p>" + Markup.escape(problem.prompt()) + "</p></section>");
        }
        return html.append("</div>").toString();
    }

    private static String diagram(Report.Problem problem) {
        SvgPen pen = new SvgPen();
        problem.diagram().draw(pen, 1, 1, DIAGRAM - 2);
        return pen.svg(DIAGRAM, DIAGRAM, "Diagram");
    }

    private static String table(Report.Table table) {
        StringBuilder html = new StringBuilder("<table><thead><tr>");
        table.head().forEach(h -> html.append("<th>" + Markup.escape(h) + "</th>"));
        html.append("</tr></thead><tbody>");
        for (var row : table.rows()) {
            html.append("<tr>");
            row.forEach(c -> html.append("<td>" + Markup.escape(c) + "</td>"));
            html.append("</tr>");
        }
        return html.append("</tbody></table>").toString();
    }

    private static String style() {
        return faces()
                + """
                body{background:#f7f4ee;color:#22252b;font:15px/1.5 Cabin,sans-serif;margin:0}
                main{background:#fffdf8;max-width:680px;margin:24px auto;padding:36px 48px;
                border:1px solid #ddd5c7}
                h1{font-size:26px;margin:0}.subtitle{color:#5b5a56;margin:2px 0 18px}
                h2{font-size:17px;border-bottom:1px solid #ddd5c7;padding-bottom:3px;
                margin:26px 0 10px;color:#1f5a66}h3{font-size:15px;margin:0 0 6px}
                p{margin:0 0 7px}.faded{color:#5b5a56}.coach{color:#1f5a66;font-style:italic}
                .moves{font-variant-numeric:tabular-nums}
                .card{display:flex;gap:22px;margin:16px 0;break-inside:avoid}
                .card svg{flex:none}
                .problems{display:grid;gap:26px}.columns2{grid-template-columns:1fr 1fr}
                .problems section{break-inside:avoid}
                .strip{display:grid;grid-template-columns:repeat(4,1fr);gap:14px}
                .strip svg{width:100%;height:auto}
                hr{border:none;border-bottom:1px solid #ddd5c7;margin:26px 0 0}
                table{border-collapse:collapse;width:100%;margin:6px 0 12px}
                th,td{text-align:right;padding:3px 8px;border-bottom:1px solid #ddd5c7;
                font-variant-numeric:tabular-nums}
                th:first-child,td:first-child{text-align:left}th{color:#5b5a56}
                footer{color:#5b5a56;font-size:12px;border-top:1px solid #ddd5c7;margin-top:28px;
                padding-top:8px}
                @media print{body{background:none}main{border:none;margin:0;padding:0}}
                """;
    }

    /** The letters that pages are set in. */
    static String faces() {
        return face("Cabin-Regular.ttf", "normal") + face("Cabin-Bold.ttf", "bold");
    }

    private static String face(String file, String weight) {
        return "@font-face{font-family:Cabin;font-weight:"
                + weight
                + ";src:url(data:font/ttf;base64,"
                + Base64.getEncoder().encodeToString(bytes(file))
                + ")}\n";
    }

    /** A file of letters that comes with the program. */
    static byte[] bytes(String file) {
        try (InputStream in = HtmlReport.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
