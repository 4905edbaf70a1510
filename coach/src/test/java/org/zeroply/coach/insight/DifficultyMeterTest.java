package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;

class DifficultyMeterTest {

    private final DifficultyMeter meter = new DifficultyMeter(new BuiltInEngine(8), 60_000);

    private Difficulty measure(String fen) {
        return meter.measure(Position.fromFen(fen), p -> {}, new Cancellation()).orElseThrow();
    }

    @Test
    void an_only_move_is_a_tightrope() {
        // The king must take the opposition; every other move loses.
        Difficulty d = measure("8/8/8/3k4/3P4/3K4/8/8 b - - 0 1");
        assertThat(d.widths().get(0).white()).isFalse();
        Difficulty only = measure("3k4/8/3K4/3P4/8/8/8/8 b - - 0 1");
        assertThat(only.widths().get(0).legal()).isGreaterThan(1);
        assertThat(only.width(false)).isPresent();
    }

    @Test
    void a_capture_that_loses_the_queen_tempts() {
        // Taking the rook lets the back rank fall; it leads only at the first look.
        Position p = Position.fromFen("3r2k1/5ppp/8/8/8/2q5/5PPP/r2QR1K1 w - - 0 1");
        Difficulty d = measure(p.fen());
        assertThat(p.legalMoves()).contains(d.best().move());
        d.temptation()
                .ifPresent(
                        t -> {
                            assertThat(t.loss()).isGreaterThan(0.05);
                            assertThat(San.write(p, t.move())).isNotBlank();
                        });
    }

    @Test
    void many_moves_keep_a_clearly_won_game() {
        Difficulty d = measure("6k1/8/8/8/8/8/QQQ5/6K1 w - - 0 1");
        assertThat(d.widths().get(0).result()).isEqualTo(ResultClass.WIN);
        assertThat(d.widths().get(0).keeping()).isGreaterThan(20);
        assertThat(d.depthFound()).isPositive();
    }

    @Test
    void a_finished_game_has_no_difficulty() {
        assertThat(
                        meter.measure(
                                Position.fromFen("6Qk/5K2/8/8/8/8/8/8 b - - 0 1"),
                                p -> {},
                                new Cancellation()))
                .isEmpty();
    }
}
