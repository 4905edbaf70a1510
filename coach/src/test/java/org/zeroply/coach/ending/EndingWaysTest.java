package org.zeroply.coach.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/** Plans and failing tries of pawn endings that are proved without an engine. */
class EndingWaysTest {

    private static final Engine NO_HELP = new ScriptedEngine((request, move) -> 0.6);

    private static EndingReport solve(Position position) {
        return new EndingSolver(NO_HELP, Endings.NONE, 1)
                .solve(position, p -> {}, new Cancellation())
                .orElseThrow();
    }

    private static Position fen(String board) {
        return Position.fromFen(board + " - - 0 1");
    }

    @ParameterizedTest(name = "{1} {2} {3}")
    @CsvSource({
        // The pawn goes on too early.
        "2k5/8/1K6/2P5/8/8/8/8 w, c6, DRAW, the other king has the opposition",
        "8/8/4k3/8/3K4/8/4P3/8 w, e3, DRAW, the other king has the opposition",
        "8/8/4k3/8/3K4/8/4P3/8 w, e4, DRAW, 'the king holds d5, e5, e6 and e7'",
        "8/2k5/8/1K6/2P5/8/8/8 w, c5, DRAW, it ends in stalemate",
        // It goes into a pawn, or the king away from one.
        "8/2p5/8/1P6/8/1k6/8/1K6 b, c6, LOSS, the other pawn promotes on c8",
        "8/8/4k3/P7/8/8/8/7K b, Ke5, LOSS, the other pawn promotes on a8",
        "4k3/8/4K3/4P3/8/8/8/8 b, Kd7, LOSS,",
    })
    void a_direct_try_that_fails_is_told_with_its_reason(
            String board, String san, EndingReport.Result result, String reason) throws Exception {
        Position position = fen(board);
        List<DirectTry> tries = solve(position).ways().tries();
        if (reason == null) {
            assertThat(tries).isEmpty();
            return;
        }
        Move move = San.read(position, san);
        assertThat(tries)
                .filteredOn(t -> t.move().equals(move))
                .singleElement()
                .matches(t -> t.result() == result)
                .matches(t -> t.text().startsWith(san + " at once "))
                .matches(t -> t.text().contains(reason));
    }

    @Test
    void two_plans_are_told_where_another_pawn_promotes_too() {
        EndingWays ways = solve(fen("5k2/8/3K4/4PP2/8/8/8/8 w")).ways();
        assertThat(ways.plan()).contains("the pawn promotes: e8=Q");
        assertThat(ways.other()).contains("the pawn promotes: f8=Q");
        assertThat(ways.otherLine()).isNotEmpty();
    }

    @Test
    void where_one_pawn_has_one_way_there_is_one_plan() {
        assertThat(solve(fen("8/8/8/6K1/7P/8/8/1k6 w")).ways().other()).isEmpty();
    }

    @Test
    void a_drawn_line_is_one_that_a_player_would_play() {
        Position start = fen("8/8/1k6/8/2P5/2K5/8/8 w");
        Position end = start.play(solve(start).moves().line());
        assertThat(end.fen()).as("the pawn is kept").contains("P");
    }

    /** Kings and a pawn anywhere: what is told never keeps the result, and its line is legal. */
    @Property(tries = 80)
    void a_try_gives_the_result_away_and_its_line_can_be_played(
            @ForAll @IntRange(max = 63) int white,
            @ForAll @IntRange(max = 63) int black,
            @ForAll @IntRange(min = 8, max = 47) int pawn) {
        char[] board = new char[64];
        Arrays.fill(board, '1');
        board[white] = 'K';
        board[black] = 'k';
        board[pawn] = 'P';
        StringBuilder text = new StringBuilder();
        for (int rank = 7; rank >= 0; rank--) {
            text.append(board, 8 * rank, 8).append(rank > 0 ? "/" : "");
        }
        Position position;
        try {
            position = fen(text + " w");
        } catch (IllegalArgumentException impossible) {
            return;
        }
        if (position.legalMoves().isEmpty()) {
            return;
        }
        EndingReport report = solve(position);
        for (DirectTry failed : report.ways().tries()) {
            assertThat(report.moves().keeping()).doesNotContain(failed.move());
            Position now = position;
            for (Move move : failed.line()) {
                assertThat(now.legalMoves()).contains(move);
                now = now.play(move);
            }
        }
    }
}
