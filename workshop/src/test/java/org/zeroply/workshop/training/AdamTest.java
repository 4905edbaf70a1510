package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class AdamTest {

    private static final double RATE = 0.01;

    private final NetworkParameters values = new NetworkParameters(2);
    private final NetworkParameters gradient = new NetworkParameters(2);
    private final Adam adam = new Adam(values);

    @BeforeEach
    void begin() {
        values.base[0] = 1;
        values.base[1] = 1;
        gradient.base[0] = 3;
        gradient.base[1] = -0.02f;
    }

    private void step(int count, NetworkParameters... gradients) {
        adam.step(gradients, count, RATE);
    }

    @Test
    void the_first_step_is_the_rate_whatever_the_size_of_the_gradient() {
        step(1, gradient);
        assertThat(values.base[0]).isCloseTo(0.99f, within(1e-5f));
        assertThat(values.base[1]).isCloseTo(1.01f, within(1e-5f));
        assertThat(values.constants).containsOnly(0);
    }

    @Test
    void the_second_step_goes_by_both_moments() {
        step(1, gradient);
        gradient.base[0] = -1;
        step(1, gradient);
        // First moment 0.9 * 0.3 - 0.1 = 0.17, second 0.999 * 0.009 + 0.001 = 0.009991, and what
        // the paper divides by to make up for beginning with zero: 1 - 0.9^2 and 1 - 0.999^2.
        double mean = 0.17 / (1 - 0.81);
        double square = 0.009991 / (1 - 0.998001);
        double expected = 0.99 - RATE * mean / Math.sqrt(square);
        assertThat((double) values.base[0]).isCloseTo(expected, within(1e-5));
    }

    @Test
    void gradients_of_threads_are_added_and_zero_afterwards() {
        NetworkParameters other = new NetworkParameters(2);
        other.base[0] = -3;
        other.base[1] = 5;
        step(2, gradient, other);
        assertThat(values.base[0]).as("3 and -3").isEqualTo(1);
        assertThat(values.base[1]).isCloseTo(0.99f, within(1e-5f));
        assertThat(gradient.base).containsOnly(0);
        assertThat(other.base).containsOnly(0);
    }

    @Test
    void output_weights_stay_where_a_byte_can_hold_them() {
        values.own[0][0] = NetworkParameters.MOST_OUTPUT;
        values.theirs[1][1] = -NetworkParameters.MOST_OUTPUT;
        gradient.own[0][0] = -1;
        gradient.theirs[1][1] = 1;
        step(1, gradient);
        assertThat(values.own[0][0]).isEqualTo(NetworkParameters.MOST_OUTPUT);
        assertThat(values.theirs[1][1]).isEqualTo(-NetworkParameters.MOST_OUTPUT);
    }
}
