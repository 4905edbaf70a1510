package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PgnReaderTest {

    @ParameterizedTest
    @CsvSource({
        "'[ECO \"B90\"]', B90",
        "'[ECO \"?\"]', ?",
        "'[ECO \"B90 \\\"late\\\"\"]', 'B90 \"late\"'",
        "'[ECO2 \"B91\"]\n[ECO \"B90\"]', B90",
        "'[Site \"[ECO\"]', ''",
        "'[ECO \"B90', ''",
        "'', ''"
    })
    void a_tag_is_told_where_it_stands_among_the_tags(String tags, String value) {
        String lines = tags.replace("\\n", "\n");
        assertThat(eco("[White \"A\"]\n" + lines + "\n\n1. e4 *\n")).isEqualTo(value);
        assertThat(eco("[White \"A\"]\n\n{ of\n" + lines + "} *\n")).isEmpty();
    }

    private static String eco(String pgn) {
        assertThat(PgnReader.tags(pgn)).containsEntry("White", "A");
        return PgnReader.tags(pgn).getOrDefault("ECO", "");
    }
}
