package org.zeroply.coach.repertoire.card;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.engine.exchange.LegalExchange;

/** What can be played, what is threatened, what was just played, and how far the game has come. */
sealed interface MoveCondition extends Condition {

    /** Hundredths of a point that a threat to take wins at least: a pawn. */
    int THREAT = 100;

    /** The side to move has a legal move. */
    record Possible(String san) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return Condition.move(situation.position(), san).isPresent();
        }

        @Override
        public String text() {
            return "move " + san + " possible";
        }
    }

    /** A side could play a move if it were to move. */
    record CanPlay(Side side, String san) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation
                    .scene()
                    .withMove(side)
                    .flatMap(p -> Condition.move(p, san))
                    .isPresent();
        }

        @Override
        public String text() {
            return Condition.word(side) + " can play " + san;
        }
    }

    /** The same, and the move would mate, or win a pawn at least by static exchange. */
    record Threatens(Side side, String san) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            Optional<Position> from = situation.scene().withMove(side);
            return from.flatMap(p -> Condition.move(p, san))
                    .filter(m -> isThreat(from.get(), m))
                    .isPresent();
        }

        private static boolean isThreat(Position from, Move move) {
            boolean wins =
                    (move.isCapture() || move.promotion().isPresent())
                            && LegalExchange.isAtLeast(from.toBoard(), move.packed(), THREAT);
            return wins || from.play(move).isCheckmate();
        }

        @Override
        public String text() {
            return Condition.word(side) + " threatens " + san;
        }
    }

    /** The last move was this one; never where it is not known. */
    record JustPlayed(Side side, String san) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            Optional<Move> asked =
                    situation
                            .before()
                            .filter(p -> p.sideToMove() == side)
                            .flatMap(p -> Condition.move(p, san));
            return asked.isPresent() && asked.equals(situation.last());
        }

        @Override
        public String text() {
            return Condition.word(side) + " just played " + san;
        }
    }

    /** The last move took a man on a square; any man without a type. */
    record JustTook(Side side, Optional<PieceType> taken, int square) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            Optional<Move> last = situation.last().filter(m -> m.isCapture() && m.to() == square);
            return last.isPresent()
                    && situation.before().filter(p -> p.sideToMove() == side).isPresent()
                    && taken.map(t -> taken(situation) == t).orElse(true);
        }

        /** What stood there; a pawn was taken in passing where nothing did. */
        private PieceType taken(Situation situation) {
            return situation
                    .before()
                    .flatMap(p -> p.pieceAt(square))
                    .map(Piece::type)
                    .orElse(PieceType.PAWN);
        }

        @Override
        public String text() {
            String what = taken.map(t -> "a " + t.word() + " ").orElse("");
            return Condition.word(side) + " just took " + what + "on " + Square.name(square);
        }
    }

    /** The game has come to a move, or has not. */
    record MoveNumber(int number, boolean from) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.position().fullmoveNumber() >= number == from;
        }

        @Override
        public String text() {
            return (from ? "from" : "before") + " move " + number;
        }
    }

    /** Who is to move. */
    record ToMove(Side side) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.position().sideToMove() == side;
        }

        @Override
        public String text() {
            return Condition.word(side) + " to move";
        }
    }
}
