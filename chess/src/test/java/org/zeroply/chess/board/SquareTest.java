package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SquareTest {

    @Test
    void every_square_is_read_by_its_name() {
        assertThat(IntStream.range(0, 64))
                .allMatch(s -> Square.parse(Square.name(s)) == s)
                .allMatch(s -> Square.at(Square.file(s), Square.rank(s)) == s)
                .allMatch(s -> Square.bit(s) == Square.bit(s) >>> s << s);
        assertThat(Square.name(0)).isEqualTo("a1");
        assertThat(Square.name(63)).isEqualTo("h8");
    }

    @Test
    void h1_is_light_and_a1_dark_and_half_of_all_are_light() {
        assertThat(Square.isLight(Square.H1)).isTrue();
        assertThat(Square.isLight(Square.A1)).isFalse();
        assertThat(Square.isLight(Square.parse("e4"))).isTrue();
        assertThat(IntStream.range(0, 64).filter(Square::isLight).count()).isEqualTo(32);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "e", "e9", "e0", "i4", "E4", "e44", "4e", "--"})
    void what_is_no_name_is_no_square(String text) {
        assertThat(Square.parse(text)).isEqualTo(-1);
    }
}
