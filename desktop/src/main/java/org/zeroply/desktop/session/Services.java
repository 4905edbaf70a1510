package org.zeroply.desktop.session;

import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;

/**
 * What desks call on: the library, background work, the live engine, the one that marks, the maker
 * of exact endings, and the queue of reviews.
 */
public record Services(
        Library library,
        Background background,
        LiveAnalysis live,
        Engine marking,
        EndingsMaker endings,
        ReviewQueue reviews) {

    /** Ends all work and closes the library. */
    public void close() {
        endings.close();
        reviews.close();
        live.close();
        background.close();
        library.close();
    }
}
