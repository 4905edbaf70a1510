package org.zeroply.coach.defence.elimination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/** What defences cost, on positions of our own that were looked at by hand. */
class CostFinderTest {

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    private static List<Cost> costs(String fen, String sans) throws NotationException {
        Position position = Position.fromFen(fen);
        List<Move> line = TestGames.line(position, sans);
        return new CostFinder(position)
                .of(
                        new Weighed(
                                line.get(0),
                                new Score.Centipawns(0),
                                new ExpectedScore(0.5),
                                10,
                                line,
                                false));
    }

    private static List<String> kinds(String fen, String sans) throws NotationException {
        return costs(fen, sans).stream().map(c -> c.kind().word()).toList();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1, h6, pawn-cover",
        "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1, g6, weak-colour;pawn-cover",
        "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1, Rd2 Rxd2 Kf8, material",
        "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1, Kf8, ''",
        // A trade that is under way is no loss, a pawn that is not taken back is one.
        "6k1/5ppp/8/8/8/8/r2r1PPP/3R2K1 b - - 0 1, Rxd1+, ''",
        "6k1/5ppp/8/3p4/8/8/r4PPP/3R2K1 b - - 0 1, Kf8 Rxd5 Ke7, material",
        // The rook comes to stand beside its king, which could step there before.
        "6k1/5ppp/8/8/8/5r2/6PP/6K1 b - - 0 1, Rf6, ''",
        "5nk1/r4ppp/8/8/8/8/6PP/6K1 b - - 0 1, Ra8, ''",
        "r6k/6pp/8/8/8/8/6PP/6K1 b - - 0 1, Rg8, back-rank",
    })
    void each_cost_is_seen(String fen, String line, String kinds) throws NotationException {
        assertThat(String.join(";", kinds(fen, line))).isEqualTo(kinds);
    }

    @Test
    void costs_are_told_with_squares_and_with_what_is_left() throws NotationException {
        assertThat(costs(BACK_RANK, "g6"))
                .extracting(Cost::text)
                .containsExactly(
                        "dark squares weakened: f6 and h6", "the pawn g7 leaves the king's cover");
        assertThat(costs(BACK_RANK, "Rd2 Rxd2 Kf8"))
                .extracting(Cost::text)
                .containsExactly("5 points of material, then White is a rook up");
    }

    @Test
    void a_king_that_may_still_castle_or_has_left_its_ranks_has_no_cover() {
        assertThat(new CostFinder(Position.fromFen(BACK_RANK)).hasCover()).isTrue();
        assertThat(new CostFinder(Position.START).hasCover()).isFalse();
        Position walked = Position.fromFen("8/5ppp/6k1/8/8/8/r4PPP/3R2K1 b - - 0 1");
        assertThat(new CostFinder(walked).hasCover()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"h6", "g6", "Kf8", "Rd2"})
    void the_same_is_told_with_board_and_colours_turned_over(String san) throws NotationException {
        Position position = Position.fromFen(BACK_RANK);
        Position turned = Symmetry.MIRRORED_AND_FLIPPED.of(position).orElseThrow();
        Move move = Symmetry.MIRRORED_AND_FLIPPED.of(San.read(position, san), turned);
        assertThat(kinds(turned.fen(), San.write(turned, move))).isEqualTo(kinds(BACK_RANK, san));
    }
}
