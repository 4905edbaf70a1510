package org.zeroply.coach.defence.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.defence.DefenceBoards;
import org.zeroply.engine.analysis.Cancellation;

/** Series of checks, on positions of our own. */
class ChecksEnoughTest extends DefenceBoards {

    private static final long CHECK_NODES = 1_000_000;

    private static ChecksEnough checks(String fen) {
        return ChecksEnough.of(fen(fen), CHECK_NODES, new Cancellation());
    }

    @Test
    void checks_mate_go_on_win_or_run_out() {
        ChecksEnough smothered = checks("5rk1/5Npp/8/8/2Q5/8/5PPP/6K1 w - - 0 1");
        assertThat(smothered.outcome()).isEqualTo(ChecksEnough.Outcome.MATE);
        assertThat(smothered.kingPath()).containsExactly(Square.G8, Square.H8);

        ChecksEnough perpetual = checks("6k1/5ppp/8/8/4q3/8/Q5P1/6K1 b - - 0 1");
        assertThat(perpetual.outcome()).isEqualTo(ChecksEnough.Outcome.PERPETUAL);

        ChecksEnough fork = checks("r5k1/5ppp/8/8/8/8/5PPP/N5K1 w - - 0 1");
        assertThat(fork.outcome()).isEqualTo(ChecksEnough.Outcome.NONE);
        ChecksEnough wins = checks("r3k3/8/8/3N4/8/8/5PPP/6K1 w - - 0 1");
        assertThat(wins.outcome()).isEqualTo(ChecksEnough.Outcome.WINS);
        assertThat(wins.gain()).isGreaterThanOrEqualTo(400);

        ChecksEnough out = checks("2q3k1/5pp1/6r1/4Q3/8/8/5PPP/6K1 w - - 0 1");
        assertThat(out.outcome()).isEqualTo(ChecksEnough.Outcome.RUN_OUT);
        assertThat(out.checks()).isPositive();
    }
}
