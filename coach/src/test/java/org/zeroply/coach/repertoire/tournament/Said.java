package org.zeroply.coach.repertoire.tournament;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;

/** An engine that holds every position for level, but for those of which it is told otherwise. */
final class Said {

    private final Map<Position, Double> white = new HashMap<>();

    /** White's expected score after these moves, whatever is played there. */
    Said of(String line, double expected) {
        Position p = Position.START;
        try {
            for (String san : line.split(" ")) {
                p = p.play(San.read(p, san));
            }
        } catch (NotationException e) {
            throw new IllegalArgumentException(line, e);
        }
        white.put(p, expected);
        return this;
    }

    private double opinion(AnalysisRequest request, Move move) {
        Position p = request.position();
        double here = white.getOrDefault(p, 0.5);
        double expected = white.getOrDefault(p.play(move), here);
        return p.sideToMove() == Side.WHITE ? expected : 1 - expected;
    }

    MoveEvaluator evaluator() {
        return new MoveEvaluator(new ScriptedEngine(this::opinion), 1_000, new Cancellation());
    }

    static List<MoveTree> trees(String pgn) {
        return PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }
}
