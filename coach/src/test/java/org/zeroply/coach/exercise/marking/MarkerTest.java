package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

class MarkerTest {

    /** The moves mean nothing; the scheme has every rule that there is. */
    private static final String SCHEME =
            """
            [ZpKind "calculation"]

            1. e4 {[%zp.pts 5]} (1. d4 {[%zp.equal]} d5) (1. f3 {[%zp.tempting] [%zp.pts 9]}
            e5 2. g4 Qh4#) (1. c4 {[%zp.pts 2 group=second]})
            (1. Nf3 {[%zp.pts 3 group=second]})
            1... e5 {[%zp.pts 4]} (1... c5 {[%zp.pts 6]} 2. Nf3 d6 3. d4 $16 {[%zp.pts 7 verdict]})
            2. Nf3 Nc6 3. Bb5 {[%zp.pts 8] [%zp.end]} a6 4. Ba4 $18 {[%zp.pts 10 verdict]} *
            """;

    @ParameterizedTest(name = "{0} earns {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "1.e4; 5",
                "e4 e5; 9",
                "1.d4; 5",
                "1.d4 | 1.e4; 5",
                "1.f3 e5; 0",
                "1.c4; 2",
                "1.c4 | 1.Nf3; 3",
                "1.Nf3 | 1.c4 | 1.e4; 8",
                "1.e4 e5 2.Nf3 Nc6; 9",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5; 17",
                "1.e4 e5 2.Bb5 Nc6 3.Nf3; 17",
                "1.Nf3 Nc6 2.e4 e5; 12",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4; 17",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +-; 27",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +/-; 17",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 Nf6 5.O-O +-; 27",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 +-; 17",
                "1.e4 c5 2.Nf3 d6 3.d4 ±; 18",
                "1.d4 d6 2.e4 c5 3.Nf3 +/-; 18",
                "1.e4 c5 2.Nf3 d6 3.d4 +/- | 1.d4 c5 2.e4 d6 3.Nf3 =; 11",
                "1.e4 c5 2.Nf3 d6 3.d4 +/- | 1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +-; 40",
                "1.e4 e6; 5",
                "1.e5 | 1.e4; 5",
                "# nothing; 0",
                "1.e4 1...e5+-; 9",
                "1.Nf3 | 1.c4; 3",
                "1.d4 | 1.c4 | 1.Nf3; 8",
                "1.f3 e5 2.g4 Qh4# -+ | 1.e4; 5",
                "1.f3 | 1.d4 d5 =; 5",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +- | 1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 =; 17",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +- | 1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4; 27",
                "1.e4 c5 2.Nf3 d6 3.d4 +/- | 1.e4 c5 =; 18",
                "1.e4 e5 2.Nf3 Nc6 3.Ba4 +- | 1.e4 e5; 9",
                "e2e4 e7-e5; 9",
                "1.♙e4 e5 2.♘g1-f3 ♞c6 3.♗b5; 17",
                "- 1.e4 e5; 9",
                "a) 1.e4, e5; 9",
                "1...e4 5...e5!? 7.Nf3?; 9",
                "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 +-; 27",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 Nf6 +-; 17",
            })
    void points_follow_the_scheme(String rows, int points) {
        MarkedSheet sheet = mark(rows.replace(" | ", "\n"), Optional.empty());
        assertThat(sheet.points()).as(sheet.items().toString()).isEqualTo(points);
        assertThat(sheet.max()).isEqualTo(5 + 4 + 6 + 7 + 8 + 10 + 3);
    }

    @ParameterizedTest(name = "{0} earns {1} where verdicts may be one step beside")
    @CsvSource(
            delimiter = ';',
            value = {
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +-; 27",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +/-; 22",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +=; 17",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 unclear; 17",
                "1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 comp; 17",
                "1.e4 c5 2.Nf3 d6 3.d4 +/-; 18",
                "1.e4 c5 2.Nf3 d6 3.d4 +-; 14",
                "1.e4 c5 2.Nf3 d6 3.d4 +=; 14",
                "1.e4 c5 2.Nf3 d6 3.d4 +- | 1.d4 c5 2.e4 d6 3.Nf3 +=; 11",
                "1.e4 c5 2.Nf3 d6 3.d4 +- | 1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 +/-; 31",
            })
    void half_the_points_are_for_a_verdict_one_step_beside_if_the_scheme_says_so(
            String rows, int points) {
        String near = "[ZpVerdicts \"near\"]\n" + SCHEME;
        MarkedSheet sheet = mark(near, rows.replace(" | ", "\n"), Optional.empty());
        assertThat(sheet.points()).as(sheet.items().toString()).isEqualTo(points);
    }

    @Test
    void each_line_tells_how_deep_it_was_seen_and_what_it_earned() {
        String answer = "1.e4 e5 2.Nf3 Nc6 3.Bb5\n1.e4 c5 2.Nf3 d6 3.d4 +/-";
        List<MarkedSheet.LineMark> lines = mark(answer, Optional.empty()).lines();
        assertThat(lines)
                .extracting(l -> l.seen() + "/" + l.plies() + " " + l.earned() + "/" + l.points())
                .containsExactly("5/7 17/27", "5/5 13/13", "0/2 0/0", "0/1 0/2", "0/1 0/3");
        assertThat(lines.stream().mapToInt(MarkedSheet.LineMark::earned).sum()).isEqualTo(30);
    }

    @Test
    void the_coach_can_overrule_an_item_and_grant_a_row_without_hiding_what_was_marked() {
        MarkedSheet sheet = mark("1.e4 e5\n1.b3 e5", Optional.empty());
        MarkedSheet ruled =
                sheet.with(
                        List.of(
                                Ruling.item(1, 2, "a slip of the pen"),
                                Ruling.row(2, 3, ""),
                                Ruling.row(9, 99, "no such row"),
                                Ruling.item(1, 1, "thought again")));
        assertThat(sheet.points()).isEqualTo(9);
        assertThat(ruled.points()).isEqualTo(5 + 1 + 3);
        assertThat(ruled.items().get(1).why())
                .contains("found in row 1")
                .endsWith("the coach gives 1 instead of 4: thought again");
        assertThat(ruled.rows().get(1).status()).isEqualTo(MarkedSheet.Status.GRANTED);
        assertThat(ruled.rows().get(1).detail()).contains("not in the scheme", "grants 3");
        assertThat(sheet.with(List.of(Ruling.item(0, 999, ""))).points()).isEqualTo(sheet.max());
        assertThat(sheet.with(List.of())).isSameAs(sheet);
    }

    @Property(tries = 150)
    void the_order_of_rows_does_not_matter_and_only_a_contradicted_verdict_costs(
            @ForAll long seed) {
        Random random = new Random(seed);
        List<String> rows = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            rows.add(randomRow(random));
        }
        MarkedSheet sheet = mark(String.join("\n", rows), Optional.empty());
        assertThat(sheet.points()).isBetween(0, sheet.max());
        Collections.shuffle(rows, random);
        assertThat(mark(String.join("\n", rows), Optional.empty()).points())
                .isEqualTo(sheet.points());
        rows.add(random.nextBoolean() ? "1.e4 e5 2.Nf3" : randomRow(random));
        MarkedSheet more = mark(String.join("\n", rows), Optional.empty());
        if (more.points() < sheet.points()) {
            assertThat(contradicted(more)).isGreaterThan(contradicted(sheet));
        }
    }

    private static long contradicted(MarkedSheet sheet) {
        return sheet.items().stream().filter(i -> i.why().contains("contradict")).count();
    }

    private static String randomRow(Random random) {
        String[] lines = {
            "e4 e5 Nf3 Nc6 Bb5 a6 Ba4",
            "e4 c5 Nf3 d6 d4",
            "d4 d6 e4 c5 Nf3",
            "c4 e5",
            "Nf3",
            "f3 e5"
        };
        String[] moves = lines[random.nextInt(lines.length)].split(" ");
        List<String> part = List.of(moves).subList(0, 1 + random.nextInt(moves.length));
        String[] verdicts = {"", "+-", "+/-", "=", "unclear"};
        return String.join(" ", part) + " " + verdicts[random.nextInt(verdicts.length)];
    }

    @Test
    void rows_are_reported_with_what_became_of_them() {
        String answer =
                """
                # a remark
                1.e4 e5

                1.e4 Ke6 +-
                1.f3 e5
                1.e4 e6 2.d4
                +-
                1.e4 -- 2.d4
                """;
        List<MarkedSheet.RowMark> rows = mark(answer, Optional.empty()).rows();
        assertThat(rows).extracting(MarkedSheet.RowMark::row).containsExactly(2, 4, 5, 6, 7, 8);
        assertThat(rows)
                .extracting(MarkedSheet.RowMark::status)
                .containsExactly(
                        MarkedSheet.Status.IN_SCHEME,
                        MarkedSheet.Status.UNREADABLE,
                        MarkedSheet.Status.TEMPTING,
                        MarkedSheet.Status.UNCHECKED,
                        MarkedSheet.Status.NO_MOVES,
                        MarkedSheet.Status.UNREADABLE);
        assertThat(rows.get(1).detail()).contains("Ke6");
        assertThat(rows.get(2).proof()).isEqualTo("1.f3 e5 2.g4 Qh4#");
        assertThat(rows.get(2).wrong()).isEqualTo("1.f3");
        assertThat(rows.get(2).overlooked()).isEqualTo("1...e5");
        assertThat(rows.get(3).detail()).contains("from 1...e6 on");
    }

    @Test
    void the_engine_tells_a_sound_line_that_the_scheme_lacks_from_a_refuted_one() {
        Position start = Position.fromFen("r5k1/5pp1/7p/8/8/7P/5PP1/1R4K1 w - - 0 1");
        String scheme = "[FEN \"" + start.fen() + "\"]\n\n1. Rb7 $10 {[%zp.pts 5]} *\n";
        LineChecker checker = new LineChecker(new BuiltInEngine(8), Endings.NONE, 30_000);
        String answer = "1.Rb7 Ra1+ 2.Kh2\n1.Rb5 Kh7\n1.Rb4 Ra1+ 2.Kh2 Ra4 3.Rxa4";
        List<MarkedSheet.RowMark> rows = mark(scheme, answer, Optional.of(checker)).rows();
        assertThat(rows)
                .extracting(MarkedSheet.RowMark::status)
                .containsExactly(
                        MarkedSheet.Status.SOUND,
                        MarkedSheet.Status.SOUND,
                        MarkedSheet.Status.REFUTED);
        assertThat(rows.get(2).detail()).startsWith("2...Ra4 is not forced");
        assertThat(rows.get(2).proof()).startsWith("2...");
        assertThat(rows.get(2).wrong()).isEqualTo("2...Ra4");
        assertThat(rows.get(2).overlooked()).startsWith("2...").isNotEqualTo("2...Ra4");
        MarkedSheet.RowMark own = mark(scheme, "1.Rb8+ Kh7", Optional.of(checker)).rows().get(0);
        assertThat(own.status()).isEqualTo(MarkedSheet.Status.REFUTED);
        assertThat(own.detail()).contains("loses").contains("points of a hundred");
    }

    @Test
    void the_verdict_on_the_main_line_is_told_apart_from_the_points() {
        assertThat(mark("1.e4 e5 2.Nf3 +-", Optional.empty()).verdictRight()).isTrue();
        assertThat(mark("1.e4 e5 2.Nf3 =", Optional.empty()).verdictRight()).isFalse();
        assertThat(mark("1.e4 c5 +-", Optional.empty()).verdictRight()).isFalse();
        assertThat(mark("1.e4 e5 2.Nf3", Optional.empty()).verdictRight()).isFalse();
    }

    private static MarkedSheet mark(String answer, Optional<LineChecker> checker) {
        return mark(SCHEME, answer, checker);
    }

    private static MarkedSheet mark(String scheme, String answer, Optional<LineChecker> checker) {
        PgnEntry entry = PgnReader.readAll(scheme).get(0);
        Exercise exercise = Exercise.of(((PgnEntry.Game) entry).tree());
        WrittenAnswer written = WrittenAnswer.parse(exercise.start(), answer);
        return new Marker(exercise, checker).mark(written, new Cancellation());
    }
}
