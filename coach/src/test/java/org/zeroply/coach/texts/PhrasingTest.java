package org.zeroply.coach.texts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.text.MessageFormat;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhrasingTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "{0} takes {1} | a takes b",
                "{1} before {0} | b before a",
                "{0}{1} | ab",
                "the enemy''s {0} on {1} | the enemy's a on b",
                "'{0}' is no {0} and {1} | {0} is no a and b",
                "{0} {1} {0} | a b a",
                "a brace '{' before {0}, {1} | a brace { before a, b",
            })
    void partsStandWhereTheWordsAskForThemAsInAMessageFormat(String words, String filled) {
        assertThat(new Phrasing(words).with("a", "b")).isEqualTo(filled);
        assertThat(new MessageFormat(words, Locale.ROOT).format(new Object[] {"a", "b"}))
                .isEqualTo(filled);
    }

    @Property
    void whatIsPutInStandsAsItIs(@ForAll String first, @ForAll int second) {
        assertThat(new Phrasing("({0}) {1}").with(first, second))
                .isEqualTo("(" + first + ") " + second);
    }

    @Test
    void withoutPartsTheWordsStandAsTheyAreWritten() {
        assertThat(new Phrasing("It is the engine's choice.").with())
                .isEqualTo("It is the engine's choice.");
        assertThat(new Phrasing("%s cost %.0f '{0}'").with()).isEqualTo("%s cost %.0f '{0}'");
    }

    @Test
    void tooManyAndTooFewPartsAreRefused() {
        assertThatThrownBy(() -> new Phrasing("{0} and {1}").with("a"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("{0} and {1}");
        assertThatThrownBy(() -> new Phrasing("{0}").with("a", "b"))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Phrasing("none").with("a"))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
