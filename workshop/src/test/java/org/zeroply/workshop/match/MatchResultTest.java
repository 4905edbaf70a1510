package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.RandomOpenings;

class MatchResultTest {

    @Test
    void three_points_of_four_are_191_elo() {
        MatchResult result = new MatchResult(70, 10, 20, List.of(5, 5, 10, 10, 20));
        assertThat(result.score()).isEqualTo(75);
        assertThat(result.elo()).isCloseTo(190.8, within(0.1));
        assertThat(result.error()).isBetween(40.0, 120.0);
    }

    @Test
    void the_likelihood_ratio_leans_to_the_hypothesis_that_fits() {
        MatchResult better = new MatchResult(60, 80, 60, List.of(0, 20, 40, 30, 10));
        MatchResult level = new MatchResult(50, 100, 50, List.of(5, 20, 50, 20, 5));
        assertThat(better.logLikelihoodRatio(0, 20)).isPositive();
        assertThat(level.logLikelihoodRatio(0, 20)).isNegative();
        assertThat(level.logLikelihoodRatio(-10, 10)).isCloseTo(0, within(1e-9));
    }

    @Test
    void openings_are_played_with_both_colours_and_come_out_the_same_every_time() {
        Contestant player = new Contestant(new BuiltInEngine(1), Limits.nodes(200), 1);
        Match match =
                new Match(
                        () -> player,
                        () -> new Contestant(new BuiltInEngine(1), Limits.nodes(200), 1),
                        new RandomOpenings(new BuiltInEngine(1)),
                        5);
        MatchResult first = match.play(2, 1, (a, b, r) -> {}, new Cancellation());
        assertThat(first.games()).isEqualTo(4);
        // A player against itself scores the same with both colours together.
        assertThat(first.score()).isEqualTo(2);
        assertThat(first.pairs()).containsExactly(0, 0, 2, 0, 0);
    }
}
