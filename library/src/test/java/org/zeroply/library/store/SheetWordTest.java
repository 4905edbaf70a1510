package org.zeroply.library.store;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetWordTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "marram, true, '\"marram\" *'",
        "Ångström, true, '\"Ångström\" *'",
        "2026, true, '\"2026\" *'",
        "2026.01, false, '\"2026\" \"01\" *'",
        "o'brien, false, '\"o\" \"brien\" *'",
        "quay`, false, '\"quay\"'",
        "'a\"b', false, '\"a\" \"b\" *'",
        "½–½, false, ''",
        "100%_!, false, '\"100\"'",
        "AND, true, '\"AND\" *'",
        "棋士, true, '\"棋士\" *'",
    })
    void a_word_is_asked_for_by_its_beginning(String word, boolean plain, String parts) {
        SheetWord asked = new SheetWord(word);
        assertThat(asked.isPlain()).isEqualTo(plain);
        assertThat(String.join(" ", asked.beginnings())).isEqualTo(parts);
    }
}
