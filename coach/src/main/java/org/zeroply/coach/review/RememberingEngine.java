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
        Optional<AnalysisMemory.Key> key = key(engine.name(), request);
        if (key.isEmpty()) {
            return engine.analyse(request, listener, cancellation);
        }
        Optional<Analysis> known = memory.find(key.get());
        if (known.isPresent()) {
            return known.get();
        }
        Analysis analysis = engine.analyse(request, listener, cancellation);
        // What was broken off is no answer.
        if (!cancellation.isCancelled()) {
            memory.keep(key.get(), analysis);
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

    /**
     * Under what the answer of an engine is kept; nothing where it may be another one each time.
     *
     * @param engine name and version of the engine
     */
    public static Optional<AnalysisMemory.Key> key(String engine, AnalysisRequest request) {
        if (!isRepeatable(request)) {
            return Optional.empty();
        }
        String fen = request.start().fen();
        String position = fen.substring(0, fen.lastIndexOf(' '));
        return Optional.of(
                new AnalysisMemory.Key(
                        engine, position, request.limits().nodes(), request.lines()));
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
