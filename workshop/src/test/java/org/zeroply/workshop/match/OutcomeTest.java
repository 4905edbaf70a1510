package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;

class OutcomeTest {

    @ParameterizedTest
    @CsvSource({
        "3R2k1/5ppp/8/8/8/8/8/6K1 b - - 0 1, WHITE_WINS, 1-0, 1",
        "6k1/8/8/8/8/8/5PPP/3r2K1 w - - 0 1, BLACK_WINS, 0-1, 0",
        "7k/5Q2/6K1/8/8/8/8/8 b - - 0 1,     DRAW, 1/2-1/2, 0.5",
    })
    void a_side_without_a_move_is_mated_or_stalemated(
            String fen, Outcome outcome, String result, double points) {
        assertThat(Outcome.atEnd(Position.fromFen(fen).toBoard())).contains(outcome);
        assertThat(outcome.result()).isEqualTo(result);
        assertThat(outcome.points()).isEqualTo(points);
    }

    @Test
    void a_side_with_a_move_goes_on() {
        assertThat(Outcome.atEnd(Position.START.toBoard())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "4k3/8/8/8/8/8/8/4K3 w - - 0 1,      true",
        "4k3/8/8/8/8/8/8/4KN2 w - - 0 1,     true",
        "4k3/8/8/8/8/8/8/4KB2 w - - 0 1,     true",
        "4k3/8/8/8/8/8/4P3/4K3 w - - 0 1,    false",
        "4k3/8/8/8/8/8/8/4KR2 w - - 0 1,     false",
        "4k3/8/8/8/8/8/8/3QK3 w - - 0 1,     false",
        "4kn2/8/8/8/8/8/8/4KN2 w - - 0 1,    false",
        "4k3/8/8/8/8/8/8/3QK3 w - - 100 80,  true",
        "4k3/8/8/8/8/8/8/3QK3 w - - 99 80,   false",
    })
    void hardly_any_men_and_fifty_moves_draw(String fen, boolean drawn) {
        assertThat(Outcome.isDrawnByRule(Position.fromFen(fen).toBoard())).isEqualTo(drawn);
    }

    @Test
    void a_position_that_stands_for_the_third_time_draws() throws Exception {
        Board board = Position.START.toBoard();
        Position position = Position.START;
        for (int round = 1; round <= 2; round++) {
            assertThat(Outcome.isDrawnByRule(board)).as("before round " + round).isFalse();
            for (String san : new String[] {"Nf3", "Nf6", "Ng1", "Ng8"}) {
                var move = San.read(position, san);
                position = position.play(move);
                board.make(move.packed());
            }
        }
        assertThat(Outcome.isDrawnByRule(board)).isTrue();
    }
}
