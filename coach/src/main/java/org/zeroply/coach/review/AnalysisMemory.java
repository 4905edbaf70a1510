package org.zeroply.coach.review;

import java.util.Optional;

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
    Optional<Remembered> find(Key key);

    /** Keeps an analysis that was finished, in the place of one under the same key. */
    void keep(Key key, Remembered analysis);
}
