package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Squares;

/**
 * The way from a position to the same one with the other side to move, by king moves of best play.
 *
 * @param path the moves of both sides
 * @param movesLost moves lost by it: one, since the same men stand there with the other to move
 * @param reason why the other king cannot do the same, in words
 */
public record Triangulation(List<Move> path, int movesLost, String reason) {

    /** A tour longer than this, in moves of the winning side, is none. */
    private static final int LONGEST = 7;

    public Triangulation {
        path = List.copyOf(path);
    }

    /** The shortest tour of the side to move that best play of both sides goes through, if any. */
    static Optional<Triangulation> find(PawnEnding ending, Position start) {
        Position goal = start.play(Move.NULL);
        for (int moves = 3; moves <= LONGEST; moves += 2) {
            List<Move> path = new ArrayList<>();
            if (search(ending, start, goal, 2 * moves - 1, path)) {
                return Optional.of(new Triangulation(path, 1, reason(ending, start, path)));
            }
        }
        return Optional.empty();
    }

    private static boolean search(
            PawnEnding ending, Position now, Position goal, int pliesLeft, List<Move> path) {
        if (pliesLeft == 0) {
            return now.equals(goal);
        }
        int value = ending.value(now);
        for (Move move : now.legalMoves()) {
            boolean king =
                    now.pieceAt(move.from()).orElseThrow().type() == PieceType.KING
                            && !move.isCapture();
            if (king && Plies.back(ending.after(now, move)) == value) {
                path.add(move);
                if (search(ending, now.play(move), goal, pliesLeft - 1, path)) {
                    return true;
                }
                path.remove(path.size() - 1);
            }
        }
        return false;
    }

    /** Against each square of the tour, the squares on which the other king would hold. */
    private static String reason(PawnEnding ending, Position start, List<Move> path) {
        Side side = start.sideToMove();
        List<String> parts = new ArrayList<>();
        Position now = start;
        int theirs = Squares.first(start.pieces(side.other(), PieceType.KING));
        for (int i = 0; i < path.size(); i++) {
            now = now.play(path.get(i));
            if (i % 2 == 0 && i < path.size() - 1) {
                int own = path.get(i).to();
                long holding = holding(ending, now, side, own, theirs);
                parts.add(
                        "with the king on "
                                + Square.name(own)
                                + " only "
                                + (holding == 0 ? "nothing near" : Squares.names(holding))
                                + " would hold, out of reach from "
                                + Square.name(theirs));
            } else if (i % 2 == 1) {
                theirs = path.get(i).to();
            }
        }
        return side.other().word() + " cannot copy it: " + String.join("; ", parts);
    }

    /** Squares within two moves of the other king from which the side to move would not win. */
    private static long holding(
            PawnEnding ending, Position position, Side side, int own, int theirs) {
        long near = Attacks.king(theirs);
        for (int square : Squares.list(near)) {
            near |= Attacks.king(square);
        }
        long holding = 0;
        for (int square : Squares.list(near)) {
            int white = side == Side.WHITE ? own : square;
            int black = side == Side.WHITE ? square : own;
            int value = ending.value(position, side, white, black);
            holding |= value != KingTable.ILLEGAL && value <= 0 ? 1L << square : 0;
        }
        return holding;
    }
}
