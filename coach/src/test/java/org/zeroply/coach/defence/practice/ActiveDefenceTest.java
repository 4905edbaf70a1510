package org.zeroply.coach.defence.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.defence.DefenceBoards;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.engine.analysis.Cancellation;

/** Material for counterplay, on a position of our own. */
class ActiveDefenceTest extends DefenceBoards {

    @Test
    void active_defence_stands_beside_the_best_quiet_move() {
        String fen = "2kr3r/ppp2ppp/2n5/2b1q3/4P1b1/2NB1N2/PPPQ1PPP/R4RK1 w - - 0 1";
        Elimination found = eliminate(fen(fen));
        ActiveDefence active = new ActiveDefence(new SharedEngine(16), 2_000);
        List<ActiveDefence.Try> tries = active.tries(found);

        assertThat(tries).hasSizeGreaterThan(1);
        assertThat(tries.get(0).given()).isZero();
        assertThat(tries.subList(1, tries.size())).allMatch(t -> t.given() > 0);
        assertThat(active.measured(fen(fen), tries.get(1), new Cancellation()).width()).isPresent();
    }
}
