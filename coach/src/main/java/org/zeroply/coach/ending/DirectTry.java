package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * A move that anybody would try first, and why it fails: a pawn that goes on at once, a capture, or
 * a king that takes the straight way.
 *
 * @param move the move
 * @param result what it leads to, for who plays it: worse than what the position is
 * @param line best play after it
 * @param text in a sentence that can be read aloud: {@code c6 at once draws: after Kb8 the king
 *     holds b7 and c8}
 */
public record DirectTry(Move move, EndingReport.Result result, List<Move> line, String text) {

    /** Tries that are shown: our choice. */
    private static final int SHOWN = 3;

    public DirectTry {
        line = List.copyOf(line);
    }

    /** The direct tries of the side to move that give the result away, pawns first. */
    static List<DirectTry> of(Position position, Truth truth, List<Move> best, List<Move> keeping) {
        if (truth.value(position) < 0 || keeping.size() == position.legalMoves().size()) {
            return List.of();
        }
        return position.legalMoves().stream()
                .filter(m -> !keeping.contains(m))
                .filter(m -> isDirect(position, m, best))
                .filter(m -> isSettledAfter(position, truth, m))
                .sorted(Comparator.comparingInt(m -> order(position, m)))
                .limit(SHOWN)
                .map(m -> told(position, truth, m))
                .flatMap(Optional::stream)
                .toList();
    }

    private static boolean isSettledAfter(Position position, Truth truth, Move move) {
        Position after = position.play(move);
        return !after.legalMoves().isEmpty() && truth.isSettled(after);
    }

    /** A pawn's step or a capture; or a king that goes forward as the best one does. */
    private static boolean isDirect(Position position, Move move, List<Move> best) {
        boolean queen = move.promotion().map(t -> t == PieceType.QUEEN).orElse(true);
        PieceType type = position.pieceAt(move.from()).orElseThrow().type();
        Side side = position.sideToMove();
        boolean ahead = Squares.rank(side, move.to()) > Squares.rank(side, move.from());
        boolean beside =
                best.stream()
                        .anyMatch(
                                b ->
                                        b.from() == move.from()
                                                && Squares.distance(b.to(), move.to()) == 1);
        return queen
                && (type == PieceType.PAWN
                        || move.isCapture()
                        || type == PieceType.KING && ahead && beside);
    }

    private static int order(Position position, Move move) {
        PieceType type = position.pieceAt(move.from()).orElseThrow().type();
        int far = Squares.rank(position.sideToMove(), move.to());
        return type == PieceType.PAWN ? -far : move.isCapture() ? 1 : 2;
    }

    private static Optional<DirectTry> told(Position position, Truth truth, Move move) {
        Position after = position.play(move);
        List<Move> line = new ArrayList<>(List.of(move));
        line.addAll(EndingSolver.line(after, truth));
        EndingReport.Result result =
                EndingReport.Result.of(Plies.back(truth.after(position, move)));
        if (line.size() < 2) {
            return Optional.empty();
        }
        String text =
                CoachWords.of(
                        result == EndingReport.Result.DRAW
                                ? "ending.at-once-draws-after"
                                : "ending.at-once-loses-after",
                        San.write(position, move),
                        San.write(after, line.get(1)),
                        TryReason.of(position, truth, line, result));
        return Optional.of(new DirectTry(move, result, line, text));
    }
}
