package org.zeroply.coach.defence;

import org.zeroply.chess.board.Position;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;

/** What tests of defences stand on. */
public abstract class DefenceBoards {

    /** White threatens mate on the back rank; h6, Kf8 and the rook at home hold. */
    protected static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    protected static MoveEvaluator evaluator() {
        return evaluator(new Cancellation());
    }

    protected static MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(
                new SharedEngine(16), Endings.NONE, Eliminator.NODES, cancellation);
    }

    protected static Position fen(String fen) {
        return Position.fromFen(fen);
    }

    protected static Elimination eliminate(Position position) {
        return new Eliminator(evaluator()).run(position, e -> {}).orElseThrow();
    }
}
