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
import org.zeroply.coach.texts.CoachWords;

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

    /**
     * Told by corresponding squares where they explain it: from two squares of the tour in a row
     * the king touches the same of them, and the other king cannot twice in a row stand where it
     * touches all that belong to them. Else by the squares on which the other king would hold.
     */
    private static String reason(PawnEnding ending, Position start, List<Move> path) {
        List<CorrespondingSquares.Pair> pairs = CorrespondingSquares.of(ending, start).pairs();
        for (int i = 0; i + 2 < path.size(); i += 2) {
            int first = path.get(i).to();
            int second = path.get(i + 2).to();
            int theirs = path.get(i + 1).to();
            Optional<String> told = byPairs(ending, start, pairs, first, second, theirs);
            if (told.isPresent()) {
                return told.get();
            }
        }
        return byHolding(ending, start, path);
    }

    private static Optional<String> byPairs(
            PawnEnding ending,
            Position start,
            List<CorrespondingSquares.Pair> pairs,
            int first,
            int second,
            int theirs) {
        Side side = start.sideToMove();
        long touched = 0;
        long wanted = 0;
        long needed = -1L;
        for (CorrespondingSquares.Pair pair : pairs) {
            int own = side == Side.WHITE ? pair.white() : pair.black();
            int other = side == Side.WHITE ? pair.black() : pair.white();
            if (Squares.has(Attacks.king(first) & Attacks.king(second), own)) {
                touched |= 1L << own;
                wanted |= 1L << other;
                needed &= Attacks.king(other);
            }
        }
        long places = 0;
        for (int square : Squares.list(touched == 0 ? 0 : needed)) {
            int white = side == Side.WHITE ? second : square;
            int black = side == Side.WHITE ? square : second;
            boolean possible = ending.value(start, side, white, black) != KingTable.ILLEGAL;
            places |= possible ? 1L << square : 0;
        }
        if (Long.bitCount(touched) < 2 || (places & Attacks.king(theirs)) != 0) {
            return Optional.empty();
        }
        String standing =
                places == 0
                        ? CoachWords.of("ending.there-is-no-such-square")
                        : Squares.names(places);
        return Optional.of(
                CoachWords.of(
                        "ending.cannot-copy-it-from-and",
                        side.other().word(),
                        Square.name(first),
                        Square.name(second),
                        Squares.names(touched),
                        Squares.names(wanted),
                        standing,
                        Square.name(theirs)));
    }

    private static String byHolding(PawnEnding ending, Position start, List<Move> path) {
        Side side = start.sideToMove();
        List<String> parts = new ArrayList<>();
        int theirs = Squares.first(start.pieces(side.other(), PieceType.KING));
        for (int i = 0; i < path.size(); i++) {
            if (i % 2 == 0 && i < path.size() - 1) {
                int own = path.get(i).to();
                long holding = holding(ending, start, side, own, theirs);
                parts.add(
                        CoachWords.of(
                                "ending.with-the-king-on-only",
                                Square.name(own),
                                holding == 0
                                        ? CoachWords.of("ending.nothing-near")
                                        : Squares.names(holding),
                                Square.name(theirs)));
            } else if (i % 2 == 1) {
                theirs = path.get(i).to();
            }
        }
        return CoachWords.of(
                "ending.cannot-copy-it", side.other().word(), String.join("; ", parts));
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
