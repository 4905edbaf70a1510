package org.zeroply.coach.insight;

import java.util.function.IntUnaryOperator;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;

/** Positions turned about, to see that facts turn with them. */
final class Boards {

    private Boards() {}

    /** The same position with colours exchanged, seen from the other side of the board. */
    static Position flipped(Position position) {
        return changed(position, square -> square ^ 56, true);
    }

    /** The men moved by a map of squares, and the colours exchanged if wanted. */
    static Position changed(Position position, IntUnaryOperator map, boolean colours) {
        Arrangement men = Arrangement.empty();
        for (int square = 0; square < 64; square++) {
            int to = map.applyAsInt(square);
            position.pieceAt(square)
                    .ifPresent(
                            p -> men.with(colours ? new Piece(p.side().other(), p.type()) : p, to));
        }
        Side side = position.sideToMove();
        String board = men.toMove(colours ? side.other() : side).position().fen().split(" ")[0];
        String[] fields = position.fen().split(" ");
        String rights = fields[2];
        if (colours && !rights.equals("-")) {
            rights =
                    rights.chars()
                            .map(c -> c ^ 32)
                            .mapToObj(c -> "" + (char) c)
                            .sorted()
                            .reduce("", String::concat);
        }
        char move = (colours ? side.other() : side).letter();
        String passing = fields[3];
        if (colours && !passing.equals("-")) {
            passing = passing.charAt(0) + (passing.charAt(1) == '3' ? "6" : "3");
        }
        return Position.fromFen(board + " " + move + " " + rights + " " + passing + " 0 1");
    }
}
