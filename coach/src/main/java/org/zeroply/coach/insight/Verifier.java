package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/** Asks the engine short questions, always on the same number of nodes. */
final class Verifier {

    private final Engine engine;
    private final long nodes;
    private final Cancellation cancellation;

    Verifier(Engine engine, long nodes, Cancellation cancellation) {
        this.engine = engine;
        this.nodes = nodes;
        this.cancellation = cancellation;
    }

    /** The best of these moves; of all when none are given. Nothing when there is no move. */
    Optional<Analysis.Candidate> best(Position position, List<Move> among) {
        AnalysisRequest request = AnalysisRequest.of(position, Limits.nodes(nodes)).among(among);
        return engine.analyse(request, a -> {}, cancellation).best();
    }

    /** The same line seen from before a pass of the other side. */
    static List<Move> afterPass(Position asked, Position played, List<Move> line) {
        if (asked.sideToMove() == played.sideToMove()) {
            return line;
        }
        List<Move> moves = new ArrayList<>(List.of(Move.NULL));
        moves.addAll(line);
        return moves;
    }
}
