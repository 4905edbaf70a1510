package org.zeroply.engine.eval;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class CoefficientsTest {

    @Test
    void the_weights_counted_in_a_position_give_its_evaluation() {
        Coefficients.Source source = new Coefficients.Source(Weights.shipped());
        Evaluator evaluator = new Evaluator();
        int[] packed = Weights.shipped().packed();
        Random random = new Random(7);
        Position p = Position.START;
        for (int i = 0; i < 300; i++) {
            List<Move> moves = p.legalMoves();
            if (moves.isEmpty()) {
                p = Position.START;
                continue;
            }
            p = p.play(moves.get(random.nextInt(moves.size())));
            Coefficients c = source.of(p);
            double sum = 0;
            for (int k = 0; k < c.indices().length; k++) {
                int w = packed[c.indices()[k]];
                sum +=
                        c.counts()[k]
                                * (Weights.middlegame(w) * c.phase()
                                        + Weights.ending(w) * (1 - c.phase()));
            }
            assertThat(c.rest() + c.share() * sum)
                    .as(p.fen())
                    .isCloseTo(evaluator.explain(p).total(), within(2.5));
        }
    }
}
