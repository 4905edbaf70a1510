package org.zeroply.coach.exercise.scheme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class AimCheckTest {

    /** White can take a knight or a pawn, or push on. */
    private static final Position POSITION =
            Position.fromFen("6k1/5ppp/8/3n4/4P3/8/p4PPP/R5K1 w - - 0 1");

    /** A move with a score: {@code #3} for a mate, else centipawns. */
    private static Weighed weighed(String line, String score, double expected)
            throws NotationException {
        List<Move> moves = line(POSITION, line);
        Score value =
                score.startsWith("#")
                        ? new Score.Mate(Integer.parseInt(score.substring(1)))
                        : new Score.Centipawns(Integer.parseInt(score));
        return new Weighed(moves.get(0), value, new ExpectedScore(expected), 10, moves, false);
    }

    @ParameterizedTest(name = "{0}: {1} {2} beside {4} {5} {7}")
    @CsvSource({
        // A mate not more than two moves later is about as good; a slower win is not.
        "MATE, h3, #1, 1.0, g3, #1, 1.0, REACHES",
        "MATE, h3, #3, 1.0, g3, #1, 1.0, REACHES",
        "MATE, h3, #4, 1.0, g3, #1, 1.0, SLOWER",
        "MATE, h3, 950, 0.99, g3, #1, 1.0, SLOWER",
        "MATE, h3, 300, 0.92, g3, #1, 1.0, SLOWER",
        "MATE, h3, 90, 0.65, g3, #1, 1.0, FAILS",
        // Material counts within a pawn, and only where the score is as good.
        "MATERIAL, exd5, 300, 0.90, Rxa2, 310, 0.90, REACHES",
        "MATERIAL, Rxa2, 300, 0.90, exd5, 310, 0.90, SLOWER",
        "MATERIAL, exd5, 100, 0.70, Rxa2, 310, 0.90, FAILS",
        "MATERIAL, h3, #4, 1.0, exd5, 310, 0.90, REACHES",
        // Any other win wins.
        "WIN, h3, 220, 0.88, exd5, 900, 0.98, REACHES",
        "WIN, h3, 150, 0.70, exd5, 900, 0.98, FAILS",
        // Holding is holding; what is worth more than holding was asked for.
        "HOLD, h3, 0, 0.50, exd5, 10, 0.52, REACHES",
        "HOLD, h3, -400, 0.10, exd5, -380, 0.12, SLOWER",
        "HOLD, h3, -120, 0.30, exd5, 10, 0.52, FAILS",
        "BEST, h3, 100, 0.63, exd5, 120, 0.66, REACHES",
        "BEST, h3, 30, 0.54, exd5, 120, 0.66, FAILS",
        "BEST, h3, #5, 1.0, exd5, 120, 0.66, REACHES",
    })
    void another_move_reaches_the_aim_or_is_slower_or_fails(
            Aim aim,
            String other,
            String score,
            double expected,
            String asked,
            String askedScore,
            double askedExpected,
            AimCheck.Answer answer)
            throws Exception {
        AimCheck check = new AimCheck(aim, POSITION);
        assertThat(
                        check.compare(
                                weighed(other, score, expected),
                                weighed(asked, askedScore, askedExpected)))
                .isEqualTo(answer);
    }

    @Test
    void without_a_name_the_aim_is_mate_where_the_key_mates_and_else_the_best() throws Exception {
        Weighed mating = weighed("h3", "#2", 1);
        Weighed good = weighed("h3", "80", 0.6);
        assertThat(AimCheck.at(POSITION, Optional.empty(), mating).aim()).isEqualTo(Aim.MATE);
        assertThat(AimCheck.at(POSITION, Optional.empty(), good).aim()).isEqualTo(Aim.BEST);
        assertThat(AimCheck.at(POSITION, Optional.of(Aim.WIN), mating).aim()).isEqualTo(Aim.WIN);
        assertThat(AimCheck.at(POSITION, Optional.of(Aim.MATE), good).aim())
                .as("nothing mates here")
                .isEqualTo(Aim.BEST);
    }

    @ParameterizedTest
    @CsvSource({"mate, MATE", "material, MATERIAL", "hold, HOLD", "'', ", "something, "})
    void the_tag_names_it(String tag, Aim aim) {
        TreeEditor editor = new TreeEditor(new MoveTree(POSITION));
        editor.tag(Aim.TAG, tag);
        assertThat(Aim.of(editor.tree())).isEqualTo(Optional.ofNullable(aim));
    }
}
