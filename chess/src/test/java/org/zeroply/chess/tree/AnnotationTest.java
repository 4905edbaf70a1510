package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said about a move: each part changes alone, and has a text form. */
class AnnotationTest {

    private static final PointRule FIVE = new PointRule(5, true, Optional.of("a"));

    @Test
    void each_part_changes_alone() {
        Annotation full =
                Annotation.NONE
                        .withBefore("before")
                        .withAfter("after")
                        .withNags(List.of(Nag.GOOD))
                        .withPoints(List.of(FIVE))
                        .withEnd(true)
                        .withEqual(true)
                        .withTempting(true);
        assertThat(full.scheme()).isEqualTo(new SchemeNote(List.of(FIVE), true, true, true));
        assertThat(full.withEnd(false).scheme())
                .isEqualTo(new SchemeNote(List.of(FIVE), false, true, true));
        assertThat(full.withPoints(List.of()).scheme().points()).isEmpty();
        assertThat(full.withAfter("").before()).isEqualTo("before");
        assertThat(full.withBefore("").withAfter("").nags()).containsExactly(Nag.GOOD);
        assertThat(
                        full.withBefore("")
                                .withAfter("")
                                .withNags(List.of())
                                .withPoints(List.of())
                                .withEnd(false)
                                .withEqual(false)
                                .withTempting(false))
                .isEqualTo(Annotation.NONE);
    }

    @Test
    void a_verdict_takes_the_place_of_another_and_leaves_the_grade_of_the_move() {
        Annotation judged =
                Annotation.NONE
                        .withNags(List.of(Nag.MISTAKE))
                        .withVerdict(Optional.of(Verdict.WHITE_BETTER))
                        .withVerdict(Optional.of(Verdict.EQUAL));
        assertThat(judged.verdict()).contains(Verdict.EQUAL);
        assertThat(judged.nags()).containsExactly(Nag.MISTAKE, Verdict.EQUAL.nag());
        assertThat(judged.withVerdict(Optional.empty()).nags()).containsExactly(Nag.MISTAKE);
    }

    @Property
    void points_are_read_as_they_are_written(
            @ForAll @IntRange(min = 1, max = 999) int points,
            @ForAll boolean verdict,
            @ForAll @IntRange(max = 3) int group) {
        Optional<String> name = group == 0 ? Optional.empty() : Optional.of("g-" + group + "_x");
        PointRule rule = new PointRule(points, verdict, name);
        assertThat(PointRule.parse(rule.text())).contains(rule);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "verdict",
                "0",
                "1000",
                "-3",
                "3 4",
                "3 group=",
                "3 group=a group=b",
                "3 group=a b",
                "3 Verdict",
                "3.5"
            })
    void what_are_no_points_is_none(String text) {
        assertThat(PointRule.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0, a", "1000, a", "5, two words", "5, ''"})
    void points_and_groups_have_bounds(int points, String group) {
        assertThatThrownBy(() -> new PointRule(points, false, Optional.of(group)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Property
    void what_an_engine_found_is_read_as_it_is_written(
            @ForAll boolean mate,
            @ForAll @IntRange(min = -99_999, max = 99_999) int value,
            @ForAll @IntRange(max = 99) int depth,
            @ForAll @LongRange(min = 0) long nodes) {
        long few = nodes % 1_000_000_000_000_000_000L;
        EngineCheck check = new EngineCheck(mate, value, depth, few, "zeroply-0.9");
        assertThat(EngineCheck.parse(check.text())).contains(check);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "cp=1",
                "cp=x depth=1 nodes=1 by=me",
                "cp=1 depth=1 nodes=1 by=two words",
                "CP=1 depth=1 nodes=1 by=me",
                "cp=1 depth=1 nodes=99999999999999999999 by=me"
            })
    void what_is_no_finding_is_none(String text) {
        assertThat(EngineCheck.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, !", "2, ?", "3, !!", "4, ??", "5, !?", "6, ?!", "99, $99"})
    void a_grade_is_shown_by_its_sign_and_any_other_by_its_number(int nag, String shown) {
        assertThat(Nag.show(nag)).isEqualTo(shown);
        assertThat(Nag.ofSuffix(shown)).isEqualTo(nag > 9 ? Optional.empty() : Optional.of(nag));
        assertThat(Nag.gradesMove(nag)).isEqualTo(nag <= 9);
    }
}
