package org.zeroply.workshop.suite;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.tuning.Points;

/**
 * Finds positions with one winning move that a short look misses: a mate, or material won by force
 * within seven moves.
 */
final class TacticsFinder implements KeyFinder {

    private static final long SHORT_LOOK = 150;
    private static final long SECOND_LOOK = 3000;
    private static final long LONGER_LOOK = 30_000;

    /** What the second look must see more, before it is worth looking longer. */
    private static final int HINT = 80;

    /** The winning move must be better than the short look and than every other move by this. */
    private static final int MARGIN = 200;

    private static final int LEAST_WIN = 200;
    private static final int MOST_MOVES = 7;
    private static final int LEAST_POINTS = 2;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes of the deep search that has the last word
     */
    public TacticsFinder(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /** The only winning move with its line, if the position is of that kind. */
    @Override
    public Optional<Analysis.Candidate> find(Position position) {
        Optional<Analysis.Candidate> first = look(position, SHORT_LOOK, 1).best();
        if (first.isEmpty() || first.get().score().ordinal() >= LEAST_WIN) {
            return Optional.empty();
        }
        int before = first.get().score().ordinal();
        int then = look(position, SECOND_LOOK, 1).best().orElseThrow().score().ordinal();
        if (then < LEAST_WIN - HINT || then - before < HINT) {
            return Optional.empty();
        }
        return only(look(position, LONGER_LOOK, 2))
                .filter(c -> c.score().ordinal() - before >= MARGIN)
                .flatMap(c -> only(look(position, nodes, 2)).filter(d -> d.move().equals(c.move())))
                .filter(c -> isForced(position, c));
    }

    private Analysis look(Position position, long budget, int lines) {
        return engine.analyse(AnalysisRequest.of(position, Limits.nodes(budget)).withLines(lines));
    }

    private static Optional<Analysis.Candidate> only(Analysis analysis) {
        List<Analysis.Candidate> lines = analysis.lines();
        return lines.size() == 2
                        && lines.get(0).score().ordinal() >= LEAST_WIN
                        && lines.get(0).score().ordinal() - lines.get(1).score().ordinal() >= MARGIN
                        && lines.get(1).score().ordinal() < LEAST_WIN
                ? Optional.of(lines.get(0))
                : Optional.empty();
    }

    private static boolean isForced(Position position, Analysis.Candidate candidate) {
        if (candidate.score() instanceof Score.Mate m) {
            return m.moves() > 0 && m.moves() <= MOST_MOVES;
        }
        Position now = position;
        int plies = Math.min(2 * MOST_MOVES, candidate.line().size());
        for (Move move : candidate.line().subList(0, plies)) {
            now = now.play(move);
        }
        int side = position.toBoard().sideToMove();
        int gained = Points.lead(now.toBoard(), side) - Points.lead(position.toBoard(), side);
        return gained >= LEAST_POINTS;
    }
}
