package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.network.StaticJudge;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.RandomOpenings;
import org.zeroply.workshop.SayingEngine;

/** Pairs of games, one after the other. */
class MatchTest {

    private static final int SURE = 3000;

    /** Notes what it is asked; sure of its side from the first move on. */
    private static final class Noting implements Engine {
        private final List<String> log = new ArrayList<>();
        private final int white;

        Noting(int white) {
            this.white = white;
        }

        @Override
        public String name() {
            return "noting";
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            log.add("move");
            Position now = request.position();
            int score = now.toBoard().sideToMove() == 0 ? white : -white;
            return SayingEngine.move(now.legalMoves().get(0), new Score.Centipawns(score));
        }

        @Override
        public void forget() {
            log.add("forget");
        }
    }

    private static MatchResult play(Noting one, Noting two, int pairs) {
        Engine judge = new BuiltInEngine(1, StaticJudge.ofTerms(Weights.shipped()), Endings.NONE);
        return new Match(
                        () -> new Contestant(one, Limits.nodes(1), 1),
                        () -> new Contestant(two, Limits.nodes(1), 1),
                        new RandomOpenings(judge),
                        1)
                .play(pairs, 1, (asWhite, asBlack, soFar) -> {}, new Cancellation());
    }

    @Test
    void each_opening_is_played_with_both_colours() {
        MatchResult result = play(new Noting(SURE), new Noting(SURE), 2);

        assertThat(result.games()).isEqualTo(4);
        assertThat(result.wins()).as("whoever is White").isEqualTo(2);
        assertThat(result.losses()).isEqualTo(2);
    }

    @Test
    void nothing_is_brought_from_one_game_into_the_next() {
        Noting one = new Noting(SURE);
        Noting two = new Noting(SURE);
        play(one, two, 1);

        List<String> aGame = List.of("forget", "move", "move", "move");
        List<String> both = new ArrayList<>(aGame);
        both.addAll(aGame);
        assertThat(one.log).isEqualTo(both);
        assertThat(two.log).isEqualTo(both);
    }
}
