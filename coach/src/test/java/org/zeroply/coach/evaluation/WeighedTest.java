package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class WeighedTest {

    private static Weighed weighed(String score, double expected) {
        Move move = Position.START.legalMoves().get(0);
        Score value =
                score.startsWith("#")
                        ? new Score.Mate(Integer.parseInt(score.substring(1)))
                        : new Score.Centipawns(Integer.parseInt(score));
        return new Weighed(move, value, new ExpectedScore(expected), 12, List.of(move), false);
    }

    @ParameterizedTest(name = "{0} ({1}) beside {2} ({3}): {4}")
    @CsvSource({
        "30, 0.54, 30, 0.54, true",
        "90, 0.62, 30, 0.54, true",
        // More than half a pawn, or more than 0.07, is given away.
        "-62, 0.41, 246, 0.82, false",
        "900, 0.985, 1000, 0.99, false",
        "10, 0.51, 50, 0.59, false",
        "10, 0.51, 50, 0.55, true",
        // The border between two results.
        "168, 0.84, 172, 0.86, false",
        "-172, 0.14, -168, 0.16, false",
        "172, 0.86, 168, 0.84, true",
        // A win beside a mate, a slower mate, and mates against.
        "990, 0.99, #3, 1.0, false",
        "#5, 1.0, #3, 1.0, true",
        "#3, 1.0, 990, 0.99, true",
        "#-2, 0.0, -990, 0.01, false",
    })
    void equal_is_who_gives_nothing_away(
            String score, double expected, String other, double otherExpected, boolean equal) {
        assertThat(weighed(score, expected).isAsGoodAs(weighed(other, otherExpected)))
                .isEqualTo(equal);
    }

    @ParameterizedTest(name = "{0} beside {1} within {2}: {3}")
    @CsvSource({
        "0.50, 0.549, 0.05, true",
        "0.50, 0.56, 0.05, false",
        "0.60, 0.50, 0, true",
        // The border between two results runs between them: half the margin counts.
        "0.83, 0.87, 0.10, true",
        "0.83, 0.89, 0.10, false",
        "0.80, 0.84, 0.05, true",
    })
    void a_move_matches_another_within_a_margin(
            double expected, double other, double margin, boolean matches) {
        assertThat(weighed("0", expected).matches(weighed("0", other), margin)).isEqualTo(matches);
    }

    @ParameterizedTest
    @CsvSource({
        "#1, true, false, true",
        "#0, false, true, true",
        "#-1, false, true, true",
        "500, false, false, false",
        "-500, false, false, false",
    })
    void a_mate_is_certain_for_whoever_gives_it(
            String score, boolean mates, boolean mated, boolean certain) {
        Weighed weighed = weighed(score, 0.5);
        assertThat(weighed.mates()).isEqualTo(mates);
        assertThat(weighed.isMated()).isEqualTo(mated);
        assertThat(weighed.isCertain()).isEqualTo(certain);
        assertThat(weighed.with(List.of(weighed.move(), weighed.move())).line()).hasSize(2);
    }
}
