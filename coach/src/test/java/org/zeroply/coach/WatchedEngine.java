package org.zeroply.coach;

import java.util.function.BiConsumer;
import java.util.function.Predicate;
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

    /** One that falls over in some positions, told by their FEN. */
    public static WatchedEngine stumbling(Engine engine, Predicate<String> where) {
        return new WatchedEngine(
                engine,
                (asked, cancellation) -> {
                    if (where.test(asked.position().fen())) {
                        throw new IllegalStateException("it stumbled");
                    }
                });
    }

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
