package org.zeroply.coach.review;

import java.util.Optional;
import org.zeroply.engine.analysis.Analysis;

/** Where analyses are kept, so that nothing is searched twice. */
public interface AnalysisMemory {

    /**
     * What an analysis depends on.
     *
     * @param engine name and version of the engine
     * @param position the position as FEN, without the number of the move
     * @param nodes nodes searched at most
     * @param lines moves told apart
     */
    record Key(String engine, String position, long nodes, int lines) {}

    /** The analysis kept under a key. */
    Optional<Analysis> find(Key key);

    /** Keeps an analysis that was finished. */
    void keep(Key key, Analysis analysis);
}
