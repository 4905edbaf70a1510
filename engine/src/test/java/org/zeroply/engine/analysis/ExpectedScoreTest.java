package org.zeroply.engine.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Verdict;

class ExpectedScoreTest {

    private static final String FULL = "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1";
    private static final String HALF = "r2q2k1/5ppp/8/8/8/8/5PPP/R2Q2K1 w - - 0 1";
    private static final String PAWNS = "4k3/pppp4/8/8/8/8/PPPP4/4K3 w - - 0 1";

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

    @ParameterizedTest(name = "{0} centipawns: {1}, {2}, {3}")
    @CsvSource({
        "0, EQUAL, EQUAL, EQUAL",
        "29, EQUAL, EQUAL, EQUAL",
        "31, WHITE_SLIGHTLY, EQUAL, EQUAL",
        "-79, BLACK_SLIGHTLY, BLACK_SLIGHTLY, EQUAL",
        "-82, BLACK_BETTER, BLACK_SLIGHTLY, EQUAL",
        "140, WHITE_BETTER, WHITE_BETTER, WHITE_SLIGHTLY",
        "199, WHITE_WINS, WHITE_BETTER, WHITE_BETTER",
        "-280, BLACK_WINS, BLACK_WINS, BLACK_BETTER",
        "360, WHITE_WINS, WHITE_WINS, WHITE_WINS",
    })
    void a_lead_counts_for_less_the_fewer_men_are_left(
            int centipawns, Verdict full, Verdict half, Verdict pawns) {
        assertThat(verdict(FULL, centipawns)).isEqualTo(full);
        assertThat(verdict(HALF, centipawns)).isEqualTo(half);
        assertThat(verdict(PAWNS, centipawns)).isEqualTo(pawns);
    }

    private static Verdict verdict(String fen, int centipawns) {
        Score score = new Score.Centipawns(centipawns);
        return ExpectedScoreCurve.at(Position.fromFen(fen)).of(score).verdict(true);
    }

    @Property
    void a_verdict_is_the_same_from_both_sides(@ForAll @DoubleRange(max = 1) double value) {
        ExpectedScore expected = new ExpectedScore(value);
        Verdict said = expected.verdict(true);
        assertThat(expected.opponents().verdict(false)).isEqualTo(said);
        assertThat(Integer.signum(expected.verdict(false).tendency()))
                .isEqualTo(-Integer.signum(said.tendency()));
    }

    @ParameterizedTest
    @CsvSource({"5, WHITE_WINS", "-3, BLACK_WINS", "0, BLACK_WINS"})
    void a_mate_is_a_win_in_words(int moves, Verdict verdict) {
        Score score = new Score.Mate(moves);
        assertThat(ExpectedScoreCurve.at(Position.fromFen(FULL)).of(score).verdict(true))
                .isEqualTo(verdict);
    }
}
