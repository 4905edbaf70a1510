package org.zeroply.coach.ending;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Why a direct try fails, read off the best play after it. */
final class TryReason {

    /** Plies within which a reason has to show itself. */
    private static final int SEEN = 14;

    private TryReason() {}

    /**
     * The reason in words that go on after the reply: {@code the king holds b7 and c8}.
     *
     * @param line the try, the reply and what follows
     * @param result what the try leads to, for who plays it
     */
    static String of(Position position, Truth truth, List<Move> line, EndingReport.Result result) {
        Side side = position.sideToMove();
        Position replied = position.play(line.get(0)).play(line.get(1));
        if (result == EndingReport.Result.LOSS) {
            return promotion(line)
                    .or(() -> fall(position, line))
                    .orElse(CoachWords.of("ending.the-other-side-wins"));
        }
        if (isZugzwang(replied, truth)) {
            return standing(replied, side);
        }
        return stalemate(position, line)
                .or(() -> promotion(line))
                .or(() -> fall(position, line))
                .orElseGet(() -> holding(replied, side));
    }

    private static Optional<String> promotion(List<Move> line) {
        for (int i = 1; i < Math.min(SEEN, line.size()); i += 2) {
            if (line.get(i).promotion().isPresent()) {
                return Optional.of(
                        CoachWords.of(
                                "ending.the-other-pawn-promotes-on",
                                Square.name(line.get(i).to())));
            }
        }
        return Optional.empty();
    }

    private static Optional<String> fall(Position position, List<Move> line) {
        Position now = position;
        for (int i = 0; i < Math.min(SEEN, line.size()); i++) {
            Move move = line.get(i);
            boolean pawn =
                    now.pieceAt(move.to()).filter(p -> p.type() == PieceType.PAWN).isPresent();
            if (i % 2 == 1 && pawn) {
                return Optional.of(
                        CoachWords.of("ending.the-pawn-on-falls", Square.name(move.to())));
            }
            now = now.play(move);
        }
        return Optional.empty();
    }

    private static Optional<String> stalemate(Position position, List<Move> line) {
        Position end = position.play(Line.start(line, SEEN));
        return end.isStalemate()
                ? Optional.of(CoachWords.of("ending.it-ends-in-stalemate"))
                : Optional.empty();
    }

    /** Whether who is to move would win if the other side were. */
    private static boolean isZugzwang(Position position, Truth truth) {
        if (position.inCheck() || position.legalMoves().isEmpty()) {
            return false;
        }
        Position other = position.play(Move.NULL);
        return truth.isSettled(other)
                && truth.isSettled(position)
                && truth.value(other) < 0
                && truth.value(position) == 0;
    }

    /** Where the king of the defender stands when only the move is missing. */
    private static String standing(Position then, Side side) {
        int own = Squares.first(then.pieces(side, PieceType.KING));
        int other = Squares.first(then.pieces(side.other(), PieceType.KING));
        String missing = CoachWords.of("ending.with-to-move-it-would", side.other().word());
        return isOpposition(own, other)
                ? CoachWords.of("ending.the-other-king-has-the", missing)
                : CoachWords.of("ending.the-other-king-stands-on", Square.name(other), missing);
    }

    /** What the defender's king holds. */
    private static String holding(Position then, Side side) {
        int other = Squares.first(then.pieces(side.other(), PieceType.KING));
        long held = entries(then, side) & (Attacks.king(other) | 1L << other);
        return held == 0
                ? CoachWords.of("ending.the-other-king-is-in")
                : CoachWords.of("ending.the-king-holds", Squares.names(held));
    }

    /** On one file or rank with one square between them. */
    private static boolean isOpposition(int own, int other) {
        int files = Math.abs(Square.file(own) - Square.file(other));
        int ranks = Math.abs(Square.rank(own) - Square.rank(other));
        return files == 0 && ranks == 2 || files == 2 && ranks == 0;
    }

    /**
     * Squares on the way of the foremost pawn, and beside the next one, where its king would go.
     */
    private static long entries(Position position, Side side) {
        int foremost = -1;
        for (int pawn : Squares.list(position.pieces(side, PieceType.PAWN))) {
            boolean further =
                    foremost < 0 || Squares.rank(side, pawn) > Squares.rank(side, foremost);
            foremost = further ? pawn : foremost;
        }
        if (foremost < 0) {
            return 0;
        }
        int stop = Squares.stop(side, foremost);
        long next = Squares.ofRank(side, Squares.rank(side, stop));
        return Squares.ahead(side, foremost) | Squares.besideFiles(foremost) & next;
    }
}
