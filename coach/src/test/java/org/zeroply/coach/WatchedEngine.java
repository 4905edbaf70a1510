package org.zeroply.coach;

import java.util.function.BiConsumer;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * An engine of which a test is told before each search.
 *
 * @param before told what is asked, and may cancel it
 */
public record WatchedEngine(Engine engine, BiConsumer<AnalysisRequest, Cancellation> before)
        implements Engine {

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        before.accept(request, cancellation);
        return engine.analyse(request, listener, cancellation);
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
