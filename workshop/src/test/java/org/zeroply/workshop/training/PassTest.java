package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.workshop.selfplay.JudgedPosition;

class PassTest {

    private static final float STEP = 1e-3f;

    private final NetworkParameters p = NetworkParameters.random(4, 7);
    private final Pass pass = new Pass(p, new Goal(200, 0.3));

    private static JudgedPosition judged(String fen, int score, int points) {
        return JudgedPosition.of(Position.fromFen(fen).toBoard(), score, points);
    }

    @ParameterizedTest
    @CsvSource({
        "r1bqkbnr/pppp1ppp/2n5/4p3/2B1P3/5N2/PPPP1PPP/RNBQK2R w KQkq - 0 1, 35, 2",
        "8/5pk1/6p1/8/3N4/6P1/5PK1/8 w - - 0 1, 280, 1",
        "4k3/8/8/8/8/8/4q3/4K3 w - - 0 1, -900, 0"
    })
    void the_gradient_is_what_a_small_change_of_a_number_does(String fen, int score, int points) {
        JudgedPosition position = judged(fen, score, points);
        NetworkParameters gradient = new NetworkParameters(p.hidden);
        double loss = pass.learn(position, gradient);
        assertThat(loss).isCloseTo(pass.loss(position), within(1e-9));

        float[][] values = p.all();
        float[][] slopes = gradient.all();
        int tried = 0;
        for (int k = 0; k < values.length; k++) {
            for (int i = 0; i < values[k].length; i++) {
                if (slopes[k][i] != 0) {
                    assertThat((double) slopes[k][i])
                            .as("number %d of array %d", i, k)
                            .isCloseTo(slope(position, values[k], i), within(2e-3));
                    tried++;
                }
            }
        }
        assertThat(tried).isGreaterThan(p.hidden);
    }

    private double slope(JudgedPosition position, float[] values, int i) {
        float before = values[i];
        values[i] = before + STEP;
        double above = pass.loss(position);
        values[i] = before - STEP;
        double below = pass.loss(position);
        values[i] = before;
        return (above - below) / (2 * STEP);
    }

    @Test
    void a_position_and_its_picture_with_colours_exchanged_are_worth_the_same_to_who_moves() {
        double white = pass.output(judged("r3k3/1p6/8/4N3/8/2b5/PP3PPP/R5K1 w - - 0 1", 0, 1));
        double black = pass.output(judged("r5k1/pp3ppp/2B5/8/4n3/8/1P6/R3K3 b - - 0 1", 0, 1));
        assertThat(black).isEqualTo(white);
    }
}
