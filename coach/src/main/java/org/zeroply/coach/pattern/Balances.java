package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.MaterialScale;

/** The material balance of a game after each ply, on the scale 1-3-3-5-9. */
final class Balances {

    private final int[] white;

    private Balances(int[] white) {
        this.white = white;
    }

    static Balances of(GameLine line) {
        int[] white = new int[line.plies() + 1];
        Board board = line.start().toBoard();
        white[0] = lead(board, Side.WHITE);
        for (int i = 0; i < line.plies(); i++) {
            int move = line.moves()[i];
            board.make(move);
            boolean changes = Move.isCapture(move) || Move.isPromotion(move);
            white[i + 1] = changes ? lead(board, Side.WHITE) : white[i];
        }
        return new Balances(white);
    }

    /** A side's lead on a board, in hundredths of a point. */
    static int lead(Board board, Side side) {
        int us = side.ordinal();
        int sum = 0;
        for (PieceType type : PieceType.values()) {
            int difference =
                    Long.bitCount(board.pieces(us, type.ordinal()))
                            - Long.bitCount(board.pieces(1 - us, type.ordinal()));
            sum += difference * MaterialScale.SCHOOL.value(type);
        }
        return sum;
    }

    /** A side's lead after a ply, or after the last one where the game is over before. */
    int of(Side side, int ply) {
        int lead = white[Math.min(ply, white.length - 1)];
        return side == Side.WHITE ? lead : -lead;
    }
}
