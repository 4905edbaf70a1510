package org.zeroply.coach.review;

import java.util.Optional;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * An engine that answers from memory what it was asked before. Only answers that must always be the
 * same are kept: one thread, a number of nodes as the limit, all moves, a position without a past.
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
        Optional<Analysis> known = memory.find(key);
        if (known.isPresent()) {
            return known.get();
        }
        Analysis analysis = engine.analyse(request, listener, cancellation);
        // What was broken off is no answer.
        if (!cancellation.isCancelled()) {
            memory.keep(key, analysis);
        }
        return analysis;
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
