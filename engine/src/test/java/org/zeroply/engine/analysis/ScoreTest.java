package org.zeroply.engine.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Position;

class ScoreTest {

    @Test
    void being_mated_late_is_worse_than_any_loss_of_material_and_better_than_being_mated_soon() {
        List<Score> upwards =
                List.of(
                        new Score.Mate(0),
                        new Score.Mate(-1),
                        new Score.Mate(-9),
                        new Score.Centipawns(-20_000),
                        new Score.Centipawns(-1),
                        new Score.Centipawns(0),
                        new Score.Centipawns(20_000),
                        new Score.Mate(30),
                        new Score.Mate(1));
        assertThat(upwards).isSorted();
    }

    @Test
    void scores_are_printed_in_pawns_or_moves_to_mate() {
        assertThat(new Score.Centipawns(35).text()).isEqualTo("+0.35");
        assertThat(new Score.Centipawns(-120).text()).isEqualTo("-1.20");
        assertThat(new Score.Mate(-2).text()).isEqualTo("#-2");
    }

    @Property(tries = 300)
    void a_score_turned_twice_is_the_same(@ForAll @IntRange(min = -900, max = 900) int centipawns) {
        Score score = new Score.Centipawns(centipawns);
        assertThat(score.negated().negated()).isEqualTo(score);
    }

    @Property(tries = 300)
    void expected_scores_rise_with_the_score_and_both_sides_share_one_point(
            @ForAll long seed,
            @ForAll @IntRange(max = 200) int plies,
            @ForAll @IntRange(min = -3000, max = 3000) int centipawns) {
        Position position = RandomPositions.after(new Random(seed), plies);
        ExpectedScoreCurve curve = ExpectedScoreCurve.at(position);
        Score score = new Score.Centipawns(centipawns);
        ExpectedScore expected = curve.of(score);
        assertThat(expected.points()).isBetween(0.0, 100.0);
        assertThat(curve.of(score.negated()).over(expected.opponents()))
                .isCloseTo(0, within(1e-12));
        assertThat(curve.of(new Score.Centipawns(centipawns + 1))).isGreaterThan(expected);
    }

    @Test
    void a_level_game_is_half_a_point_and_a_mate_a_whole_one() {
        ExpectedScoreCurve curve = ExpectedScoreCurve.at(Position.START);
        assertThat(curve.of(new Score.Centipawns(0))).isEqualTo(ExpectedScore.DRAW);
        assertThat(curve.of(new Score.Mate(12))).isEqualTo(ExpectedScore.WIN);
        assertThat(curve.of(new Score.Mate(-12))).isEqualTo(ExpectedScore.LOSS);
    }
}
