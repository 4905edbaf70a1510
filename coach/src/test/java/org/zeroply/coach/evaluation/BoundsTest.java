package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/** The bounds by which an expected score becomes a word, exactly where they lie. */
class BoundsTest {

    private static final Move MOVE = Position.START.legalMoves().get(0);

    private static Weighed weighed(double expected, Score score, boolean exact) {
        return new Weighed(MOVE, score, new ExpectedScore(expected), 10, List.of(MOVE), exact);
    }

    @ParameterizedTest
    @CsvSource({
        "1,     WIN,     WIN",
        "0.90,  WIN,     WIN",
        "0.899, UNCLEAR, WIN",
        "0.85,  UNCLEAR, WIN",
        "0.849, UNCLEAR, OPEN",
        "0.751, UNCLEAR, OPEN",
        "0.75,  DRAW,    OPEN",
        "0.5,   DRAW,    OPEN",
        "0.25,  DRAW,    OPEN",
        "0.249, UNCLEAR, OPEN",
        "0.101, UNCLEAR, LOSS",
        "0.1,   LOSS,    LOSS",
        "0,     LOSS,    LOSS",
    })
    void what_was_not_proved_is_unclear(double expected, Holding holding, ResultClass result) {
        assertThat(Holding.of(new ExpectedScore(expected))).isEqualTo(holding);
        assertThat(ResultClass.of(new ExpectedScore(expected))).isEqualTo(result);
        Weighed searched = weighed(expected, new Score.Centipawns(0), false);
        assertThat(Holding.of(searched)).isEqualTo(holding);
    }

    @ParameterizedTest
    @CsvSource({
        "0.6, 3, false, WIN",
        "0.6, -3, false, LOSS",
        "0.6, 0, true, WIN",
        "0.5, 0, true, DRAW",
        "0.4, 0, true, LOSS",
    })
    void mates_and_exact_results_need_no_bound(
            double expected, int mate, boolean exact, Holding holding) {
        Score score = mate == 0 ? new Score.Centipawns(0) : new Score.Mate(mate);
        assertThat(Holding.of(weighed(expected, score, exact))).isEqualTo(holding);
    }

    @Property
    void a_side_holds_what_the_other_does_not(@ForAll @DoubleRange(max = 1) double expected) {
        Holding own = Holding.of(new ExpectedScore(expected));
        Holding other = Holding.of(new ExpectedScore(expected).opponents());
        switch (own) {
            case WIN -> assertThat(other).isEqualTo(Holding.LOSS);
            case LOSS -> assertThat(other).isEqualTo(Holding.WIN);
            default -> assertThat(other).isEqualTo(own);
        }
    }

    @Property
    void a_loss_is_what_the_better_score_is_ahead_and_never_negative(
            @ForAll @DoubleRange(max = 1) double best, @ForAll @DoubleRange(max = 1) double other) {
        Loss loss = Loss.between(new ExpectedScore(best), new ExpectedScore(other));
        assertThat(loss.points()).isCloseTo(Math.max(0, 100 * (best - other)), within(1e-9));
        assertThat(loss.exceeds(0.1)).isEqualTo(loss.points() > 10);
    }

    @Test
    void a_loss_is_told_in_points_and_is_no_nonsense() {
        assertThat(new Loss(12.4).words()).isEqualTo("12 points of 100");
        assertThat(new Loss(0.6).words()).isEqualTo("1 point of 100");
        assertThat(Loss.NONE.words()).isEqualTo("0 points of 100");
        assertThatThrownBy(() -> new Loss(-0.1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Loss(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
