package org.zeroply.coach.insight;

import java.util.function.Consumer;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.engine.analysis.Cancellation;

/** A question to a position whose answer takes a search. */
interface Inquiry {

    /** What is being looked for, to be read while it goes on. */
    String name();

    /** Answers as far as it is not cancelled; facts are handed on as they are found. */
    void answer(Position position, Consumer<Fact> found, Cancellation cancellation);
}
