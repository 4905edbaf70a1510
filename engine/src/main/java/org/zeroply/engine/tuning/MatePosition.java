package org.zeroply.engine.tuning;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.exchange.StaticExchange;
import org.zeroply.engine.mate.MateProof;

/**
 * A position whose side to move mates by force.
 *
 * @param proof the shortest way, found by trying everything
 */
public record MatePosition(Position position, MateProof proof) {

    /** What the first move looks like. */
    public enum Kind {
        CHECK,
        CAPTURE,
        QUIET,
        /** A man goes where it can be taken at a profit. */
        OFFER,
        UNDERPROMOTION
    }

    /** What the first move looks like; the rarest of what it is. */
    public Kind kind() {
        Move move = proof.line().get(0);
        int packed = move.packed();
        Board board = position.toBoard();
        if (Move.isPromotion(packed) && Move.promotionType(packed) != 4) {
            return Kind.UNDERPROMOTION;
        }
        if (!StaticExchange.isAtLeast(board, packed, 0)) {
            return Kind.OFFER;
        }
        board.make(packed);
        if (board.inCheck()) {
            return Kind.CHECK;
        }
        return Move.isCapture(packed) ? Kind.CAPTURE : Kind.QUIET;
    }
}
