package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

class LiveAnalysisTest {

    private static final Position FORK =
            Position.fromFen("4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1");

    /** One ending is known: everything with three men is mate in four plies. */
    private static final Endings FEW_MEN =
            new Endings() {
                @Override
                public int mostMen() {
                    return 3;
                }

                @Override
                public int probe(Board board) {
                    return Long.bitCount(board.occupied()) <= 3 ? 4 : UNKNOWN;
                }
            };

    private final Scheduler scheduler = new Scheduler(new Messages(Clock.systemUTC()));

    private final LiveAnalysis live =
            new LiveAnalysis(
                    new EngineSettings(1, 1, "/nowhere/engine", "", 5),
                    new Engines(Limits.depth(8), true, BuiltInEngine::new),
                    FEW_MEN,
                    scheduler);

    @BeforeAll
    static void begin() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void end() {
        live.rest();
        scheduler.close();
        live.close();
    }

    @Test
    void it_follows_the_board_and_shows_as_many_lines_as_wanted() throws Exception {
        run(() -> live.follow(Optional.of(FORK)));
        until(() -> depth() == 8);
        assertThat(firstMove()).isEqualTo(move(FORK, "Nc7+"));
        run(() -> live.linesProperty().set(5));
        until(() -> depth() == 8 && finding().analysis().lines().size() == 5);
        run(() -> live.follow(Optional.empty()));
        until(() -> live.findingProperty().get().isEmpty());
    }

    @Test
    void it_stays_at_its_position_until_it_is_let_go() throws Exception {
        run(() -> live.follow(Optional.of(FORK)));
        run(() -> live.lockedProperty().set(true));
        run(() -> live.follow(Optional.of(Position.START)));
        assertThat(live.position()).contains(FORK);
        run(() -> live.lockedProperty().set(false));
        until(() -> depth() == 8 && finding().position().equals(Position.START));
    }

    @Test
    void a_move_left_out_is_left_out_here_and_nowhere_else() throws Exception {
        Move fork = move(FORK, "Nc7+");
        run(() -> live.follow(Optional.of(FORK)));
        run(() -> live.exclude(fork));
        until(() -> depth() == 8);
        assertThat(finding().analysis().lines()).noneMatch(c -> c.move().equals(fork));
        run(live::includeAll);
        until(() -> depth() == 8 && firstMove().equals(fork));
        run(() -> live.exclude(fork));
        run(() -> live.follow(Optional.of(Position.START)));
        assertThat(live.excluded()).isEmpty();
    }

    @Test
    void when_every_move_is_left_out_nothing_is_shown() throws Exception {
        Position oneMove = Position.fromFen("7k/5Q2/8/8/8/8/8/K5R1 b - - 0 1");
        List<Move> moves = oneMove.legalMoves();
        run(() -> live.follow(Optional.of(oneMove)));
        run(() -> moves.forEach(live::exclude));
        until(() -> live.findingProperty().get().isEmpty());
        assertThat(live.excluded()).hasSameSizeAs(moves);
    }

    @Test
    void when_the_second_engine_fails_that_is_said_and_ours_goes_on() throws Exception {
        run(() -> live.secondProperty().set(true));
        run(() -> live.follow(Optional.of(FORK)));
        until(() -> depth() == 8);
        until(() -> live.problemProperty().get().endsWith("Our own engine goes on."));
        assertThat(finding().engine()).startsWith("zeroply");
        run(() -> live.apply(EngineSettings.USUAL));
        assertThat(live.secondProperty().get()).as("there is none any more").isFalse();
    }

    @Test
    void what_is_known_exactly_is_marked_as_such() throws Exception {
        Position few = Position.fromFen("8/8/8/8/8/2k5/8/KQ6 w - - 0 1");
        run(() -> live.follow(Optional.of(few)));
        until(() -> depth() > 0);
        assertThat(finding().isExact()).isTrue();
        run(() -> live.follow(Optional.of(FORK)));
        until(() -> depth() > 0 && finding().position().equals(FORK));
        assertThat(finding().isExact()).isFalse();
    }

    @Test
    void it_rests_when_switched_off() throws Exception {
        run(() -> live.runningProperty().set(false));
        run(() -> live.follow(Optional.of(FORK)));
        assertThat(live.findingProperty().get()).isEmpty();
        run(() -> live.runningProperty().set(true));
        until(() -> depth() == 8);
    }

    private LiveAnalysis.Finding finding() {
        return live.findingProperty().get().orElseThrow();
    }

    private int depth() {
        return live.findingProperty().get().map(f -> f.analysis().depth()).orElse(0);
    }

    private Move firstMove() {
        return finding().analysis().best().orElseThrow().move();
    }

    private static Move move(Position position, String san) throws NotationException {
        return San.read(position, san);
    }
}
