package org.zeroply.desktop.work;

import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * A search that nobody asked for, in the background: what the virtual machine learns from it about
 * our code, the first analysis of a lesson need not wait for.
 */
public final class WarmUp {

    /** A second or so of a processor that has nothing compiled yet; our choice. */
    static final long NODES = 500_000;

    /** A middlegame with all pieces, both sides castled, out of our own games. */
    private static final String MIDDLEGAME =
            "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9";

    private WarmUp() {}

    /** Begins where nothing else is at work that is not needed to begin with. */
    public static Task<Analysis> begin(Scheduler scheduler) {
        return scheduler.submit(
                Scheduler.Lane.ENDINGS, "", (cancellation, told) -> search(cancellation));
    }

    private static Analysis search(Cancellation cancellation) {
        AnalysisRequest request =
                AnalysisRequest.of(Position.fromFen(MIDDLEGAME), Limits.nodes(NODES));
        return new BuiltInEngine(1).analyse(request, soFar -> {}, cancellation);
    }
}
