package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.search.BuiltInEngine;

class ChoiceComparisonTest {

    /** A queen to be taken, and nothing to be won. */
    private static final List<Position> POSITIONS =
            List.of(
                    Position.fromFen("4k3/8/8/3q4/4P3/8/8/4K3 w - - 0 1"),
                    Position.fromFen("4k3/8/8/8/8/8/8/R3K3 w - - 0 1"));

    /** Plays the first move that it is offered and thinks nothing of it. */
    private static final class Careless implements Engine {
        @Override
        public String name() {
            return "careless";
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            return new Analysis(List.of(), List.of(), 0, 0, 0, 0);
        }

        @Override
        public void forget() {}
    }

    private static final class Broken implements Engine {
        @Override
        public String name() {
            return "broken";
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            throw new EngineFailure("it does not answer");
        }

        @Override
        public void forget() {}
    }

    private static Engine good() {
        return new BuiltInEngine(1);
    }

    @Test
    void who_overlooks_what_is_to_be_taken_loses_by_it() throws IOException {
        List<ChoiceComparison.Outcome> told = new ArrayList<>();
        ChoiceComparison glance =
                new ChoiceComparison(
                        ChoiceComparisonTest::good,
                        Careless::new,
                        ChoiceComparisonTest::good,
                        1_000,
                        2_000);
        ChoiceComparison.Outcome outcome =
                glance.look(POSITIONS.subList(0, 1), 1, told::add, new Cancellation());
        assertThat(outcome.different()).isEqualTo(1);
        assertThat(outcome.points()).isGreaterThan(30);
        assertThat(told).containsExactly(outcome);
        ChoiceComparison turned =
                new ChoiceComparison(
                        Careless::new,
                        ChoiceComparisonTest::good,
                        ChoiceComparisonTest::good,
                        1_000,
                        2_000);
        assertThat(turned.look(POSITIONS.subList(0, 1), 1, o -> {}, new Cancellation()).points())
                .isEqualTo(-outcome.points());
    }

    @Test
    void who_chooses_the_same_gains_nothing_on_any_number_of_threads() throws IOException {
        ChoiceComparison glance =
                new ChoiceComparison(
                        ChoiceComparisonTest::good,
                        ChoiceComparisonTest::good,
                        Broken::new,
                        1_000,
                        2_000);
        assertThat(glance.look(POSITIONS, 3, o -> {}, new Cancellation()))
                .isEqualTo(new ChoiceComparison.Outcome(2, 0, 0, 0));
    }

    @Test
    void points_are_told_with_their_standard_error() {
        // A gain of 0.3 and a loss of 0.1 in four positions: 0.05 each, variance 0.025 - 0.0025.
        ChoiceComparison.Outcome outcome = new ChoiceComparison.Outcome(4, 2, 0.2, 0.1);
        assertThat(outcome.points()).isCloseTo(5, within(1e-9));
        assertThat(outcome.error()).isCloseTo(7.5, within(1e-9));
        assertThat(ChoiceComparison.Outcome.NONE.points()).isZero();
        assertThat(ChoiceComparison.Outcome.NONE.error()).isZero();
    }

    @Test
    void what_an_engine_fails_with_ends_it() throws IOException {
        ChoiceComparison glance =
                new ChoiceComparison(
                        Broken::new, ChoiceComparisonTest::good, ChoiceComparisonTest::good, 1, 1);
        assertThatThrownBy(() -> glance.look(POSITIONS, 2, o -> {}, new Cancellation()))
                .isInstanceOf(EngineFailure.class)
                .hasMessageContaining("does not answer");
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(glance.look(POSITIONS, 1, o -> {}, cancelled).positions()).isZero();
    }
}
