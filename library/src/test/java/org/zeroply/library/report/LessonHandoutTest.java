package org.zeroply.library.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.library.sheet.SheetStore;

class LessonHandoutTest {

    static final String LESSON =
            """
            [ZpLesson "The back rank"]
            [ZpStep "1 show"]
            [ZpTitle "No air"]
            [ZpNote "a secret of the coach"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

            {Look at the eighth rank. [%zp.mark target g8] [%zp.mark idea e1e8]} 1. Re8# $18 *

            [ZpLesson "The back rank"]
            [ZpStep "2 ask"]
            [ZpSeconds "90"]
            [SetUp "1"]
            [FEN "3r2k1/5ppp/8/8/8/8/3R1PPP/3R2K1 w - - 0 1"]

            1. Rxd8# {Mate at once.} (1. f3 {[%zp.tempting] It waits.} 1... Rxd2 $19)
            (1. Kf1! {It sees h1.} 1... Rxd2! $13) *

            [ZpLesson "The back rank"]
            [ZpStep "3 ask"]
            [ZpAsk "plan"]
            [ZpPrompt "What does White do first?"]
            [ZpChoice1 "right: Make air | A pawn one step is enough."]
            [ZpChoice2 "wrong: Attack"]
            [SetUp "1"]
            [FEN "3r2k1/5ppp/8/8/8/8/5PPP/1Q4K1 w - - 0 1"]

            *

            [ZpLesson "The back rank"]
            [ZpStep "4 compare"]
            [ZpBeside1 "6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1 | | With air"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

            *

            [ZpLesson "The back rank"]
            [ZpStep "5 game"]
            [ZpStops "2"]
            [White "Ann"]
            [Black "Bob"]

            1. e4 e5 2. Nf3 Nc6 *

            [ZpLesson "The back rank"]
            [ZpStep "6 homework"]
            [ZpKind "calculation"]
            [ZpPrompt "Find the mate."]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

            1. Re8# {[%zp.pts 5]} (1. Re7 {Quiet.} h6) (1. Re6 {[%zp.tempting] Quiet.} fxe6)
            (1. Kb2 {It waits for nothing.} h6 $13) *
            """;

    static Lesson lesson() {
        return Lesson.all(SheetStore.parseAll(LESSON)).get(0);
    }

    private static String text(Report report) {
        return report.blocks().stream()
                .map(LessonHandoutTest::text)
                .collect(Collectors.joining("\n"));
    }

    private static String text(Report.Block block) {
        if (block instanceof Report.Card card) {
            return card.title()
                    + "\n"
                    + card.words().stream()
                            .map(Report.Text::text)
                            .collect(Collectors.joining("\n"));
        }
        return block instanceof Report.Text words ? words.text() : "";
    }

    @Test
    void questions_are_asked_with_room_to_write_and_none_is_answered() {
        String sheet = text(new LessonHandout(lesson()).questions());
        assertThat(sheet)
                .contains("1.  No air", "Look at the eighth rank.", "1.Re8#")
                .contains("2.  ask", "Time to think: 90 seconds", "____")
                .contains("1   Make air", "2   Attack")
                .contains("With air", "1.e4 e5\nWhite to move. What would you play?")
                .contains("Find the mate.")
                .doesNotContain("Rxd8", "Mate at once", "A pawn one step", "secret");
    }

    @Test
    void solutions_answer_every_question_with_the_words_of_the_coach() {
        Report solutions = new LessonHandout(lesson()).solutions();
        assertThat(solutions.title()).isEqualTo("The back rank: solutions");
        assertThat(solutions.foot()).contains("brackets");
        assertThat(text(solutions))
                .contains(
                        "White to move. What would you play?\n1.Rxd8#\nMate at once.\n"
                                + "Kf1 (good, but there is better): It sees h1.\n"
                                + "f3 (tempting, but wrong): It waits.\n"
                                + "1.f3 Rxd2 -+\n1.Kf1! Rxd2! unclear")
                .containsOnlyOnce("Mate at once.")
                .containsOnlyOnce("It waits.")
                .contains("Make air\nA pawn one step is enough.")
                .contains("Nf3")
                .contains("1.Re8# [5]\n1.Re7 h6\n1.Re6? fxe6\n1.Kb2 h6  unclear")
                .contains("1.Kb2: It waits for nothing.")
                .as("what is said of two moves")
                .doesNotContain("Quiet.")
                .doesNotContain("1.  No air", "secret");
    }

    @Test
    void the_ending_of_a_file_tells_what_is_written(@TempDir Path folder) throws Exception {
        LessonHandout handout = new LessonHandout(lesson());
        assertThat(handout.write(folder.resolve("a.PGN"))).hasSize(1);
        assertThat(folder.resolve("a.PGN")).hasContent(lesson().pgn());
        assertThat(handout.write(folder.resolve("a.html"))).hasSize(1);
        assertThat(folder.resolve("a.html")).content().contains("id=\"boards\"");
        assertThat(handout.write(folder.resolve("a.pdf")))
                .containsExactly(folder.resolve("a.pdf"), folder.resolve("a-solutions.pdf"));
        assertThatThrownBy(() -> handout.write(folder.resolve("none/a.pdf")))
                .isInstanceOf(IOException.class);
    }

    @Test
    void both_are_printed_on_pages() throws Exception {
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        for (Report report :
                List.of(
                        new LessonHandout(lesson()).questions(),
                        new LessonHandout(lesson()).solutions())) {
            pdf.reset();
            PdfReport.write(report, pdf);
            assertThat(pdf.toByteArray()).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
            assertThat(HtmlReport.write(report)).contains("<h1>The back rank");
        }
    }
}
