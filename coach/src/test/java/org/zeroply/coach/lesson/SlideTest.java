package org.zeroply.coach.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;

class SlideTest {

    private static final String TREE =
            "{Look.} 1. e4 {Now this.} e5 (1... c5 2. Nf3 {And that.}) 2. f4";

    private static List<String> told(List<Slide> slides) {
        return slides.stream().map(SlideTest::told).toList();
    }

    /** The lines as far as they are revealed, what is asked in brackets, and the words. */
    private static String told(Slide slide) {
        String rows =
                slide.rows().stream()
                        .map(r -> (r.before() + " " + r.last()).strip())
                        .collect(Collectors.joining(" / "));
        String asked = slide.asks().map(a -> "[" + a.question().prompt() + "] ").orElse("");
        return (asked + rows + " : " + slide.words()).strip();
    }

    @Test
    void a_step_that_shows_reveals_line_after_line_from_where_it_leaves_the_one_before() {
        assertThat(told(Slide.of(Steps.of("ZpStep \"1 show\"", TREE))))
                .containsExactly(
                        ": Look.",
                        "1.e4 : Now this.",
                        "1.e4 1...e5 :",
                        "1.e4 e5 2.f4 :",
                        "1.e4 e5 2.f4 / 1.e4 1...c5 :",
                        "1.e4 e5 2.f4 / 1.e4 c5 2.Nf3 : And that.");
    }

    @Test
    void a_question_is_asked_before_anything_of_its_lines_is_shown() {
        List<Slide> slides = Slide.of(Steps.of("ZpStep \"1 ask\"", "{Think.} 1. e4 {Right.}"));
        assertThat(told(slides))
                .containsExactly(
                        "[White to move. What would you play?]  : Think.", "1.e4 : Right.");
        assertThat(slides.get(1).asks()).isEmpty();
    }

    @Test
    void squares_that_are_asked_for_are_not_marked_before_the_answer() {
        List<Slide> slides =
                Slide.of(
                        Steps.of(
                                "ZpStep \"1 ask\"\nZpAsk \"squares\"\nZpAnswer \"d5 f5\"\n"
                                        + "ZpSayRight \"Both are weak.\"",
                                "{[%zp.mark weak d5] [%zp.mark weak f5]}"));
        assertThat(slides.get(0).picture().marks()).isEmpty();
        assertThat(slides.get(1).picture().marks()).hasSize(2);
        assertThat(slides.get(1).words()).isEqualTo("Answer: d5 f5. Both are weak.");
    }

    @Test
    void a_game_goes_along_its_main_line_and_asks_at_its_stops() {
        assertThat(told(Slide.of(Steps.of("ZpStep \"1 game\"\nZpStops \"2\"", TREE))))
                .containsExactly(
                        ": Look.",
                        "1.e4 : Now this.",
                        "[White to move. What would you play?] 1.e4 1...e5 :",
                        "1.e4 e5 2.f4 :");
    }

    @Test
    void what_is_different_is_told_one_position_after_the_other() {
        String base = "SetUp \"1\"\nFEN \"6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1\"\n";
        String beside =
                "ZpBeside1 \"6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1 | Re8+ fails | air\"\n"
                        + "ZpBeside2 \"7k/6pp/8/8/8/8/8/K3R3 w - - 0 1 | Re8# works | none\"\n";
        List<Slide> compared =
                Slide.of(Steps.of("ZpStep \"1 compare\"\n" + base + beside, "{Where is air?}"));
        assertThat(told(compared)).containsExactly(": Where is air?", ": air", ": none");
        assertThat(compared).extracting(Slide::told).containsExactly(0, 1, 2);
        assertThat(compared.get(2).picture().position().pieceAt(Square.G8)).isPresent();

        List<Slide> table = Slide.of(Steps.of("ZpStep \"1 what-if\"\n" + base + beside, "1. Re8#"));
        assertThat(table.get(2).picture().position().pieceAt(Square.G8)).isEmpty();
        assertThat(told(table).get(3)).isEqualTo("1.Re8# :");
        assertThat(table.get(3).told()).isEqualTo(2);
    }

    @Test
    void of_very_many_lines_the_last_ones_are_told() {
        StringBuilder moves = new StringBuilder("1. e4 e5");
        List<String> others = List.of("a6", "b6", "c6", "d6", "e6", "f6", "g6", "h6", "a5", "b5");
        others.forEach(m -> moves.append(" (1... ").append(m).append(")"));
        List.of("c5", "d5", "f5", "g5", "h5", "Na6", "Nc6", "Nf6", "Nh6")
                .forEach(m -> moves.append(" (1... ").append(m).append(")"));
        List<Slide> slides = Slide.of(Steps.of("ZpStep \"1 show\"", moves.toString()));
        assertThat(slides).hasSize(22);
        assertThat(slides.get(21).rows()).hasSize(16);
        assertThat(slides.get(21).rows().get(15).last()).isEqualTo("1...Nh6");
        assertThat(slides.get(21).rows().get(0).last()).isEqualTo("1...d6");
    }

    @Test
    void every_kind_of_step_has_something_to_show() {
        for (StepKind kind : StepKind.values()) {
            assertThat(Slide.of(Steps.of("ZpStep \"1 " + kind.word() + "\"", ""))).isNotEmpty();
        }
    }
}
