package org.zeroply.coach.repertoire;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.insight.Insight;

/** Something that is so in a position, or is not. */
public sealed interface Condition {

    /** Whether it is so. */
    boolean holds(Position position);

    /** The text form, which {@link CardReader} reads. */
    String text();

    /** A man of a side stands on a square. */
    record ManOn(Side side, PieceType type, int square) implements Condition {
        @Override
        public boolean holds(Position position) {
            return position.pieceAt(square).equals(Optional.of(new Piece(side, type)));
        }

        @Override
        public String text() {
            return word(side) + " " + type.word() + " on " + Square.name(square);
        }
    }

    /** A side bears on a square. */
    record Attacked(int square, Side by) implements Condition {
        @Override
        public boolean holds(Position position) {
            return new Scene(position).attackers(by, square) != 0;
        }

        @Override
        public String text() {
            return Square.name(square) + " attacked by " + word(by);
        }
    }

    /** A side's king has left its home for a wing, and castling is over. */
    record Castled(Side side) implements Condition {
        @Override
        public boolean holds(Position position) {
            int king = position.toBoard().kingSquare(side.ordinal());
            int home = side == Side.WHITE ? 0 : 7;
            int file = Square.file(king);
            return Square.rank(king) == home
                    && (file <= 2 || file >= 6)
                    && !position.hasCastlingRight(side);
        }

        @Override
        public String text() {
            return word(side) + " castled";
        }
    }

    /** A pawn of a side on a square is isolated, doubled, backward or passed. */
    record PawnIs(Side side, FactKind kind, int square) implements Condition {
        @Override
        public boolean holds(Position position) {
            return Insight.of(position).stream()
                    .filter(f -> f.kind() == kind && f.side().equals(Optional.of(side)))
                    .map(Fact::squares)
                    .anyMatch(s -> s.contains(square));
        }

        @Override
        public String text() {
            return word(side) + " " + kind.word() + " pawn on " + Square.name(square);
        }
    }

    /** The side to move has a legal move. */
    record Possible(String san) implements Condition {
        @Override
        public boolean holds(Position position) {
            return move(position, san).isPresent();
        }

        @Override
        public String text() {
            return "move " + san + " possible";
        }
    }

    /** It is not so. */
    record Not(Condition what) implements Condition {
        @Override
        public boolean holds(Position position) {
            return !what.holds(position);
        }

        @Override
        public String text() {
            return "NOT " + what.text();
        }
    }

    /** A move in SAN, if it is legal in a position. */
    static Optional<Move> move(Position position, String san) {
        try {
            return Optional.of(San.read(position, san));
        } catch (NotationException e) {
            return Optional.empty();
        }
    }

    private static String word(Side side) {
        return side.word().toLowerCase(Locale.ROOT);
    }
}
