package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OpeningTest {

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "''                         | false | -        | ''",
                "demo                       | true  | -        | ''",
                "desktop                    | false | -        | ''",
                "desktop club.zpl           | false | club.zpl | ''",
                "club.zpl                   | false | club.zpl | ''",
                "open.PGN                   | false | -        | open.PGN",
                "desktop open.pgn club.zpl cup.pgn | false | club.zpl | open.pgn cup.pgn",
                "./demo                     | false | ./demo   | ''",
                "oldname                    | false | oldname  | ''"
            },
            delimiter = '|')
    void what_it_is_started_on(String arguments, boolean demo, Path library, String games) {
        assertThat(Opening.of(words(arguments)))
                .isEqualTo(
                        new Opening(
                                demo,
                                Optional.ofNullable(library),
                                words(games).stream().map(Path::of).toList()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"--bord", "desktop -x", "a.zpl b.zpl", "demo club.zpl", "demo a.pgn"})
    void all_else_is_refused_with_the_word_that_is_wrong(String arguments) {
        List<String> words = words(arguments);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Opening.of(words))
                .withMessageContaining(words.get(words.size() - 1));
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.split(" ")).filter(w -> !w.isEmpty()).toList();
    }
}
