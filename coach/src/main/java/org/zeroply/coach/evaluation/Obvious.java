package org.zeroply.coach.evaluation;

import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.LegalExchange;

/** Moves that nobody has to look for. */
public final class Obvious {

    /** A move that leads from so few plies on needs no calculation to be tried. */
    private static final int AT_A_GLANCE = 2;

    /** Centipawns that a capture wins in plain sight. */
    private static final int PLAIN_GAIN = 180;

    /** Centipawns of an offer: a pawn; our choice. */
    private static final int OFFER = 100;

    private Obvious() {}

    /**
     * Why the best move of a position needs no finding; empty when it has to be found.
     *
     * @param last the move that led to the position, if it is known
     */
    public static Optional<String> why(Choice choice, Optional<Move> last) {
        Move best = choice.best().move();
        if (choice.legal() == 1) {
            return Optional.of(CoachWords.of("evaluation.it-is-the-only-legal"));
        }
        Board board = choice.position().toBoard();
        boolean pays = LegalExchange.isAtLeast(board, best.packed(), 0);
        if (best.isCapture() && pays && last.filter(m -> takesBack(m, best)).isPresent()) {
            return Optional.of(CoachWords.of("evaluation.it-takes-back"));
        }
        if (choice.best().score() instanceof Score.Mate m && m.moves() == 1) {
            return Optional.of(CoachWords.of("evaluation.it-mates-at-once"));
        }
        boolean seen = choice.depthFound() <= AT_A_GLANCE;
        if (seen && best.isCapture() && LegalExchange.of(board, best.packed()) >= PLAIN_GAIN) {
            return Optional.of(CoachWords.of("evaluation.it-takes-what-hangs"));
        }
        return Optional.empty();
    }

    private static boolean takesBack(Move last, Move best) {
        return last.isCapture() && last.to() == best.to();
    }

    /** Whether a move neither captures nor checks nor promotes. */
    public static boolean isQuiet(Position position, Move move) {
        return !move.isCapture() && move.promotion().isEmpty() && !position.play(move).inCheck();
    }

    /** Whether a move offers material by static exchange, be it a pawn. */
    public static boolean isSacrifice(Position position, Move move) {
        return LegalExchange.of(position.toBoard(), move.packed()) <= -OFFER;
    }
}
