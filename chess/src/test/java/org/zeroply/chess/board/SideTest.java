package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class SideTest {

    @ParameterizedTest
    @EnumSource
    void a_side_is_found_by_each_of_its_words(Side side) {
        assertThat(Side.called(side.word())).isEqualTo(side);
        assertThat(Side.called(side.smallWord())).isEqualTo(side);
        assertThat(side.smallWord()).isLowerCase().isEqualToIgnoringCase(side.word());
        assertThat(Side.of(side.ordinal())).isEqualTo(side);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "w", "both", "whites"})
    void another_word_is_no_side(String word) {
        assertThatThrownBy(() -> Side.called(word)).isInstanceOf(IllegalArgumentException.class);
    }
}
