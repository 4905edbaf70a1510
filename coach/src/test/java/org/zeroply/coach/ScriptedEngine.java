package org.zeroply.coach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * An engine that says of each move what a test wants it to say, and remembers what it was asked.
 */
public final class ScriptedEngine implements Engine {

    private static final int DEPTH = 8;

    private static final Comparator<Analysis.Candidate> BEST_FIRST =
            Comparator.comparing(Analysis.Candidate::expected)
                    .thenComparing(Analysis.Candidate::score)
                    .reversed();

    private final BiFunction<AnalysisRequest, Move, Analysis.Candidate> judge;
    private final Function<Position, List<Analysis.DepthBest>> leaders;
    private final List<AnalysisRequest> asked = new ArrayList<>();

    /** What a move is worth to who plays it, 0 to 1. */
    @FunctionalInterface
    public interface Opinion {
        double of(AnalysisRequest request, Move move);
    }

    /** An engine with an opinion on every move. */
    public ScriptedEngine(Opinion opinion) {
        this(opinion, position -> List.of());
    }

    /**
     * @param leaders the best move at each depth on the way
     */
    public ScriptedEngine(Opinion opinion, Function<Position, List<Analysis.DepthBest>> leaders) {
        this(leaders, (request, move) -> candidate(move, opinion.of(request, move)));
    }

    private ScriptedEngine(
            Function<Position, List<Analysis.DepthBest>> leaders,
            BiFunction<AnalysisRequest, Move, Analysis.Candidate> judge) {
        this.judge = judge;
        this.leaders = leaders;
    }

    /** An engine that says of each move all that it says, its score too. */
    public static ScriptedEngine judging(
            BiFunction<AnalysisRequest, Move, Analysis.Candidate> judge) {
        return new ScriptedEngine(position -> List.of(), judge);
    }

    /** What it was asked so far. */
    public List<AnalysisRequest> asked() {
        return asked;
    }

    @Override
    public String name() {
        return "scripted";
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        asked.add(request);
        List<Analysis.Candidate> lines =
                request.candidates().stream()
                        .map(m -> judge.apply(request, m))
                        .sorted(BEST_FIRST)
                        .limit(request.lines())
                        .toList();
        List<Analysis.DepthBest> byDepth = leaders.apply(request.position());
        Analysis found = new Analysis(lines, byDepth, DEPTH, request.limits().nodes(), 1, 0);
        listener.found(found);
        return found;
    }

    /** A move with nothing after it; the higher the expected score, the higher the score. */
    public static Analysis.Candidate candidate(Move move, double expected) {
        Score score = new Score.Centipawns((int) (1000 * (expected - 0.5)));
        return candidate(move, score, expected);
    }

    /** A move with nothing after it. */
    public static Analysis.Candidate candidate(Move move, Score score, double expected) {
        return Analysis.Candidate.ofMove(move, score, new ExpectedScore(expected), DEPTH);
    }
}
