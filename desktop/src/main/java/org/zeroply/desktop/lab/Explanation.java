package org.zeroply.desktop.lab;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.eval.EvaluationBreakdown;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.network.StaticJudge;

/**
 * The evaluation of a position term by term, and what the move before it changed.
 *
 * @param rows the terms
 * @param total centipawns from White's view
 * @param change what the move changed in the total, from White's view; 0 without a move
 * @param learnt what the network says of the position, in centipawns from White's view; nothing
 *     with so few men that the terms alone judge
 */
public record Explanation(List<Row> rows, int total, int change, OptionalInt learnt) {

    /** From so many centipawns on the two judges are said to differ: our choice. */
    private static final int APART = 75;

    public Explanation {
        rows = List.copyOf(rows);
    }

    /**
     * One term, in centipawns.
     *
     * @param change what the move changed, from White's view
     */
    public record Row(String name, int white, int black, int change) {}

    /** Whether the network says something else than the terms. */
    public boolean isDisputed() {
        return learnt.isPresent() && Math.abs(learnt.getAsInt() - total) >= APART;
    }

    /**
     * Explains a position.
     *
     * @param before the position before the move that led here, if there is one
     */
    public static Explanation of(Position position, Optional<Position> before) {
        Evaluator evaluator = new Evaluator();
        EvaluationBreakdown now = evaluator.explain(position);
        EvaluationBreakdown then = before.map(evaluator::explain).orElse(now);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < now.terms().size(); i++) {
            EvaluationBreakdown.Entry a = now.terms().get(i);
            EvaluationBreakdown.Entry b = then.terms().get(i);
            int change = a.white() - a.black() - (b.white() - b.black());
            rows.add(new Row(a.name(), a.white(), a.black(), change));
        }
        return new Explanation(
                rows,
                now.total(),
                now.total() - then.total(),
                StaticJudge.shipped().learnt(position));
    }
}
