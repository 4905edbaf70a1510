package org.zeroply.workshop.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.eval.Weights;
import org.zeroply.workshop.selfplay.JudgedPosition;

class TunerTest {

    @Test
    void weights_that_were_spoilt_come_back() {
        // What the evaluation says is taken for the truth, so the loss has its least there.
        List<JudgedPosition> samples = judgedByTerms(2500);
        int[] spoilt = Weights.shipped().packed();
        for (int i = 1; i < 5; i++) {
            spoilt[i] =
                    Weights.pack(
                            Weights.middlegame(spoilt[i]) * 9 / 10,
                            Weights.ending(spoilt[i]) * 9 / 10);
        }
        Tuner tuner = new Tuner(samples, Weights.read(Weights.write(spoilt)), 170, 0, 0);
        double before = tuner.loss();
        tuner.run(150, round -> {});
        assertThat(tuner.loss()).isLessThan(before);
        double best = new Tuner(samples, Weights.shipped(), 170, 0, 0).loss();
        assertThat(tuner.loss() - best).isLessThan((before - best) / 4);
    }

    @Test
    void the_scale_of_the_curve_is_found() {
        Random random = new Random(3);
        Board start = Position.START.toBoard();
        List<JudgedPosition> samples =
                IntStream.range(0, 20_000)
                        .mapToObj(
                                i -> {
                                    int cp = random.nextInt(1200) - 600;
                                    double won = 1 / (1 + Math.exp(-cp / 150.0));
                                    int result = random.nextDouble() < won ? 2 : 0;
                                    return JudgedPosition.of(start, cp, result);
                                })
                        .toList();
        assertThat(LogisticScale.fit(samples, JudgedPosition::score)).isCloseTo(150, within(8.0));
    }

    /** Positions of games by chance. */
    private static List<JudgedPosition> judgedByTerms(int count) {
        Evaluator evaluator = new Evaluator();
        Random random = new Random(7);
        List<JudgedPosition> samples = new ArrayList<>();
        Position p = Position.START;
        for (int i = 0; i < count; i++) {
            List<Move> moves = p.legalMoves();
            p = moves.isEmpty() ? Position.START : p.play(moves.get(random.nextInt(moves.size())));
            Board board = p.toBoard();
            samples.add(JudgedPosition.of(board, evaluator.evaluate(board), 1));
        }
        return samples;
    }
}
