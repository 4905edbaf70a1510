package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Duration;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MinutesSecondsTest {

    @ParameterizedTest
    @CsvSource({"0, 0:00", "7, 0:07", "60, 1:00", "121, 2:01", "3599, 59:59", "4503, 75:03"})
    void it_is_shown_as_on_a_clock(long seconds, String text) {
        assertThat(MinutesSeconds.of(seconds)).isEqualTo(text);
        assertThat(MinutesSeconds.of(Duration.ofMillis(seconds * 1000 + 999))).isEqualTo(text);
    }

    @Test
    void its_figures_are_the_same_in_every_language() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("ar-EG"));
            assertThat(MinutesSeconds.of(83)).isEqualTo("1:23");
        } finally {
            Locale.setDefault(before);
        }
    }

    @Test
    void there_is_no_negative_time() {
        assertThatIllegalArgumentException().isThrownBy(() -> MinutesSeconds.of(-1));
    }
}
