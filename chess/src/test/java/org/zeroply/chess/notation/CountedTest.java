package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountedTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {"0; 0 games", "1; 1 game", "2; 2 games", "1000; 1,000 games"})
    void one_is_singular_and_all_else_is_plural(long count, String words) {
        assertThat(Counted.of(count, "game")).isEqualTo(words);
    }
}
