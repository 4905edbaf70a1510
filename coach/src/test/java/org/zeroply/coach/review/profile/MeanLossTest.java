package org.zeroply.coach.review.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked out by hand. */
class MeanLossTest {

    private static MeanLoss.Tally game(int moves, double loss) {
        return new MeanLoss.Tally(moves, loss);
    }

    @Test
    void the_mean_is_points_by_moves_and_its_margin_by_games() {
        // Means of 2 and 4 over ten moves each: off by 10 points each way, so the error is
        // sqrt(200 * 2 / 1) / 20 = 1, times 12.71 for one degree of freedom.
        MeanLoss loss = MeanLoss.of(List.of(game(10, 20), game(10, 40)));
        assertThat(loss.mean()).isCloseTo(3, within(1e-9));
        assertThat(loss.margin().orElseThrow()).isCloseTo(12.71, within(1e-9));
        assertThat(loss.games()).isEqualTo(2);
        assertThat(loss.moves()).isEqualTo(20);
        assertThat(loss.low()).as("a loss is not below nothing").isZero();
        assertThat(loss.high()).isCloseTo(15.71, within(1e-9));
        assertThat(loss.text()).isEqualTo("3.0 ± 12.7");
    }

    @Test
    void a_long_game_weighs_by_its_moves() {
        assertThat(MeanLoss.of(List.of(game(30, 30), game(10, 50))).mean())
                .isCloseTo(2, within(1e-9));
    }

    @Test
    void games_that_are_all_alike_leave_no_doubt() {
        MeanLoss loss = MeanLoss.of(List.of(game(10, 50), game(20, 100), game(5, 25)));
        assertThat(loss.margin().orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(loss.text()).isEqualTo("5.0 ± 0.0");
    }

    @Test
    void one_game_has_no_margin_and_none_no_mean() {
        MeanLoss one = MeanLoss.of(List.of(game(8, 40), game(0, 0)));
        assertThat(one.text()).isEqualTo("5.0");
        assertThat(one.low()).isEqualTo(one.high()).isEqualTo(5);
        assertThat(MeanLoss.of(List.of()).text()).isEqualTo("–");
        assertThat(MeanLoss.of(List.of(game(0, 0))).games()).isZero();
    }

    @Test
    void a_game_that_weighs_nothing_does_not_count_and_equal_weights_change_nothing() {
        MeanLoss plain = MeanLoss.of(List.of(game(10, 20), game(10, 40), game(10, 30)));
        MeanLoss weighed =
                MeanLoss.of(
                        List.of(
                                new MeanLoss.Tally(10, 20, 3),
                                new MeanLoss.Tally(10, 40, 3),
                                new MeanLoss.Tally(10, 30, 3),
                                new MeanLoss.Tally(10, 990, 0)));
        assertThat(weighed.mean()).isCloseTo(plain.mean(), within(1e-9));
        assertThat(weighed.margin().orElseThrow())
                .isCloseTo(plain.margin().orElseThrow(), within(1e-9));
        assertThat(weighed.games()).isEqualTo(3);
    }

    @Test
    void a_game_that_outweighs_all_others_leaves_hardly_more_than_one() {
        MeanLoss loss =
                MeanLoss.of(
                        List.of(new MeanLoss.Tally(10, 20, 100), new MeanLoss.Tally(10, 40, 1)));
        assertThat(loss.margin()).isEmpty();
    }

    @Test
    void more_games_that_differ_as_much_make_it_surer() {
        double before = Double.MAX_VALUE;
        for (int pairs : new int[] {1, 3, 10, 40}) {
            List<MeanLoss.Tally> games =
                    IntStream.range(0, 2 * pairs)
                            .mapToObj(i -> game(10, 20 + 20 * (i % 2)))
                            .toList();
            double margin = MeanLoss.of(games).margin().orElseThrow();
            assertThat(margin).isLessThan(before);
            before = margin;
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 12.71", "1, 12.71", "2, 4.30", "10, 2.23", "30, 2.04", "31, 1.96", "500, 1.96"})
    void students_points_are_those_of_the_tables(int freedom, double point) {
        assertThat(MeanLoss.student(freedom)).isEqualTo(point);
    }
}
