package org.zeroply.engine.checks;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;

class CheckSearchTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "6k1/3R1ppp/8/8/8/8/r4PPP/6K1 w - - 0 1, MATES",
        "5r1k/6pp/8/6N1/2Q5/8/5PPP/6K1 w - - 0 1, MATES",
        "7k/5p1p/8/6Q1/8/8/qr6/6K1 w - - 0 1, GOES_ON",
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, MATES",
        "r5k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, RUNS_OUT",
        "6k1/5ppp/4p3/8/8/8/5PPP/6K1 w - - 0 1, RUNS_OUT",
    })
    void checks_mate_go_on_or_run_out(String fen, CheckSequence.Outcome expected) {
        Position position = Position.fromFen(fen);
        CheckSequence found = new CheckSearch(300_000, new Cancellation()).search(position, 12);
        assertThat(found.outcome()).isEqualTo(expected);
        Position now = position;
        for (int i = 0; i < found.line().size(); i++) {
            Move move = found.line().get(i);
            assertThat(now.legalMoves()).contains(move);
            now = now.play(move);
            assertThat(i % 2 == 1 || now.inCheck()).isTrue();
        }
        assertThat(now.isCheckmate()).isEqualTo(expected == CheckSequence.Outcome.MATES);
    }

    @Test
    void what_is_too_long_stays_unclear() {
        Position p = Position.fromFen("8/8/8/3k4/8/8/1Q6/K7 w - - 0 1");
        assertThat(new CheckSearch(500, new Cancellation()).search(p, 40).outcome())
                .isEqualTo(CheckSequence.Outcome.UNCLEAR);
    }
}
