package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "--out a --size 1x1, ''",
        "'', ''",
        "--help, --help",
        "--out, --out",
        "--out a --sise 1x1, --sise",
        "a --out b, a"
    })
    void a_word_that_was_not_meant_is_named(String words, String unknown) {
        List<String> all = words.isEmpty() ? List.of() : List.of(words.split(" "));
        assertThat(new Arguments(all).unknown("--out", "--size").orElse("")).isEqualTo(unknown);
    }

    @Test
    void what_is_no_number_is_refused() {
        assertThatExceptionOfType(NumberFormatException.class)
                .isThrownBy(() -> arguments.number("walk", 1))
                .withMessageContaining("--steps");
    }
}
