package org.zeroply.library.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.sheet.SheetStore;

class ReportTest {

    private static final String GAME =
            "[White \"Marram & Sons\"]\n[Black \"Żółć 漢字\"]\n[Date \"2026.02.01\"]\n"
                    + "[Result \"1-0\"]\n\n1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0";
    private static final String OWN = "Look <at> f7 & count: \"twice attacked\".";

    private static GameReview review;

    @BeforeAll
    static void review() {
        review =
                new FirstPass(new BuiltInEngine(1), 5_000, KnownGames.NONE)
                        .review(
                                SheetStore.parse(GAME),
                                Optional.empty(),
                                p -> {},
                                new Cancellation())
                        .orElseThrow();
    }

    private static Report report(Map<Integer, String> words, Set<Integer> dismissed) {
        return GameReport.of(review, words, dismissed, "engine, 5000 nodes a search");
    }

    private static String pdfText(Report report) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfReport.write(report, out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void a_page_stands_alone_is_well_formed_and_has_the_coachs_words() throws Exception {
        String html = HtmlReport.write(report(Map.of(6, OWN), Set.of()));
        String body = html.substring(html.indexOf("<body"), html.indexOf("</body>") + 7);
        var document =
                DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new InputSource(new StringReader(body)));
        assertThat(document.getDocumentElement().getTextContent())
                .contains(OWN)
                .contains("Marram & Sons – Żółć 漢字")
                .contains("5000 nodes")
                .doesNotContain("The last move at which");
        assertThat(document.getElementsByTagName("svg").getLength()).isGreaterThanOrEqualTo(2);
        assertThat(html).doesNotContain("src=").doesNotContain("href=\"http");
    }

    @Test
    void a_dismissed_moment_is_left_out() {
        assertThat(HtmlReport.write(report(Map.of(), Set.of()))).contains("The last move at which");
        assertThat(HtmlReport.write(report(Map.of(), Set.of(6))))
                .doesNotContain("The last move at which");
    }

    @Test
    void a_pdf_has_text_that_can_be_searched_whatever_the_letters() throws IOException {
        String text = pdfText(report(Map.of(6, OWN), Set.of()));
        assertThat(text).contains("Marram & Sons").contains("twice attacked").contains("Players");
    }

    @Test
    void names_in_other_scripts_stand_in_a_pdf_and_what_is_missing_is_seen() throws IOException {
        String names = "Иванов Ёж Щука – Ὀδυσσεύς Γιώργος – Đorđević Ẽ – 棋士 🙂\tend";
        String run = "W".repeat(400);
        Report report =
                new Report(
                        "Пётр против Ζωή",
                        names,
                        List.of(
                                new Report.Text(names, Report.Tone.PLAIN),
                                new Report.Text(run, Report.Tone.PLAIN),
                                new Report.Table(
                                        List.of("Ученик", "x"),
                                        List.of(List.of("Ж".repeat(200), "1")))),
                        "");
        String text = pdfText(report);
        assertThat(text)
                .contains("Пётр против Ζωή")
                .contains("Иванов Ёж Щука", "Γιώργος", "Đorđević")
                .contains("□□")
                .contains("Ученик")
                .doesNotContain("?");
        assertThat(text.lines().filter(l -> l.matches("W+")).toList())
                .hasSizeGreaterThan(5)
                .allMatch(l -> l.length() < 90);
    }

    /** A line at a time, however long the rest is. */
    @Test
    void a_word_of_very_many_letters_is_set_whole() throws IOException {
        Report.Block word = new Report.Text("Ж".repeat(60_000), Report.Tone.PLAIN);
        String text = pdfText(new Report("A word", "", List.of(word), ""));
        assertThat(text.chars().filter(c -> c == 'Ж').count()).isEqualTo(60_000);
    }

    @Test
    void a_long_report_goes_over_pages_without_losing_a_line() throws IOException {
        Report one = report(Map.of(), Set.of());
        List<Report.Block> blocks =
                IntStream.range(0, 120)
                        .<Report.Block>mapToObj(
                                i -> new Report.Text("Line number " + i + ".", Report.Tone.PLAIN))
                        .toList();
        String text = pdfText(new Report(one.title(), one.subtitle(), blocks, one.foot()));
        for (int i = 0; i < 120; i++) {
            assertThat(text).contains("Line number " + i + ".");
        }
    }

    @Test
    void a_students_report_names_themes_games_and_what_trains_them() throws IOException {
        Profile profile = Profile.of("Quay", List.of(GameFigures.of(1, review, Side.BLACK)));
        Theme theme = profile.worst().get(0).theme();
        Report report =
                StudentReport.of(profile, Map.of(theme, List.of("Calculation 3")), "engine");
        assertThat(HtmlReport.write(report))
                .containsIgnoringCase(theme.words() + ": missed")
                .contains("Calculation 3")
                .contains("<svg")
                .contains("Balance:");
        assertThat(pdfText(report)).contains("Quay").contains("Calculation 3");
    }
}
