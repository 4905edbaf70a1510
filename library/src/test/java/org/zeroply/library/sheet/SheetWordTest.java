package org.zeroply.library.sheet;

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
        assertThat(asked.parts().stream().map(SheetWord.Part::query))
                .containsExactly(
                        parts.isEmpty() ? new String[0] : parts.split("(?<=[*\"]) (?=\")"));
    }

    @ParameterizedTest(name = "{0} in {1}: {2}")
    @CsvSource({
        "quay, 'Marram – Quay', true",
        "qu, 'Marram – (Quay)', true",
        "uay, 'Marram – Quay', false",
        "angstrom, 'Ängström, Åsa', true",
        "Ångström, 'angstrom', true",
        "b, 'Player A. 12', false",
        "b, 'Player B. 12', true",
        "12, 'x 312 123', true",
        "23, 'x 312 123', false",
    })
    void a_word_of_a_text_begins_with_it(String word, String text, boolean does) {
        SheetWord.Part part = new SheetWord(word).parts().get(0);
        assertThat(part.begins(SheetWord.plain(text))).isEqualTo(does);
    }
}
