package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MarkTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "idea e2e4",
                "threat a1a8",
                "route g1f3e5",
                "target d5",
                "weak f7",
                "key c4"
            })
    void a_text_is_read_and_written_the_same(String text) {
        assertThat(Mark.parse(text)).hasValueSatisfying(m -> assertThat(m.text()).isEqualTo(text));
        assertThat(Mark.parse("  " + text.toUpperCase(Locale.ROOT).replace(' ', '\t')))
                .as("squares are written small")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "idea",
                "idea e2",
                "idea e2e4e6",
                "target e4e5",
                "route e4",
                "idea e2e9",
                "idea e2e",
                "hope e2e4",
                "idea e2 e4"
            })
    void what_is_no_mark_is_none(String text) {
        assertThat(Mark.parse(text)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Mark.Meaning.class)
    void an_arrow_needs_two_squares_and_a_sign_one(Mark.Meaning meaning) {
        int squares = meaning.isArrow() ? 2 : 1;
        assertThat(new Mark(meaning, List.of(12, 28).subList(0, squares)).squares())
                .hasSize(squares);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Mark(meaning, List.of(12, 28).subList(0, 3 - squares)))
                .withMessageContaining(meaning.word());
    }

    @Test
    void only_a_route_goes_over_several_squares() {
        assertThat(new Mark(Mark.Meaning.ROUTE, List.of(6, 21, 36)).text())
                .isEqualTo("route g1f3e5");
    }
}
