package org.zeroply.workshop;

import java.util.List;
import java.util.function.Function;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * An engine that says what it is told to.
 *
 * @param answer to a request
 */
public record SayingEngine(Function<AnalysisRequest, Analysis> answer) implements Engine {

    /** The first legal move, worth so many centipawns. */
    public static SayingEngine firstMove(int centipawns) {
        return new SayingEngine(
                request ->
                        move(
                                request.position().legalMoves().get(0),
                                new Score.Centipawns(centipawns)));
    }

    /** An analysis of one move alone. */
    public static Analysis move(Move move, Score score) {
        return new Analysis(
                List.of(
                        new Analysis.Candidate(
                                move, score, new ExpectedScore(0.5), 1, 1, List.of(move))),
                List.of(),
                1,
                1,
                1,
                1);
    }

    @Override
    public String name() {
        return "saying";
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        return answer.apply(request);
    }
}
