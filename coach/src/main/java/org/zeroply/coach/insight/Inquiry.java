package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.engine.analysis.Cancellation;

/** A question to a position whose answer takes a search. */
interface Inquiry {

    /** What a verdict is made of is looked at on so many times the nodes of a brief question. */
    int LONGER = 5;

    /** The kinds of facts that it tells; none where it only takes facts back. */
    Set<FactKind> kinds();

    /** What is being looked for, to be read while it goes on. */
    String name();

    /**
     * Answers the question; facts are handed on as they are found.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    void answer(Position position, FactSink found, Cancellation cancellation);

    /** The same line seen from before a pass of the other side. */
    static List<Move> afterPass(Position asked, Position played, List<Move> line) {
        if (asked.sideToMove() == played.sideToMove()) {
            return line;
        }
        List<Move> moves = new ArrayList<>(List.of(Move.NULL));
        moves.addAll(line);
        return moves;
    }
}
