package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Replies as somebody might choose who sees what the engine sees, where no games are at hand: as if
 * {@value #GAMES} games had been played, a move that is worth less chosen more rarely.
 */
public final class EngineReplies implements Replies {

    private static final int GAMES = 40;
    private static final int ALL_MOVES = 256;

    /** A loss of so much expected score weighs 1/e; this program's own choice. */
    private static final double CARELESSNESS = 0.02;

    private final Engine engine;
    private final long nodes;
    private final Map<Position, List<Reply>> known = new HashMap<>();

    /**
     * @param nodes nodes for each position
     */
    public EngineReplies(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public boolean werePlayed() {
        return false;
    }

    @Override
    public List<Reply> at(Position position) {
        return known.computeIfAbsent(position, this::search);
    }

    private List<Reply> search(Position position) {
        if (position.legalMoves().isEmpty()) {
            return List.of();
        }
        List<Analysis.Candidate> lines =
                engine.analyse(
                                AnalysisRequest.of(position, Limits.nodes(nodes))
                                        .withLines(ALL_MOVES))
                        .lines();
        double best = lines.get(0).expected();
        double sum = lines.stream().mapToDouble(c -> weight(c, best)).sum();
        List<Reply> replies = new ArrayList<>();
        for (Analysis.Candidate c : lines) {
            int games = (int) Math.round(GAMES * weight(c, best) / sum);
            if (games > 0) {
                replies.add(new Reply(c.move(), games, Optional.empty()));
            }
        }
        return replies;
    }

    private static double weight(Analysis.Candidate candidate, double best) {
        return Math.exp((candidate.expected() - best) / CARELESSNESS);
    }
}
