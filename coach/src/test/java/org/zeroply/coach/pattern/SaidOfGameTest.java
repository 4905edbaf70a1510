package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SaidOfGameTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e5 empty | e5 empty | ''
                    e5 empty, black won | e5 empty | result 0-1
                    e5 empty, white lost and since 2020 | e5 empty | result 0-1; since 2020
                    drawn, e5 empty | , e5 empty | result 1/2-1/2
                    Najdorf, e5 empty | e5 empty | opening Najdorf
                    the Najdorf THEN e5 empty | e5 empty | opening Najdorf
                    e5 empty in the Dutch then e4 empty | e5 empty then e4 empty | opening Dutch
                    e5 empty, Dutch | e5 empty | opening Dutch
                    white lost in under 20 moves, e5 empty | , game of fewer than 20 moves, e5 empty | result 0-1
                    black wins within 30 moves | , game of at most 30 moves | result 0-1
                    # These are no openings, and this is no game
                    white king in the centre | white king in the centre | ''
                    Exchange, e5 empty | Exchange, e5 empty | ''
                    THEN e5 empty | THEN e5 empty | ''
                    # Beside OR it would not be of all games
                    e5 empty OR white won | e5 empty OR white won | ''
                    (Najdorf, e5 empty) | (Najdorf, e5 empty) | ''
                    """)
    void itIsTakenOutOfTheConditions(String text, String conditions, String clauses) {
        SaidOfGame said = SaidOfGame.in(text);
        assertThat(said.conditions().strip().replaceAll("\\s+", " ")).isEqualTo(conditions);
        assertThat(String.join("; ", said.clauses())).isEqualTo(clauses);
    }
}
