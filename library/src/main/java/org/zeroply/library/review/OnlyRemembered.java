package org.zeroply.library.review;

import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** Stands in for an engine whose answers are all remembered; it refuses to search anything. */
record OnlyRemembered(String name) implements Engine {

    /** An answer was asked for that is not remembered. */
    static final class NotThere extends RuntimeException {
        NotThere() {
            super("not remembered");
        }
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        throw new NotThere();
    }
}
