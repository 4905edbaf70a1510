package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import org.junit.jupiter.api.Test;

class ArgumentsTest {

    private final Arguments arguments =
            new Arguments(List.of("walk", "--steps", "300", "--loud", "--seed"));

    @Test
    void an_option_has_the_word_behind_it_and_else_what_is_usual() {
        assertThat(arguments.value("--steps", "5")).isEqualTo("300");
        assertThat(arguments.number("--steps", 5)).isEqualTo(300);
        assertThat(arguments.number("--rounds", 5)).isEqualTo(5);
        assertThat(arguments.value("--seed", "12")).as("nothing stands behind it").isEqualTo("12");
    }

    @Test
    void a_word_is_there_or_not() {
        assertThat(arguments.has("--loud")).isTrue();
        assertThat(arguments.has("--quiet")).isFalse();
    }

    @Test
    void what_is_no_number_is_refused() {
        assertThatExceptionOfType(NumberFormatException.class)
                .isThrownBy(() -> arguments.number("walk", 1))
                .withMessageContaining("--steps");
    }
}
