package org.zeroply.cli.defence;

import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

/** Reads the move wished for: in SAN, also one that is legal only after a move of one's own. */
final class WishReader {

    private WishReader() {}

    /**
     * The move.
     *
     * @throws NotationException when it is legal neither now nor after one preparing move
     */
    static Move read(Position start, String text) throws NotationException {
        int from = text.length() < 4 ? -1 : Square.parse(text.substring(0, 2));
        int to = from < 0 ? -1 : Square.parse(text.substring(2, 4));
        boolean own =
                to >= 0
                        && start.pieceAt(from)
                                .filter(p -> p.side() == start.sideToMove())
                                .isPresent();
        if (own) {
            return new Move(Move.pack(from, to, Move.QUIET));
        }
        try {
            return San.read(start, text);
        } catch (NotationException notNow) {
            for (Move first : start.legalMoves()) {
                Position after = start.play(first);
                if (!after.inCheck()) {
                    Position again = after.play(Move.NULL);
                    if (isMove(again, text)) {
                        return San.read(again, text);
                    }
                }
            }
            throw notNow;
        }
    }

    private static boolean isMove(Position position, String text) {
        try {
            San.read(position, text);
            return true;
        } catch (NotationException e) {
            return false;
        }
    }
}
