package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.texts.CoachWords;

/** What makes the best move of a position hard to see. */
final class Hardness {

    /** A move found at this depth or deeper, in plies, is hard to see. */
    static final int DEEP = 6;

    private Hardness() {}

    /** Why the best move is hard to see; empty when it is not. */
    static List<String> of(MoveReview move) {
        Position position = move.position();
        Move best = move.choice();
        List<String> why = new ArrayList<>();
        if (isSacrifice(move)) {
            why.add(CoachWords.of("review.a-sacrifice"));
        } else if (isCalmInAttack(move)) {
            why.add(CoachWords.of("review.a-quiet-move-where-checks"));
        } else if (Obvious.isQuiet(position, best)) {
            why.add(CoachWords.of("review.a-quiet-move"));
        }
        if (isBackward(position, best)) {
            why.add(CoachWords.of("review.a-move-backwards"));
        }
        if (move.best().depthFound() >= DEEP) {
            why.add(CoachWords.of("review.best-only-from-depth-on", move.best().depthFound()));
        }
        // Quiet moves are many; alone that is no reason.
        return why.size() == 1 && why.get(0).equals(CoachWords.of("review.a-quiet-move"))
                ? List.of()
                : why;
    }

    /**
     * Whether the best move is quiet, the only one, and better than every check there is: whoever
     * attacks looks at the checks first.
     */
    static boolean isCalmInAttack(MoveReview move) {
        Position position = move.position();
        return move.best().width() <= 1
                && move.standsAlone()
                && move.before().value() >= MomentFinder.GAINFUL
                && Obvious.isQuiet(position, move.choice())
                && position.legalMoves().stream().anyMatch(m -> position.play(m).inCheck());
    }

    /** Whether the best move gives material away by static exchange. */
    static boolean isSacrifice(MoveReview move) {
        return Obvious.isSacrifice(move.position(), move.choice());
    }

    private static boolean isBackward(Position position, Move move) {
        PieceType type = position.pieceAt(move.from()).map(Piece::type).orElseThrow();
        int ranks = Square.rank(move.to()) - Square.rank(move.from());
        boolean back = position.sideToMove() == Side.WHITE ? ranks < 0 : ranks > 0;
        return back && type != PieceType.PAWN && type != PieceType.KING;
    }
}
