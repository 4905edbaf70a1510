package org.zeroply.engine.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.eval.Coefficients;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.match.Contestant;
import org.zeroply.engine.search.BuiltInEngine;

@Tag("slow")
class TunerTest {

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

    @Test
    void weights_that_were_spoilt_come_back() {
        SampleGames games =
                new SampleGames(new Contestant(new BuiltInEngine(1), Limits.nodes(300)));
        List<Sample> played =
                IntStream.range(0, 40)
                        .mapToObj(i -> games.game(i, new Cancellation()).samples())
                        .flatMap(List::stream)
                        .toList();
        // What the evaluation says is taken for the truth, so the loss has its least there.
        Evaluator evaluator = new Evaluator();
        List<Sample> samples =
                played.stream()
                        .map(
                                s ->
                                        new Sample(
                                                s.position(),
                                                0.5,
                                                evaluator.explain(s.position()).total()))
                        .toList();
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
        List<Sample> samples =
                IntStream.range(0, 20_000)
                        .mapToObj(
                                i -> {
                                    int cp = random.nextInt(1200) - 600;
                                    double won = 1 / (1 + Math.exp(-cp / 150.0));
                                    double result = random.nextDouble() < won ? 1 : 0;
                                    return new Sample(Position.START, result, cp);
                                })
                        .toList();
        assertThat(LogisticScale.fit(samples, Sample::centipawns)).isCloseTo(150, within(8.0));
    }
}
