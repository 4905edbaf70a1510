package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;

/** Counted by hand: a game of today weighs 8, one of a year and a half 4, old ones 1. */
class PreparationTest {

    private static final String OURS =
            """
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 {[%zp.main]} (2. c3) d6 3. d4) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O *
            """;

    private static Preparation preparation(String ours, String... games) {
        return new Preparation(
                Repertoire.of(RepertoireTest.trees(ours)),
                List.of(games).stream().flatMap(g -> RepertoireTest.trees(g).stream()).toList(),
                Optional.empty());
    }

    private static String game(String date, String moves) {
        String tag = date.isEmpty() ? "" : "[Date \"" + date + "\"]\n\n";
        return tag + moves + " *\n";
    }

    private static Preparation.Stop stop(Preparation preparation, String line) {
        return preparation.stops().stream()
                .filter(s -> s.line().equals(line))
                .findFirst()
                .orElseThrow();
    }

    /** Of 20 replies the two thought of have a quarter of four games, and all a tenth of a game. */
    @ParameterizedTest(name = "against {0}: weight {1}")
    @CsvSource({
        "2026.01.01, 8",
        "2024.07.02, 4",
        "2023.01.01, 2",
        "2021.07.02, 1",
        "2000.01.01, 1",
        "2025, 5",
        "2025.??.??, 5",
        "????.??.??, 1",
        "'', 1",
    })
    void an_older_game_weighs_less(String date, int weight) {
        Preparation preparation =
                preparation(OURS, game("2026.01.01", "1. e4 e5"), game(date, "1. e4 c5"));
        double games = 8 + weight + Shares.PRIOR_GAMES;
        double prior = Shares.PRIOR_GAMES * (0.25 + 0.5 / 20);
        assertThat(stop(preparation, "1.e4 e5").probability())
                .isCloseTo((8 + prior) / games, within(1e-9));
        assertThat(stop(preparation, "1.e4 c5").probability())
                .isCloseTo((weight + prior) / games, within(1e-9));
        assertThat(stop(preparation, "1.e4 c5").games()).as("told as they are").isZero();
    }

    @Test
    void stops_are_ours_with_what_to_play_and_where_experience_ends() {
        Preparation preparation =
                preparation(
                        OURS,
                        game("2026.01.01", "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6"),
                        game("2026.01.02", "1. e4 e5 2. Nf3 Nc6 3. Bc4 Nf6"),
                        game("2026.01.03", "1. e4 c5 2. d4 cxd4"));
        assertThat(preparation.stops()).allMatch(s -> s.probability() >= 0.01);
        Preparation.Stop spanish = stop(preparation, "1.e4 e5 2.Nf3 Nc6");
        assertThat(spanish.recommended()).isEqualTo("Bb5");
        assertThat(spanish.games()).isEqualTo(2);
        assertThat(spanish.experienceEnds()).isFalse();
        Preparation.Stop sicilian = stop(preparation, "1.e4 c5");
        assertThat(sicilian.recommended()).isEqualTo("Nf3");
        assertThat(sicilian.experienceEnds()).as("never met 2.Nf3").isTrue();
    }

    @Test
    void what_to_repeat_is_the_end_of_a_likely_way_once_for_each_way() {
        String many =
                game("2026.01.01", "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O").repeat(9);
        Preparation preparation =
                preparation(OURS, many, game("2026.01.01", "1. e4 c5 2. Nf3 d6 3. d4").repeat(3));
        assertThat(preparation.toRepeat(4))
                .extracting(Preparation.Stop::line)
                .containsExactly("1.e4 e5 2.Nf3 Nc6 3.Bb5 a6 4.Ba4 Nf6", "1.e4 c5 2.Nf3 d6");
        assertThat(preparation.toRepeat(1)).hasSize(1);
        assertThat(preparation.toRepeat(0)).isEmpty();
    }

    @Test
    void a_side_step_is_another_move_of_ours_that_they_never_met() {
        String usual = game("2026.01.01", "1. e4 c5 2. Nf3 d6");
        assertThat(preparation(OURS, usual, usual).sideSteps())
                .singleElement()
                .satisfies(
                        step -> {
                            assertThat(step.line()).isEqualTo("1.e4 c5");
                            assertThat(step.move()).isEqualTo("c3");
                            assertThat(step.instead()).isEqualTo("Nf3");
                            assertThat(step.games()).isEqualTo(2);
                        });
        assertThat(preparation(OURS, usual).sideSteps()).as("one game is no habit").isEmpty();
        assertThat(
                        preparation(OURS, usual, usual, game("2026.01.01", "1. e4 c5 2. c3 d5"))
                                .sideSteps())
                .as("they met it once")
                .isEmpty();
    }

    @Test
    void the_way_of_a_school_is_followed() {
        String schools =
                """
                [ZpSide "white"]

                1. e4 e5 2. Nf3 {[%zp.main] [%zp.approach quiet]} (2. f4 {[%zp.main] [%zp.approach sharp]} exf4 3. Nf3) Nc6 3. Bb5 *
                """;
        List<MoveTree> games =
                RepertoireTest.trees(game("2026.01.01", "1. e4 e5 2. f4 exf4").repeat(4));
        Repertoire repertoire = Repertoire.of(RepertoireTest.trees(schools));
        assertThat(new Preparation(repertoire, games, Optional.of(Approach.SHARP)).stops())
                .extracting(Preparation.Stop::line)
                .contains("1.e4 e5 2.f4 exf4");
        assertThat(new Preparation(repertoire, games, Optional.of(Approach.QUIET)).stops())
                .extracting(Preparation.Stop::line)
                .doesNotContain("1.e4 e5 2.f4 exf4");
    }

    @Test
    void without_games_everything_thought_of_is_as_likely() {
        Preparation preparation = preparation(OURS);
        assertThat(stop(preparation, "1.e4 e5").probability())
                .isEqualTo(stop(preparation, "1.e4 c5").probability())
                .isCloseTo(0.275, within(1e-9));
        assertThat(preparation.sideSteps()).isEmpty();
        assertThat(preparation.stops()).noneMatch(Preparation.Stop::experienceEnds);
    }

    /** Known moves move both ways back, and the shorter one then lies on the other. */
    @Test
    void of_two_positions_on_one_way_one_alone_is_repeated() {
        String ours =
                """
                [ZpSide "white"]

                1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 (3... Nf6 4. O-O Nxe4 5. d4) 4. Ba4 Nf6 5. O-O *
                """;
        Preparation preparation =
                preparation(
                        ours,
                        game("2026.01.01", "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6").repeat(3),
                        game("2026.01.01", "1. e4 e5 2. Nf3 Nc6 3. Bb5 Nf6 4. O-O Nxe4").repeat(3));
        // Everything after 3...a6 is known, and so one way comes back to the third move.
        List<Preparation.Stop> repeated =
                preparation.toRepeat(4, s -> s.line().contains("a6") ? 0.3 : 1);
        for (Preparation.Stop one : repeated) {
            for (Preparation.Stop other : repeated) {
                assertThat(one.equals(other) || !other.line().startsWith(one.line())).isTrue();
            }
        }
    }
}
