package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Side;

/** When games were played, how strong the players were, and how they began. */
class GamesAskedTest {

    @ParameterizedTest(name = "{2} from {0} to {1}: {3}")
    @CsvSource({
        "'', '', '', true",
        "2020, '', 2020.01.01, true",
        "2020, '', 2019.12.31, false",
        "2020, '', '', false",
        "'', 2024, 2024.12.31, true",
        "'', 2024, 2025.01.01, false",
        "'', 2024.06, 2024.06.30, true",
        "'', 2024.06, 2024.07.01, false",
        "'', 2024, '', false",
        "2024, 2024, 2024, true"
    })
    void a_period_includes_its_first_and_last_day(
            String from, String to, String date, boolean included) {
        assertThat(new Period(from, to).includes(date)).isEqualTo(included);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    2200 | rated 2200 | 2200, 2500, true | 2199, 2500, false
                    at least 2200 | rated 2200 | 2200, 2200, true | 0, 2500, false
                    over 2200 | rated 2201 | 2201, 2300, true | 2200, 2300, false
                    2200+ | rated 2200 | 2200, 2200, true | 2199, 2199, false
                    2200 or higher | rated 2200 | 2200, 2200, true | 2199, 2199, false
                    at most 1800 | rated at most 1800 | 1800, 1700, true | 1801, 1700, false
                    under 1800 | rated at most 1799 | 1799, 1, true | 1800, 1700, false
                    up to 1800 | rated at most 1800 | 1500, 1800, true | 0, 1700, false
                    1800-2200 | rated 1800-2200 | 1800, 2200, true | 1800, 2201, false
                    between 2200 and 1800 | rated 1800-2200 | 2200, 1800, true | 1799, 2200, false
                    """)
    void ratings_are_bounds_for_both_players(
            String said, String clause, String inside, String outside) {
        RatingAsked asked = RatingAsked.read(said);
        assertThat(asked.clauses()).containsExactly(clause);
        assertThat(RatingAsked.read(clause.replaceFirst("rated ", ""))).isEqualTo(asked);
        for (String row : new String[] {inside, outside}) {
            String[] of = row.split(", ");
            assertThat(asked.includes(Integer.parseInt(of[0]), Integer.parseInt(of[1])))
                    .as(row)
                    .isEqualTo(Boolean.parseBoolean(of[2]));
        }
    }

    @ParameterizedTest(name = "{0}, {1} against {2}, {3}: {5}")
    @CsvSource({
        "WHITE, 2100, 2000, *, WHITE, true",
        "WHITE, 2000, 2000, *, WHITE, false",
        "WHITE, 2100, 0, *, WHITE, false",
        "BLACK, 2100, 2000, *, WHITE, false",
        "BLACK, 1900, 2000, *, WHITE, true",
        "WINNER, 2100, 2000, 1-0, WHITE, true",
        "WINNER, 2100, 2000, 0-1, WHITE, false",
        "WINNER, 2100, 2000, 1/2-1/2, WHITE, false",
        "LOSER, 2100, 2000, 0-1, WHITE, true",
        "LOSER, 1900, 2000, 1-0, WHITE, true",
        "LOSER, 2100, 2000, 1/2-1/2, WHITE, false",
        "PLAYER, 2100, 2000, *, WHITE, true",
        "PLAYER, 2100, 2000, *, BLACK, false",
        "OPPONENT, 2100, 2000, *, BLACK, true",
        "OPPONENT, 2100, 2000, *, WHITE, false"
    })
    void who_is_stronger_is_told_where_both_ratings_are_known(
            Stronger who, int white, int black, String result, Side had, boolean was) {
        assertThat(who.was(white, black, result, Set.of(had))).isEqualTo(was);
    }

    @ParameterizedTest
    @ValueSource(strings = {"high", "22000", "at most 1800-2200", "over", "1800-", "under 1800+"})
    void what_is_no_rating_is_refused(String said) {
        assertThatThrownBy(() -> RatingAsked.read(said)).hasMessageStartingWith("A rating ");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "b90, B90, B90, eco B90",
        "B20-B99, B20, B99, eco B20-B99",
        "C, C00, C99, eco C00-C99",
        "B9, B90, B99, eco B90-B99",
        "A00 to C1, A00, C19, eco A00-C19"
    })
    void codes_of_openings_are_ranges(String said, String first, String last, String clause) {
        OpeningAsked asked = OpeningAsked.ANY.coded(said);
        assertThat(asked).isEqualTo(new OpeningAsked("", first, last));
        assertThat(asked.clauses()).containsExactly(clause);
    }
}
