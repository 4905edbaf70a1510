package org.zeroply.coach.defence.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.DefenceBoards;
import org.zeroply.coach.evaluation.Holding;

/** Tables of positions against defences. */
class WhatIfTest extends DefenceBoards {

    @Test
    void a_table_shows_what_one_pawn_decides() throws Exception {
        Position base = fen(BACK_RANK);
        Position without = fen("6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - - 0 1");
        List<Move> defences = List.of(San.read(base, "Kh8"), San.read(base, "h6"));
        WhatIf table =
                WhatIf.of(
                        List.of(new WhatIf.Row("as it is", base), WhatIf.Row.of(base, without)),
                        defences,
                        Holding.DRAW,
                        evaluator(),
                        p -> {});

        assertThat(table.rows().get(1).name()).isEqualTo("Black's pawn h7 on h6");
        assertThat(states(table, 0)).containsExactly(WhatIf.State.FAILS, WhatIf.State.WORKS);
        assertThat(table.cells().get(1).get(1).state()).isEqualTo(WhatIf.State.IMPOSSIBLE);
        WhatIfRows read = WhatIfRows.parse(WhatIfRows.of(table).text());
        assertThat(read.rows()).isEqualTo(table.rows());
        assertThat(read.defences()).isEqualTo(defences);
        assertThat(table.without(1).rows()).hasSize(1);
    }

    private static List<WhatIf.State> states(WhatIf table, int row) {
        return table.cells().get(row).stream().map(WhatIf.Cell::state).toList();
    }

    @Test
    void variants_are_proposed_that_turn_a_verdict() throws Exception {
        Position base = fen(BACK_RANK);
        List<Move> defences = List.of(San.read(base, "Kh8"), San.read(base, "h6"));
        WhatIf table =
                new VariantProposer(evaluator()).propose(base, defences, Holding.DRAW, 3, p -> {});

        assertThat(table.rows()).hasSizeBetween(2, 4);
        for (int row = 1; row < table.rows().size(); row++) {
            assertThat(table.turned(row)).as(table.rows().get(row).name()).isPositive();
        }
    }
}
