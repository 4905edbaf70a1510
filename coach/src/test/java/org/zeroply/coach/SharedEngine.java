package org.zeroply.coach;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * The engine for tests that ask about the same positions again and again. What it answers to a
 * number of nodes is the same each time, so it is searched for once.
 */
public final class SharedEngine implements Engine {

    private static final Map<Question, Analysis> KNOWN = new ConcurrentHashMap<>();

    private final int megabytes;
    private final Engine engine;

    /** The size of the table is part of the question. */
    private record Question(int megabytes, AnalysisRequest request) {}

    /** With a table of so many megabytes. */
    public SharedEngine(int megabytes) {
        this.megabytes = megabytes;
        engine = new BuiltInEngine(megabytes);
    }

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        boolean same = request.limits().isDeterministic() && request.threads() == 1;
        Question question = new Question(megabytes, request);
        Analysis known = same ? KNOWN.get(question) : null;
        if (known != null) {
            return known;
        }
        Analysis analysis = engine.analyse(request, listener, cancellation);
        if (same && !cancellation.isCancelled()) {
            KNOWN.put(question, analysis);
        }
        return analysis;
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
