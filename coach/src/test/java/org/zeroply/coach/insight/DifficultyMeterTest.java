package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.search.BuiltInEngine;

class DifficultyMeterTest {

    private static Difficulty measure(Engine engine, Position position) {
        return new DifficultyMeter(engine, 60_000)
                .measure(position, p -> {}, new Cancellation())
                .orElseThrow();
    }

    /**
     * Thinks of the first legal move as best up to depth 3 and of the second from then on; the
     * second promises 0.9, the first 0.4, the others 0.9 less 0.15 a move.
     */
    private static final ScriptedEngine WAVERING =
            new ScriptedEngine(
                    (request, move) -> {
                        int index = request.position().legalMoves().indexOf(move);
                        return index == 0 ? 0.4 : Math.max(0, 0.9 - 0.15 * (index - 1));
                    },
                    position ->
                            IntStream.rangeClosed(1, 5)
                                    .mapToObj(depth -> leader(position, depth))
                                    .toList());

    private static Analysis.DepthBest leader(Position position, int depth) {
        List<Move> legal = position.legalMoves();
        Move move = legal.get(Math.min(depth <= 3 ? 0 : 1, legal.size() - 1));
        return new Analysis.DepthBest(depth, move, new Score.Centipawns(0));
    }

    @Test
    void the_move_that_led_and_failed_tempts() {
        Difficulty d = measure(WAVERING, Position.START);
        List<Move> legal = Position.START.legalMoves();
        assertThat(d.best().move()).isEqualTo(legal.get(1));
        assertThat(d.depthFound()).isEqualTo(4);
        Difficulty.Temptation t = d.temptation().orElseThrow();
        assertThat(t.move()).isEqualTo(legal.get(0));
        assertThat(t.untilDepth()).isEqualTo(3);
        assertThat(t.loss()).isEqualTo(0.5);
        assertThat(t.changesResult()).as("a win given away").isTrue();
        // Of 0.9, 0.75, 0.6 … all others are weaker than the first.
        assertThat(d.widths())
                .containsExactly(new Difficulty.Width(0, true, ResultClass.WIN, 1, 20));
        assertThat(d.widths().get(0).isTightrope()).isTrue();
    }

    @Test
    void many_moves_keep_a_clearly_won_game() {
        Position won = Position.fromFen("6k1/8/8/8/8/8/RRR5/6K1 w - - 0 1");
        Difficulty d = measure(new BuiltInEngine(8), won);
        assertThat(d.widths().get(0).result()).isEqualTo(ResultClass.WIN);
        assertThat(d.widths().get(0).keeping()).isGreaterThan(20);
        assertThat(d.width(true).orElseThrow()).isGreaterThan(d.width(false).orElse(0));
    }

    @Test
    void a_finished_game_has_no_difficulty() {
        DifficultyMeter meter = new DifficultyMeter(new BuiltInEngine(1), 1000);
        Position mated = Position.fromFen("6Qk/5K2/8/8/8/8/8/8 b - - 0 1");
        assertThat(meter.measure(mated, p -> {}, new Cancellation())).isEmpty();
    }
}
