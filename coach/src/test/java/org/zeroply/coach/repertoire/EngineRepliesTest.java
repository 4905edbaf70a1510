package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.Cancellation;

/** Replies where no games are: as if forty had been played, the worse a move the more rarely. */
class EngineRepliesTest {

    /** Two bare kings, few moves. */
    private static final Position FEW = Position.fromFen("8/8/8/8/8/4k3/8/K7 w - - 0 1");

    private static List<Integer> games(ScriptedEngine.Opinion opinion, Position position) {
        return new EngineReplies(
                        new MoveEvaluator(new ScriptedEngine(opinion), 1_000, new Cancellation()))
                .at(position).stream().map(Replies.Reply::games).toList();
    }

    @Test
    void moves_of_like_worth_are_equally_likely() {
        int legal = FEW.legalMoves().size();
        assertThat(games((request, move) -> 0.5, FEW)).hasSize(legal).containsOnly(40 / legal);
    }

    @Test
    void a_move_that_loses_much_is_never_played() {
        var best = Position.START.legalMoves().get(3);
        assertThat(games((request, move) -> move.equals(best) ? 0.9 : 0.1, Position.START))
                .containsExactly(40);
    }

    @Test
    void a_small_loss_makes_a_move_rarer() {
        var best = FEW.legalMoves().get(0);
        List<Integer> games = games((request, move) -> move.equals(best) ? 0.53 : 0.5, FEW);
        // As much is lost as weighs 1/e: 23 games of 40, and 8 or 9 for each of the other two.
        assertThat(games.get(0)).isGreaterThan(games.get(games.size() - 1));
        assertThat(games.stream().mapToInt(g -> g).sum()).isBetween(39, 41);
    }

    @Test
    void they_were_not_played_and_tell_no_score() {
        EngineReplies replies =
                new EngineReplies(
                        new MoveEvaluator(
                                new ScriptedEngine((request, move) -> 0.5),
                                1_000,
                                new Cancellation()));
        assertThat(replies.werePlayed()).isFalse();
        assertThat(replies.at(FEW)).allMatch(r -> r.score().isEmpty());
    }
}
