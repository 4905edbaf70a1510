package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlayersAskedTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    player Marram                             | player Marram
                    player Marram, Ilse                       | player Marram, Ilse
                    player Marram as white                    | player Marram as white
                    player Marram, Ilse with Black            | player Marram, Ilse as black
                    player Marram with the white pieces       | player Marram as white
                    player Marram playing black               | player Marram as black
                    black player Marram                       | player Marram as black
                    White Player Marram                       | player Marram as white
                    player Marram against Quay                | player Marram; opponent Quay
                    player Marram as white against Quay       | player Marram as white; opponent Quay
                    player Marram vs Quay                     | player Marram; opponent Quay
                    player Marram; player Quay                | player Marram; opponent Quay
                    player Marram; player Quay as black       | player Marram as white; opponent Quay
                    white player Marram; black player Quay    | player Marram as white; opponent Quay
                    player Marram as black; opponent Quay     | player Marram as black; opponent Quay
                    white player Marram against Quay          | player Marram as white; opponent Quay
                    opponent Quay; player Marram              | player Marram; opponent Quay
                    opponent Quay                             | opponent Quay
                    player Marram who won                     | player Marram who won
                    player Marram won                         | player Marram who won
                    player Lee Won                            | player Lee Won
                    player Marram lost with white             | player Marram as white who lost
                    player Marram as white who drew           | player Marram as white who drew
                    player Marram won against Quay            | player Marram who won; opponent Quay
                    player Marram; player Quay who won        | player Marram who lost; opponent Quay
                    """)
    void who_played_is_said_in_many_ways_and_written_in_one(String said, String usual) {
        assertThat(QueryReader.read("rook ending; " + said).text())
                .isEqualTo("rook ending; " + usual);
        assertThat(QueryReader.read("rook ending; " + usual).text())
                .isEqualTo("rook ending; " + usual);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "player Marram; player Quay; player Tern",
                "player Marram against Quay; opponent Tern",
                "player Marram against Quay against Tern",
                "white player Marram; white player Quay",
                "player Marram against Quay with black",
                "white player Marram as black",
                "opponent Quay as black",
                "player Marram against Quay who won",
                "player Marram who won; player Quay who won"
            })
    void what_cannot_be_is_refused_and_nobody_is_forgotten(String said) {
        assertThatThrownBy(() -> QueryReader.read("rook ending; " + said))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageNotContaining("cannot stand");
    }

    @ParameterizedTest(name = "{0}: {1}-{2} {3} {4}")
    @CsvSource({
        "marram, ilse marram, jonas quay, *, true",
        "marram, jonas quay, ilse marram, *, true",
        "marram, jonas quay, cato tern, *, false",
        "marram as white, ilse marram, jonas quay, *, true",
        "marram as white, jonas quay, ilse marram, *, false",
        "marram as black, jonas quay, ilse marram, *, true",
        "marram as black, ilse marram, jonas quay, *, false",
        "marram against quay, ilse marram, jonas quay, *, true",
        "marram against quay, jonas quay, ilse marram, *, true",
        "marram against quay, ilse marram, cato tern, *, false",
        "marram as black against quay, ilse marram, jonas quay, *, false",
        "marram as black against quay, jonas quay, ilse marram, *, true",
        "marram against marram, ilse marram, jonas quay, *, false",
        "marram who won, ilse marram, jonas quay, 1-0, true",
        "marram who won, ilse marram, jonas quay, 0-1, false",
        "marram who won, jonas quay, ilse marram, 0-1, true",
        "marram who won, ilse marram, jonas quay, *, false",
        "marram who lost, jonas quay, ilse marram, 1-0, true",
        "marram who lost, jonas quay, ilse marram, 1/2-1/2, false",
        "marram who drew, jonas quay, ilse marram, 1/2-1/2, true",
        "marram as black who won, ilse marram, jonas quay, 1-0, false"
    })
    void a_game_is_theirs_if_both_played_it_with_these_colours_and_it_ended_so(
            String asked, String white, String black, String result, boolean theirs) {
        assertThat(PlayersAsked.read(asked).had(white, black, result).isEmpty()).isEqualTo(!theirs);
    }
}
