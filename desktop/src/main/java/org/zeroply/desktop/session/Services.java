package org.zeroply.desktop.session;

import org.zeroply.coach.exercise.draft.SchemeDraft;
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

    /** Drafts marking schemes, on the usual number of nodes and points. */
    public SchemeDraft drafter() {
        return new SchemeDraft(marking, endings.tables(), SchemeDraft.NODES, SchemeDraft.POINTS);
    }

    /** Ends all work and closes the library. */
    public void close() {
        endings.close();
        reviews.close();
        live.close();
        background.close();
        library.close();
    }
}
