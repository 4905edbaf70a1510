package org.zeroply.workshop.selfplay;

import java.util.concurrent.TimeUnit;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.network.StaticJudge;
import org.zeroply.engine.search.BuiltInEngine;

/** The many short searches that positions to learn from are made by. */
final class ShortSearches {

    private static final int MEGABYTES = 4;

    /** Beyond this a position teaches nothing about the worth of places, in centipawns. */
    private static final int DECIDED = 1800;

    private ShortSearches() {}

    /** An engine for one thread. */
    static Engine engine(StaticJudge judge) {
        return new BuiltInEngine(MEGABYTES, judge, Endings.NONE);
    }

    /**
     * A limit of positions. A search that must always come out the same begins by emptying its
     * memory, which would take longer than a short search itself. With a limit of time that is
     * never reached it does not; whoever searches empties the memory now and then.
     */
    static Limits limits(long nodes) {
        return new Limits(Limits.MAX_DEPTH, nodes, TimeUnit.HOURS.toMillis(1));
    }

    /** Whether a position with this best move, not in check, is quiet and undecided. */
    static boolean teaches(Analysis.Candidate best) {
        return best.score() instanceof Score.Centipawns
                && Math.abs(best.score().ordinal()) < DECIDED
                && !best.move().isCapture()
                && best.move().promotion().isEmpty();
    }
}
