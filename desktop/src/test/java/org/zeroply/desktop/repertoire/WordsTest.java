package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {

    @ParameterizedTest
    @CsvSource({
        "0, 0%",
        "0.0004, 0.0%",
        "0.005, 0.5%",
        "0.0994, 9.9%",
        "0.0996, 10%",
        "0.5, 50%",
        "1, 100%",
    })
    void a_part_below_ten_hundredths_has_a_tenth(double part, String words) {
        assertThat(Words.percent(part)).isEqualTo(words);
    }
}
