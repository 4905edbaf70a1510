package org.zeroply.coach.defence.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.defence.DefenceBoards;

/** Fortresses, on positions of our own. */
class FortressTrialTest extends DefenceBoards {

    private static FortressTrial.Report fortress(String fen, Side holding) {
        return new FortressTrial(evaluator().withNodes(3_000)).run(fen(fen), holding, 30, p -> {});
    }

    @Test
    void a_fortress_holds_and_a_bare_king_falls() {
        FortressTrial.Report wrongBishop = fortress("k7/8/K7/P7/8/8/8/4B3 b - - 0 1", Side.BLACK);
        assertThat(wrongBishop.outcome()).isNotEqualTo(FortressTrial.Outcome.FALLS);

        FortressTrial.Report bare = fortress("4k3/8/8/8/8/8/3QR3/4K3 b - - 0 1", Side.BLACK);
        assertThat(bare.outcome()).isEqualTo(FortressTrial.Outcome.FALLS);
        assertThat(bare.move()).isPositive();
    }
}
