package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.fact.material.Phase;

/** Figures added up by hand. */
class PlayerReviewTest {

    private static final String GAME =
            "1. e4 {[%clk 0:10:00]} e5 2. Nf3 {[%clk 0:09:00]} Nc6 3. Bb5 {[%clk 0:06:00]} a6"
                    + " 4. Ba4 {[%clk 0:01:30]} Nf6 5. O-O {[%clk 0:01:00]} *";

    private static List<Node> nodes(String pgn) {
        return TestGames.game(pgn).mainLine();
    }

    /** White's moves, each losing so many points of a hundred. */
    private static List<MoveReview> losing(int... points) {
        List<Node> nodes = nodes(GAME);
        List<MoveReview> moves = new ArrayList<>();
        for (int i = 0; i < points.length; i++) {
            Node node = nodes.get(2 * i);
            Position before = node.parent().orElseThrow().position();
            var other =
                    before.legalMoves().stream()
                            .filter(m -> !m.equals(node.move()))
                            .findFirst()
                            .orElseThrow();
            moves.add(
                    Reviewed.move(
                            node,
                            points[i] == 0 ? node.move() : other,
                            0.6,
                            0.6 - points[i] / 100.0,
                            1));
        }
        return moves;
    }

    private static PlayerReview white(int... points) {
        return PlayerReview.of(Side.WHITE, "Nora", losing(points));
    }

    @Test
    void losses_are_counted_once_each_by_their_grade() {
        PlayerReview review = white(0, 9, 10, 18, 36);
        assertThat(review.moves()).isEqualTo(5);
        assertThat(review.errors().dubious()).isEqualTo(1);
        assertThat(review.errors().mistakes()).isEqualTo(1);
        assertThat(review.errors().blunders()).isEqualTo(1);
        assertThat(review.firstChoices()).isCloseTo(0.2, within(1e-9));
        assertThat(review.loss().inAll()).isCloseTo(73, within(1e-6));
        assertThat(review.meanLossOfAll()).isCloseTo(14.6, within(1e-6));
        assertThat(review.loss().mean()).containsOnlyKeys(Phase.OPENING);
        assertThat(review.loss().mean().get(Phase.OPENING)).isCloseTo(14.6, within(1e-6));
    }

    @Test
    void time_is_what_is_gone_between_the_first_clock_and_the_last() {
        PlayerReview review = white(0, 0, 0, 20, 20);
        assertThat(review.secondsAMove()).contains(135.0);
        assertThat(review.errors().inTimeTrouble())
                .as("the two with under two minutes left")
                .isEqualTo(2);
        assertThat(white(20, 20).errors().inTimeTrouble()).isZero();
        assertThat(white(0).secondsAMove()).isEqualTo(Optional.empty());
    }

    @Test
    void the_other_side_and_nobody_have_nothing() {
        PlayerReview black = PlayerReview.of(Side.BLACK, "Ben", losing(0, 20));
        assertThat(black.moves()).isZero();
        assertThat(black.meanLossOfAll()).isZero();
        assertThat(black.loss().mean()).isEmpty();
        assertThat(black.firstChoices()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, OPENING",
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 12, OPENING",
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 13, MIDDLEGAME",
        // Two pairs of minor pieces gone: 20 is still nearly all, 19 is not.
        "r1bqk2r/pppppppp/8/8/8/8/PPPPPPPP/R1BQK1NR w KQkq - 0 9, MIDDLEGAME",
        "rnbqk2r/pppppppp/8/8/8/8/PPPPPPPP/RNBQK2R w KQkq - 0 9, OPENING",
        "r3k2r/pppppppp/2n5/8/8/2N5/PPPPPPPP/R3K2R w KQkq - 0 30, ENDING",
        "r2qk2r/pppppppp/8/8/8/8/PPPPPPPP/R3K2R w KQkq - 0 9, MIDDLEGAME",
        "4k3/8/8/8/8/8/4P3/4K3 w - - 0 5, ENDING",
    })
    void a_phase_goes_by_pieces_and_move_number(String fen, Phase phase) {
        assertThat(Phase.of(Position.fromFen(fen))).isEqualTo(phase);
    }
}
