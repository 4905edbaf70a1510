package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;

class MoveComparisonTest {

    private static final Position START = Position.START;

    private static Score score(String text) {
        return text.startsWith("#")
                ? new Score.Mate(Integer.parseInt(text.substring(1)))
                : new Score.Centipawns(Integer.parseInt(text));
    }

    /** A move of a position with a score and a line; the expected score follows from the score. */
    private static Weighed weighed(Position position, String score, String... line)
            throws NotationException {
        List<Move> moves = line(position, String.join(" ", line));
        ExpectedScore expected = ExpectedScoreCurve.at(position).of(score(score));
        return new Weighed(moves.get(0), score(score), expected, 10, moves, false);
    }

    @ParameterizedTest(name = "{1} beside {0}: {2}")
    @CsvSource({
        // As good as the best one: a border between two results alone decides nothing.
        "20, 20, HOLDS",
        "20, -10, HOLDS",
        "292, 285, HOLDS",
        "-205, -212, HOLDS",
        // Up to a tenth, no material gone.
        "20, -15, HOLDS",
        // More.
        "20, -60, PRICE",
        "150, 60, PRICE",
        "300, 150, PRICE",
        // A win becomes level, a level game lost, a better one worse.
        "400, 90, FAILS",
        "900, 0, FAILS",
        "0, -400, FAILS",
        "170, -160, FAILS",
        // Lost already: nothing holds.
        "-400, -400, FAILS",
        "-400, -900, FAILS",
        // Won either way.
        "#3, 900, HOLDS",
        "#3, #9, HOLDS",
        "700, 600, HOLDS",
        "0, #-4, FAILS",
        // Worse than level, and perhaps lost: neither is proved.
        "-170, -260, UNCLEAR",
    })
    void is_graded_beside_the_best_move(String best, String other, Grade grade)
            throws NotationException {
        MoveComparison comparison = new MoveComparison(START, weighed(START, best, "e4"));
        assertThat(comparison.grade(weighed(START, other, "d4"))).isEqualTo(grade);
    }

    @Property
    void a_better_move_has_no_worse_grade(
            @ForAll @IntRange(min = -1200, max = 1200) int best,
            @ForAll @IntRange(max = 800) int less,
            @ForAll @IntRange(max = 800) int evenLess)
            throws NotationException {
        MoveComparison comparison =
                new MoveComparison(START, weighed(START, String.valueOf(best), "e4"));
        Grade better = comparison.grade(weighed(START, String.valueOf(best - less), "d4"));
        Grade worse =
                comparison.grade(weighed(START, String.valueOf(best - less - evenLess), "c4"));
        List<Grade> order = List.of(Grade.HOLDS, Grade.PRICE, Grade.UNCLEAR, Grade.FAILS);
        assertThat(order.indexOf(better)).isLessThanOrEqualTo(order.indexOf(worse));
    }

    @ParameterizedTest(name = "{1} beside {0}: {2}")
    @CsvSource({
        // Near to what is weaker, to lost, to level, or lost but not beyond doubt.
        "20, -25, true",
        "20, 10, false",
        "20, -140, false",
        "0, -215, true",
        "0, -300, true",
        "0, -900, false",
        "400, 105, true",
        "400, 300, false",
        // What is proved stays.
        "0, #-4, false",
        "#3, #9, false",
    })
    void a_longer_look_may_change_what_lies_near_a_bound(
            String best, String other, boolean doubtful) throws NotationException {
        MoveComparison comparison = new MoveComparison(START, weighed(START, best, "e4"));
        assertThat(comparison.isDoubtful(weighed(START, other, "d4"))).isEqualTo(doubtful);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "800, still winning",
        "150, still better",
        "0, still level",
        "-70, perhaps still a draw",
        "-150, perhaps still a draw",
        "-800, losing",
    })
    void a_price_tells_what_is_left(String other, String left) throws NotationException {
        MoveComparison comparison = new MoveComparison(START, weighed(START, "900", "e4"));
        Price price = comparison.price(weighed(START, other, "d4"));
        assertThat(price.words()).endsWith("; " + left);
        assertThat(price.hundredths()).isZero();
        assertThat(price.loss().points()).isGreaterThanOrEqualTo(0);
    }

    @Test
    void another_best_move_makes_another_comparison() throws NotationException {
        Weighed first = weighed(START, "300", "e4");
        Weighed second = weighed(START, "0", "d4");
        MoveComparison beside = new MoveComparison(START, first);
        assertThat(beside.best()).isEqualTo(first);
        assertThat(beside.position()).isEqualTo(START);
        Weighed other = weighed(START, "-10", "c4");
        assertThat(beside.grade(other).isWeaker()).isTrue();
        assertThat(beside.with(second).grade(other).isWeaker()).isFalse();
        assertThat(beside.with(second).best()).isEqualTo(second);
    }

    @Test
    void of_known_endings_the_result_alone_counts() throws NotationException {
        Position ending = Position.fromFen("4k3/8/8/8/8/8/4P3/4K3 w - - 0 1");
        Weighed win = exact(ending, "Kd2", 1);
        Weighed slower = exact(ending, "Kf2", 1);
        MoveComparison comparison = new MoveComparison(ending, win);
        assertThat(comparison.grade(slower)).isEqualTo(Grade.HOLDS);
        assertThat(comparison.grade(exact(ending, "e4", 0.5))).isEqualTo(Grade.FAILS);
        assertThat(comparison.isDoubtful(slower)).isFalse();
    }

    private static Weighed exact(Position position, String san, double expected)
            throws NotationException {
        Move move = San.read(position, san);
        int score = (int) (4000 * (expected - 0.5));
        return new Weighed(
                move,
                new Score.Centipawns(score),
                new ExpectedScore(expected),
                0,
                List.of(move),
                true);
    }

    private static final Position HANGING =
            Position.fromFen("4r1k1/ppp2ppp/8/8/8/4B3/PPP3PP/4K2R w K - 0 1");

    @Test
    void the_price_names_what_is_gone_for_what() throws NotationException {
        Weighed best = weighed(HANGING, "290", "Kf2", "h6");
        MoveComparison comparison = new MoveComparison(HANGING, best);
        Weighed loses = weighed(HANGING, "-200", "h3", "Rxe3+", "Kf2", "Re8");

        assertThat(comparison.grade(loses)).isEqualTo(Grade.PRICE);
        assertThat(comparison.price(loses).words()).isEqualTo("a bishop; perhaps still a draw");
        assertThat(comparison.price(loses).hundredths()).isEqualTo(300);
    }

    @Test
    void material_that_is_taken_back_at_once_is_no_price() throws NotationException {
        Position exchange = Position.fromFen("4k3/8/8/3r4/8/8/3R4/3RK3 w - - 0 1");
        Weighed best = weighed(exchange, "600", "Rxd5", "Ke7");
        MoveComparison comparison = new MoveComparison(exchange, best);
        // The line breaks off in the middle of an exchange.
        Weighed other = weighed(exchange, "545", "Ke2", "Rxd2+");
        assertThat(comparison.grade(other)).isEqualTo(Grade.HOLDS);
    }

    @Property
    void a_loss_is_what_lies_between_two_scores(
            @ForAll @DoubleRange(max = 1) double best, @ForAll @DoubleRange(max = 1) double other) {
        Loss loss = Loss.between(new ExpectedScore(best), new ExpectedScore(other));
        assertThat(loss.points()).isBetween(0.0, 100.0);
        assertThat(loss.exceeds(0)).isEqualTo(best > other);
    }
}
