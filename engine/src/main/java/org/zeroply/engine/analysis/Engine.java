package org.zeroply.engine.analysis;

/** Whatever calculates: the only thing the rest of the program knows about engines. */
public interface Engine {

    /** Name and version without spaces, kept with every stored verdict. */
    String name();

    /**
     * Analyses a position on the calling thread until a limit is reached or the work is cancelled.
     * With one thread and a depth or node limit the result is the same every time.
     *
     * @param listener told of every finished depth, on the thread that analyses
     * @throws EngineFailure if the engine cannot go on
     * @return what was found up to then; no lines when the side to move has no legal move
     */
    Analysis analyse(AnalysisRequest request, AnalysisListener listener, Cancellation cancellation);

    /** Forgets what was remembered from earlier analyses, as before a new game. */
    default void forget() {}

    /** Analyses without listening, not to be cancelled. */
    default Analysis analyse(AnalysisRequest request) {
        return analyse(request, a -> {}, new Cancellation());
    }
}
