package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Games that are asked for with a position or without one. */
class SaidAheadTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    # Of games alone their end is shown, or that of the opening
                    player Marram | final position; player Marram
                    games of Marram | final position; player Marram
                    all games by Ilse Marram as white | final position; player Ilse Marram as white
                    games against Quay | final position; opponent Quay
                    games won by Marram | final position; player Marram who won
                    games that Marram lost with black | final position; player Marram as black who lost
                    Marram's draws | final position; player Marram who drew
                    event Harbour Open | final position; event Harbour Open
                    games in the tournament Harbour Open | final position; event Harbour Open
                    white won | final position; result 1-0
                    drawn games | final position; result 1/2-1/2
                    games between 2018 and 2022 | final position; since 2018; until 2022
                    played in 2024 | final position; since 2024; until 2024
                    rated over 2400 | final position; rated 2401
                    games of players rated under 1800 | final position; rated at most 1799
                    collection Fine games | final position; collection Fine games
                    ; player Marram | final position; player Marram
                    Najdorf | last named opening position; opening Najdorf
                    games in the Najdorf | last named opening position; opening Najdorf
                    B90-B99 | last named opening position; eco B90-B99
                    Marram's losses in the Sicilian | final position; player Marram who lost; opening Sicilian
                    games that ended in a rook ending | final position AND rook ending
                    # By what is told of the game besides
                    white lost on time | final position; result 0-1; termination time
                    games decided on time | final position; termination time
                    games that Marram lost on time | final position; player Marram who lost; termination time
                    Marram's losses on time, rook ending | rook ending; player Marram who lost; termination time
                    black ran out of time | final position; result 1-0; termination time
                    rook ending; termination adjudication | rook ending; termination adjudication
                    the lower-rated player won | final position; higher rated loser
                    games won by the higher rated player | final position; higher rated winner
                    upsets | final position; higher rated loser
                    white is lower rated, rook ending | rook ending; higher rated black
                    games of Marram against higher-rated opponents | final position; player Marram; higher rated opponent
                    games in which Marram beat stronger players | final position; player Marram who won; higher rated opponent
                    games that Marram lost to Quay, rook ending | rook ending; player Marram who lost; opponent Quay
                    games where Marram beat Quay | final position; player Marram who won; opponent Quay
                    Marram's wins against stronger players | final position; player Marram who won; higher rated opponent
                    player Marram against lower rated players, rook ending | rook ending; player Marram; higher rated player
                    rated over 2000; higher rated white | final position; rated 2001; higher rated white
                    rook ending; site Harbour Hall; round 3 | rook ending; site Harbour Hall; round 3
                    round 3.1, rook ending | rook ending; round 3.1
                    # What is asked of a position may follow
                    player Marram, rook ending | rook ending; player Marram
                    player Marram, Ilse | final position; player Marram, Ilse
                    player Marram, Ilse, rook ending | rook ending; player Marram, Ilse
                    player Lee, King | final position; player Lee, King
                    player Marram with white, rook ending | rook ending; player Marram as white
                    games of Marram with a rook ending | rook ending; player Marram
                    games of Marram with the black pieces | final position; player Marram as black
                    games of Marram in which white sacrificed a piece | white sacrificed a piece; player Marram
                    games of Marram; rook ending | rook ending; player Marram
                    games that Marram lost, rook ending | rook ending; player Marram who lost
                    opening Najdorf with a knight on c5 | knight on c5; opening Najdorf
                    event Open in the Park | final position; event Open in the Park
                    games with a rook ending | rook ending
                    games with more than 60 moves | game of at least 61 moves
                    games of at most 25 moves | game of at most 25 moves
                    opponent Quay, e5 empty THEN e4 empty | e5 empty THEN e4 empty; opponent Quay
                    # … or come first
                    rook ending, player Marram | rook ending; player Marram
                    rook ending in games of Marram | rook ending; player Marram
                    rook ending, site Pier 4 | rook ending; site Pier 4
                    rook ending, player Marram, e5 empty | rook ending AND e5 empty; player Marram
                    rook ending in 2024 | rook ending; since 2024; until 2024
                    rook ending in games of players rated over 2200 | rook ending; rated 2201
                    rook ending, B22 | rook ending; eco B22
                    mirrored; rook ending | rook ending; mirrored
                    """)
    void games_are_asked_for_as_coaches_speak_of_them(String said, String meant) {
        Query query = QueryReader.read(said);
        assertThat(query.text()).isEqualTo(meant);
        assertThat(QueryReader.read(meant)).isEqualTo(query);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    games of Marram with zugzwang | is a judgement
                    e5 empty; player Marram, rook ending | stands before the first semicolon
                    games | begins with a condition
                    every position | begins with a condition
                    higher rated opponent | Whose opponents
                    rook ending; higher rated somebody | Higher rated is white
                    rook ending, the stronger side won | the stronger side won
                    ; | begins with a condition
                    eco F12 | An ECO code is
                    """)
    void what_cannot_be_asked_of_games_is_told(String said, String problem) {
        assertThatThrownBy(() -> QueryReader.read(said))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(problem);
    }
}
