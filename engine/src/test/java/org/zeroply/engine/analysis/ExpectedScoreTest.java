package org.zeroply.engine.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ExpectedScoreTest {

    @Property
    void both_sides_share_one_point(@ForAll @DoubleRange(max = 1) double value) {
        ExpectedScore own = new ExpectedScore(value);
        assertThat(own.value() + own.opponents().value()).isCloseTo(1, within(1e-12));
        assertThat(own.or(own.opponents()).value()).isGreaterThanOrEqualTo(0.5);
    }

    @Property
    void the_higher_one_is_over_the_other(
            @ForAll @DoubleRange(max = 1) double a, @ForAll @DoubleRange(max = 1) double b) {
        ExpectedScore first = new ExpectedScore(a);
        ExpectedScore second = new ExpectedScore(b);
        assertThat(Math.signum(first.over(second))).isEqualTo(first.compareTo(second));
        assertThat(first.or(second).value()).isEqualTo(Math.max(a, b));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 1.01, Double.NaN, Double.POSITIVE_INFINITY})
    void nothing_else_is_one(double value) {
        assertThatThrownBy(() -> new ExpectedScore(value))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
