package org.zeroply.coach.evaluation;

import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * What positions promise by an engine.
 *
 * @param nodes nodes for each search
 */
public record Expectation(Engine engine, long nodes) {

    /** What a position promises who is to move, 0 to 1; a finished game what it brought. */
    public double of(Position position) {
        return engine.analyse(AnalysisRequest.of(position, Limits.nodes(nodes)))
                .best()
                .map(Analysis.Candidate::expected)
                .orElse(position.isCheckmate() ? 0.0 : 0.5);
    }

    /** What one move loses against another, in points of a hundred; 0 if it is the better one. */
    public double loss(Position position, Move played, Move better) {
        return Math.max(0, 100 * (of(position.play(played)) - of(position.play(better))));
    }

    /** What a move loses against the best one, in points of a hundred. */
    public double loss(Position position, Move played) {
        return Math.max(0, 100 * (of(position) - (1 - of(position.play(played)))));
    }
}
