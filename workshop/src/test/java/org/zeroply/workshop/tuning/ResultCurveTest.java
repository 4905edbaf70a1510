package org.zeroply.workshop.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.workshop.selfplay.JudgedPosition;

class ResultCurveTest {

    private static final Board BOARD = Position.START.toBoard();

    private static JudgedPosition judged(int score, int points) {
        return JudgedPosition.of(BOARD, score, points);
    }

    /** Games that are won, drawn and lost as a curve says. */
    private static List<JudgedPosition> played(double edge, double width, int count) {
        Random random = new Random(5);
        List<JudgedPosition> samples = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int score = random.nextInt(1199) - 599;
            double won = 1 / (1 + Math.exp((edge - score) / width));
            double lost = 1 / (1 + Math.exp((edge + score) / width));
            double chance = random.nextDouble();
            samples.add(judged(score, chance < won ? 2 : chance < won + lost ? 0 : 1));
        }
        return samples;
    }

    @ParameterizedTest(name = "edge {0}, width {1}")
    @CsvSource({"250, 95", "120, 95", "200, 60"})
    void the_curve_that_games_were_played_by_is_found(double edge, double width) {
        ResultCurve found = ResultCurve.fit(played(edge, width, 40_000));
        assertThat(found.edge()).isCloseTo(edge, within(15.0));
        assertThat(found.width()).isCloseTo(width, within(10.0));
    }

    @Test
    void what_is_drawn_although_it_looks_won_does_not_bend_the_curve() {
        List<JudgedPosition> samples = played(250, 95, 5_000);
        ResultCurve before = ResultCurve.fit(samples);
        for (int i = 0; i < 1_000; i++) {
            samples.add(judged(ResultCurve.FAR, 1));
        }
        assertThat(ResultCurve.fit(samples)).isEqualTo(before);
        assertThat(before.positions()).isEqualTo(5_000);
    }

    @Test
    void the_loss_is_that_of_the_expected_score() {
        // At 0 every curve says a half, whatever comes of it.
        ResultCurve curve = new ResultCurve(100, 100, 0);
        assertThat(curve.loss(List.of(judged(0, 2), judged(0, 1))))
                .isCloseTo(Math.log(2), within(1e-9));
    }
}
