package org.zeroply.coach.exercise.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RatingsTest {

    @ParameterizedTest
    @CsvSource({
        "'', 0, 0",
        "' ', 0, 0",
        "1600, 1600, 0",
        "1600-2000, 1600, 2000",
        "' 1600 – 2000 ', 1600, 2000",
        "0-1500, 0, 1500",
        "1800-1800, 1800, 1800",
    })
    void they_are_written_as_a_range_or_the_lowest_alone(String text, int lowest, int highest) {
        assertThat(Ratings.parse(text)).isEqualTo(new Ratings(lowest, highest));
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "-2000", "1600-", "16000", "1600-1700-1800", "1600 2000", "-5"})
    void what_is_neither_is_said(String text) {
        assertThatThrownBy(() -> Ratings.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2000-1600", "1601–1600"})
    void a_range_the_wrong_way_round_is_refused(String text) {
        assertThatThrownBy(() -> Ratings.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }
}
