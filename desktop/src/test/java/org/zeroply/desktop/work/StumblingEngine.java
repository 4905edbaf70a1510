package org.zeroply.desktop.work;

import java.util.function.Predicate;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;

/** An engine that falls over in some positions, told by their FEN. */
final class StumblingEngine implements Engine {

    private final Engine engine = new BuiltInEngine(8);
    private final Predicate<String> where;

    StumblingEngine(Predicate<String> where) {
        this.where = where;
    }

    @Override
    public String name() {
        return "stumbling";
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        if (where.test(request.position().fen())) {
            throw new IllegalStateException("it stumbled");
        }
        return engine.analyse(request, listener, cancellation);
    }
}
