package org.zeroply.coach.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.ending.ExactPawnEndings;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;

/**
 * An engine that solves the endings which can be solved, and leaves all else to another one. It has
 * the other one's name.
 */
public final class SolvingEngine implements Engine {

    /** From so many nodes on the time that it takes to solve a pawn ending may be taken. */
    static final long SOLVING = 5_000;

    /** Plies of a line that draws. */
    private static final int SHOWN = 13;

    /** Nodes for each ply of such a line. */
    private static final long BRIEF = 500;

    private final Engine engine;
    private final Endings endings;

    public SolvingEngine(Engine engine, Endings endings) {
        this.engine = engine;
        this.endings = endings;
    }

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public void forget() {
        engine.forget();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        long began = System.nanoTime();
        List<Analysis.Candidate> best =
                moves(request.position(), request.limits().nodes(), cancellation).stream()
                        .filter(w -> request.candidates().contains(w.move()))
                        .limit(request.lines())
                        .map(w -> shown(request.position(), w, cancellation))
                        .map(SolvingEngine::candidate)
                        .toList();
        if (best.isEmpty()) {
            return engine.analyse(request, listener, cancellation);
        }
        Analysis.DepthBest leader =
                new Analysis.DepthBest(1, best.get(0).move(), best.get(0).score());
        long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        Analysis solved = new Analysis(best, List.of(leader), 1, best.size(), millis, 0);
        listener.found(solved);
        return solved;
    }

    private static Analysis.Candidate candidate(Weighed w) {
        return new Analysis.Candidate(
                w.move(), w.score(), w.expected(), 1, w.line().size(), w.line());
    }

    /**
     * All moves, best first, perhaps with nothing but the move for a line; none where not every one
     * of them is known, or when cancelled.
     *
     * @param nodes nodes for a search; a brief look does not solve anything
     */
    List<Weighed> moves(Position position, long nodes, Cancellation cancellation) {
        return nodes < SOLVING
                ? ExactMoves.byTables(position, endings)
                : ExactMoves.of(position, endings, cancellation);
    }

    /**
     * One of these moves with what follows it: a draw with moves of both sides that draw too, those
     * that look best at a glance; a win up to its promotion or mate.
     */
    Weighed shown(Position position, Weighed w, Cancellation cancellation) {
        if (w.line().size() > 1) {
            return w;
        }
        List<Move> line = new ArrayList<>(w.line());
        Position now = position.play(w.move());
        if (!w.expected().equals(ExpectedScore.DRAW)) {
            line.addAll(ExactPawnEndings.line(now, endings, cancellation));
            return w.with(line);
        }
        while (line.size() < SHOWN) {
            Optional<Move> next = drawing(now, cancellation);
            if (next.isEmpty()) {
                break;
            }
            line.add(next.get());
            now = now.play(next.get());
        }
        return w.with(line);
    }

    private Optional<Move> drawing(Position position, Cancellation cancellation) {
        List<Move> draws = ExactMoves.draws(position, endings, cancellation);
        return draws.isEmpty()
                ? Optional.empty()
                : engine.analyse(
                                AnalysisRequest.of(position, Limits.nodes(BRIEF)).among(draws),
                                a -> {},
                                cancellation)
                        .best()
                        .map(Analysis.Candidate::move);
    }
}
