package org.zeroply.desktop.work;

import org.zeroply.coach.SharedEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;

/**
 * Our engine with a fraction of the nodes it is asked for, for tests of what a window does with
 * what is found, whatever that is.
 */
public final class BriefEngine implements Engine {

    /** Brief ones for all of a window. */
    public static final Engines ENGINES =
            new Engines(Limits.nodes(150_000), false, (megabytes, exact) -> new BriefEngine(exact));

    private static final int FRACTION = 10;
    private static final int MEGABYTES = 1;

    private final Engine engine;

    private BriefEngine(Endings endings) {
        engine = SharedEngine.with(MEGABYTES, endings, KeptEngines.NAME);
    }

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        Limits asked = request.limits();
        long nodes = Math.max(1, asked.nodes() / FRACTION);
        AnalysisRequest brief =
                new AnalysisRequest(
                        request.start(),
                        request.moves(),
                        new Limits(asked.depth(), nodes, asked.millis()),
                        request.lines(),
                        request.rootMoves(),
                        request.threads());
        return engine.analyse(brief, listener, cancellation);
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
