package org.zeroply.library.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.drawing.Diagram;

/** Pages opened in a browser: what users typed is text there, and nothing else. */
@Tag("slow")
class HostilePageTest {

    /** Each would change the title of the page or bring in something if it were markup. */
    private static final List<String> HOSTILE =
            List.of(
                    "<script>document.title='taken'</script>",
                    "\"><img src=x onerror=\"document.title='taken'\">",
                    "'><svg onload='document.title=1'><title>taken</title>",
                    "</title><script>document.title='taken'</script>",
                    "</style></head><body onload=\"document.title='taken'\">",
                    "<iframe srcdoc=\"<script>parent.document.title='taken'</script>\">",
                    "--><script>document.title='taken'</script><!--",
                    "]]><script>document.title='taken'</script><![CDATA[",
                    "&lt;script&gt; &amp;amp; &#60;b&#62;",
                    "<b>bold</b> \u202Etxet \u2028 \u0007 \uFEFF");

    @TempDir Path folder;

    private String opened(String html) throws IOException, InterruptedException {
        return Browser.opened(html, folder);
    }

    private static Report everywhere(String text) {
        Diagram diagram = new Diagram(Position.START, false, Optional.empty());
        Report.Text words = new Report.Text(text, Report.Tone.COACH);
        return new Report(
                text,
                text,
                List.of(
                        new Report.Heading(text),
                        words,
                        new Report.Card(diagram, text, List.of(words)),
                        new Report.Table(List.of(text), List.of(List.of(text))),
                        new Report.Problems(4, List.of(new Report.Problem(diagram, text, text)))),
                text);
    }

    private static Report booklet(String text) {
        String tag = text.replace("\\", "\\\\").replace("\"", "\\\"");
        String said = text.replace("}", "");
        String pgn =
                "[Event \"%s\"]\n[ZpSide \"white\"]\n[ZpTitle \"%s\"]\n[Result \"*\"]\n\n1. e4 {%s [%%zp.idea %s]} e5 *\n"
                        .formatted(tag, tag, said, said.replace("]", "%5D").replace("[", "%5B"));
        return RepertoireBooklet.of(
                Repertoire.of(
                        PgnReader.readAll(pgn).stream()
                                .map(e -> ((PgnEntry.Game) e).tree())
                                .toList()));
    }

    @Test
    void whatever_is_typed_stays_text_in_a_browser() throws Exception {
        Browser.assumeThere(folder);
        for (String text : HOSTILE) {
            Report report = everywhere(text);
            List<Report.Block> blocks = new ArrayList<>(report.blocks());
            blocks.addAll(booklet(text).blocks());
            Report both = new Report(report.title(), report.subtitle(), blocks, report.foot());
            assertThat(opened(HtmlReport.write(both)))
                    .as(text)
                    .doesNotContain("<title>taken")
                    .doesNotContainPattern("<(script|img|iframe|b|body onload)\\b")
                    .contains("<footer>")
                    .contains("<h2>");
        }
    }
}
