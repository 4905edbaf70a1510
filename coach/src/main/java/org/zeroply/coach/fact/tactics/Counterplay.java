package org.zeroply.coach.fact.tactics;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.exchange.LegalExchange;

/** How much a side can still stir up: its forcing moves, counted. */
public final class Counterplay {

    private Counterplay() {}

    /**
     * Checks of the side to move, and captures that lose nothing by static exchange: after the move
     * of the other side, the replies that it has to reckon with.
     */
    public static int forcingMoves(Position position) {
        Board board = position.toBoard();
        return (int)
                position.legalMoves().stream()
                        .filter(
                                m ->
                                        m.isCapture() && LegalExchange.of(board, m.packed()) >= 0
                                                || position.play(m).inCheck())
                        .count();
    }
}
