package org.zeroply.coach.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.WatchedEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

@Tag("slow")
class TrialTest {

    private static final Strength CLUB = new Strength(1400);
    private static final Position QUEEN_UP =
            Position.fromFen("4k3/pppp1ppp/8/8/8/8/PPPP1PPP/3QK3 w - - 0 1");

    private final Engine engine = new SharedEngine(1);

    private PlayOut.Played play(Position start, long seed) {
        return new PlayOut(engine, CLUB, CLUB).play(start, seed, new Cancellation());
    }

    @Test
    void a_game_played_out_is_legal_ends_and_is_the_same_for_the_same_seed() {
        PlayOut.Played game = play(QUEEN_UP, 3);
        Position p = QUEEN_UP;
        for (Move move : game.moves()) {
            assertThat(p.legalMoves()).contains(move);
            p = p.play(move);
        }
        assertThat(game.decided()).isTrue();
        assertThat(game.whiteScore()).isEqualTo(1);
        assertThat(play(QUEEN_UP, 3)).isEqualTo(game);
    }

    /** The first move of a game that is broken off as soon as it is chosen. */
    private Move firstMove(long seed) {
        Cancellation broken = new Cancellation();
        Engine once = new WatchedEngine(engine, (request, end) -> broken.cancel());
        return new PlayOut(once, CLUB, CLUB).play(Position.START, seed, broken).moves().get(0);
    }

    @Test
    void neighbouring_seeds_begin_with_different_moves() {
        List<Move> first = LongStream.range(0, 20).mapToObj(this::firstMove).distinct().toList();
        assertThat(first).hasSizeGreaterThan(2);
    }

    @Test
    void a_probe_counts_all_games_and_agrees_with_a_won_position() {
        int[] told = {0};
        PracticalProbe.Tally tally =
                new PracticalProbe(engine, CLUB, CLUB)
                        .run(QUEEN_UP, 20, 1, t -> told[0]++, new Cancellation())
                        .orElseThrow();
        assertThat(told[0]).isEqualTo(20);
        assertThat(tally.games()).isEqualTo(20);
        assertThat(tally.score()).isGreaterThan(0.8);
        assertThat(tally.margin()).isLessThan(0.25);
        assertThat(tally.text()).contains("in 20 games");
    }

    @Test
    void a_cancelled_probe_has_no_result() {
        Cancellation cancellation = new Cancellation();
        PracticalProbe probe = new PracticalProbe(engine, CLUB, CLUB);
        assertThat(probe.run(QUEEN_UP, 50, 1, t -> cancellation.cancel(), cancellation)).isEmpty();
    }

    @Test
    void the_stronger_side_scores_more() {
        PracticalProbe.Tally tally =
                new PracticalProbe(engine, new Strength(2200), CLUB)
                        .run(Position.START, 20, 5, t -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(tally.score()).isGreaterThan(0.7);
    }
}
