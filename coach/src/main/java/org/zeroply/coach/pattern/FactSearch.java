package org.zeroply.coach.pattern;

import java.util.List;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;

/** Tells the facts of a position that take a search. */
public interface FactSearch {

    /** Searches for nothing and finds nothing. */
    FactSearch NONE = (position, kind) -> List.of();

    /**
     * The facts of a kind.
     *
     * @throws java.util.concurrent.CancellationException when it was asked to stop
     */
    List<Fact> of(Position position, FactKind kind);
}
