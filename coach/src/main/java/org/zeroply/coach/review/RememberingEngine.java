package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * An engine that answers from memory what it was asked before, and tells who listens the last of
 * what was found on the way. Only answers that must always be the same are kept: one thread, a
 * number of nodes as the limit, all moves, a position without a past.
 */
public final class RememberingEngine implements Engine {

    private final Engine engine;
    private final AnalysisMemory memory;

    public RememberingEngine(Engine engine, AnalysisMemory memory) {
        this.engine = engine;
        this.memory = memory;
    }

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        if (!isRepeatable(request)) {
            return engine.analyse(request, listener, cancellation);
        }
        AnalysisMemory.Key key = key(request);
        Optional<Remembered> known = memory.find(key).filter(r -> r.way().isPresent());
        if (known.isPresent()) {
            known.get().way().orElseThrow().forEach(listener::found);
            return known.get().analysis();
        }
        Telling telling = new Telling(listener);
        Analysis analysis = engine.analyse(request, telling, cancellation);
        // What was broken off is no answer.
        if (!cancellation.isCancelled()) {
            memory.keep(key, Remembered.of(analysis, telling.told));
        }
        return analysis;
    }

    /** Tells a listener, and notes what was told. */
    private static final class Telling implements AnalysisListener {

        private final AnalysisListener listener;
        private final List<Analysis> told = new ArrayList<>();

        Telling(AnalysisListener listener) {
            this.listener = listener;
        }

        @Override
        public void found(Analysis soFar) {
            told.add(soFar);
            listener.found(soFar);
        }

        @Override
        public void begins(Move move, int number, long nodes) {
            listener.begins(move, number, nodes);
        }
    }

    private static boolean isRepeatable(AnalysisRequest request) {
        Limits limits = request.limits();
        boolean byNodes = limits.equals(Limits.nodes(limits.nodes()));
        return limits.isDeterministic()
                && byNodes
                && request.threads() == 1
                && request.rootMoves().isEmpty()
                && request.moves().isEmpty();
    }

    private AnalysisMemory.Key key(AnalysisRequest request) {
        String fen = request.start().fen();
        String position = fen.substring(0, fen.lastIndexOf(' '));
        return new AnalysisMemory.Key(
                engine.name(), position, request.limits().nodes(), request.lines());
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
