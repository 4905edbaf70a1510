package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

/** A search told depth by depth: at so many nodes these moves lead with these scores. */
class SettlingTest {

    private static Analysis after(String row) {
        String[] parts = row.split(":");
        List<Analysis.Candidate> lines = new ArrayList<>();
        for (String move : parts[1].strip().split("\\s+")) {
            String[] pair = move.split("=");
            lines.add(candidate(pair[0], pair[1]));
        }
        return new Analysis(lines, List.of(), 5, Long.parseLong(parts[0].strip()), 1, 0);
    }

    private static Analysis.Candidate candidate(String san, String text) {
        try {
            Move move = San.read(Position.START, san);
            Score score =
                    text.startsWith("#")
                            ? new Score.Mate(Integer.parseInt(text.substring(1)))
                            : new Score.Centipawns(Integer.parseInt(text));
            double expected =
                    score instanceof Score.Mate ? 1 : 1 / (1 + Math.exp(-score.ordinal() / 168.0));
            return new Analysis.Candidate(
                    move, score, new ExpectedScore(expected), 5, 5, List.of(move));
        } catch (NotationException e) {
            throw new IllegalArgumentException(e);
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "100: e4=20; 200: e4=22; 400: e4=25 | settled",
                "100: e4=20; 300: e4=22 | it was looked at too briefly",
                "100: e4=20; 200: e4=22; 400: d4=90 | what the best move is worth still changes",
                "100: e4=20 d4=18; 200: d4=20 e4=19; 400: e4=21 d4=20 | settled",
                "100: e4=30 d4=-60; 200: e4=30 d4=-60; 400: d4=30 e4=-20"
                        + " | the best move still changes",
                "100: e4=20 d4=-60; 200: e4=20 d4=-10; 400: e4=20 d4=-10"
                        + " | what other moves lose still changes",
                "40: d4=200; 100: e4=20; 200: e4=22; 400: e4=25 | settled",
                "10: e4=#3 | settled"
            })
    void is_settled_when_it_held_over_two_doublings(String told, String verdict) {
        Settling settling = new Settling(new Cancellation(), 100);
        for (String row : told.split(";")) {
            settling.found(after(row));
        }
        Sureness sureness = settling.sureness();
        assertThat(sureness.settled()).isEqualTo(verdict.equals("settled"));
        assertThat(sureness.settled() ? "settled" : sureness.reason()).isEqualTo(verdict);
    }

    /** Tells depths with ever more nodes, the best move always the same, until it is stopped. */
    private static Engine steady(long[] spent) {
        return new Engine() {
            @Override
            public String name() {
                return "steady";
            }

            @Override
            public Analysis analyse(
                    AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
                Analysis last = after("1: e4=20");
                for (long n = 2;
                        n <= request.limits().nodes() && !cancellation.isCancelled();
                        n *= 2) {
                    last = after(n + ": e4=20");
                    listener.found(last);
                    spent[0] = n;
                }
                return last;
            }
        };
    }

    @Test
    void a_search_ends_when_it_is_settled_and_the_whole_work_is_not_cancelled() {
        long[] spent = new long[1];
        Cancellation whole = new Cancellation();
        MoveEvaluator evaluator = new MoveEvaluator(steady(spent), Endings.NONE, 1000, whole);

        Choice choice = evaluator.settled(Position.START, 1, 1_000_000).orElseThrow();

        assertThat(choice.sureness().settled()).isTrue();
        assertThat(spent[0]).isBetween(1000L, 4000L);
        assertThat(whole.isCancelled()).isFalse();
        assertThat(evaluator.choice(Position.START, 1).orElseThrow().moves()).hasSize(1);
    }
}
