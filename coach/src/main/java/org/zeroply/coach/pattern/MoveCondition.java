package org.zeroply.coach.pattern;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/** What can be played, what is threatened, what was just played, and how far the game has come. */
sealed interface MoveCondition extends Condition {

    /** Hundredths of a point that a threat to take wins at least: a pawn. */
    int THREAT = 100;

    /** What it takes to list the legal moves and read one, in nanoseconds or so. */
    int SEARCH = 5000;

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

        @Override
        public Condition under(Symmetry way) {
            return new Possible(TurnedSan.of(way, san));
        }

        @Override
        public int cost() {
            return SEARCH;
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
            return side.smallWord() + " can play " + san;
        }

        @Override
        public Condition under(Symmetry way) {
            return new CanPlay(way.side(side), TurnedSan.of(way, san));
        }

        @Override
        public int cost() {
            return 2 * SEARCH;
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
            return side.smallWord() + " threatens " + san;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Threatens(way.side(side), TurnedSan.of(way, san));
        }

        @Override
        public int cost() {
            return 2 * SEARCH;
        }
    }

    /** The last move was this one; never where it is not known. */
    record JustPlayed(Side side, String san) implements MoveCondition {

        private static final Pattern TARGET =
                Pattern.compile("[KQRBN]?[a-h]?[1-8]?x?([a-h][1-8])(?:=?[QRBN])?[+#]?");

        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            if (last == 0 || !mayBe(last)) {
                return false;
            }
            Optional<Move> asked =
                    situation
                            .before()
                            .filter(p -> p.sideToMove() == side)
                            .flatMap(p -> Condition.move(p, san));
            return asked.isPresent() && asked.equals(situation.last());
        }

        /** Whether the move goes where the text says, which is quickly seen. */
        private boolean mayBe(int move) {
            Matcher to = TARGET.matcher(san);
            return !to.matches() || to.group(1).equals(Square.name(Move.to(move)));
        }

        @Override
        public String text() {
            return side.smallWord() + " just played " + san;
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustPlayed(way.side(side), TurnedSan.of(way, san));
        }

        @Override
        public int cost() {
            return SEARCH / 10;
        }
    }

    /** The last move took a man on a square; any man without a type. */
    record JustTook(Side side, Optional<PieceType> taken, int square) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            return Move.isCapture(last)
                    && Move.to(last) == square
                    && situation.board().sideToMove() != side.ordinal()
                    && (taken.isEmpty() || taken.equals(situation.taken()));
        }

        @Override
        public String text() {
            String what = taken.map(t -> "a " + t.word() + " ").orElse("");
            return side.smallWord() + " just took " + what + "on " + Square.name(square);
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustTook(way.side(side), taken, way.square(square));
        }

        @Override
        public int cost() {
            return SEARCH / 10;
        }
    }

    /** The last move brought a man of a side somewhere; castling is a move of the king. */
    record JustMoved(Side side, Men men, Place place) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.hasMoved(side)
                    && Squares.has(place.squares(), Move.to(situation.lastPacked()))
                    && men.has(situation.moved());
        }

        @Override
        public String text() {
            String where = place.isAnywhere() ? "" : " to " + place.text();
            return side.smallWord() + " just moved a " + men.word() + where;
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustMoved(way.side(side), men, place.under(way));
        }
    }

    /** The last move promoted a pawn; to anything where nothing is named. */
    record JustPromoted(Side side, Optional<PieceType> to) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            return Move.isPromotion(last)
                    && situation.board().sideToMove() != side.ordinal()
                    && to.map(t -> t.ordinal() == Move.promotionType(last)).orElse(true);
        }

        @Override
        public String text() {
            String what = to.map(t -> " to a " + t.word()).orElse("");
            return side.smallWord() + " just promoted" + what;
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustPromoted(way.side(side), to);
        }
    }

    /** The last move was castling. */
    record JustCastled(Side side, Optional<BoardCondition.Wing> wing) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            int kind = Move.kind(situation.lastPacked());
            boolean isShort = kind == Move.KING_SIDE_CASTLING;
            return (isShort || kind == Move.QUEEN_SIDE_CASTLING)
                    && situation.board().sideToMove() != side.ordinal()
                    && wing.map(w -> w == BoardCondition.Wing.KINGSIDE == isShort).orElse(true);
        }

        @Override
        public String text() {
            String where = wing.map(w -> " " + w.word()).orElse("");
            return side.smallWord() + " just castled" + where;
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustCastled(way.side(side), wing.map(w -> w.under(way)));
        }
    }

    /** One of the moves so far was castling, wherever the king stands now. */
    record HasCastled(Side side) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            GameLine line = situation.line();
            int first = line.start().sideToMove() == side ? 1 : 2;
            return IntStream.iterate(first, ply -> ply <= situation.ply(), ply -> ply + 2)
                    .anyMatch(ply -> line.before(ply).isCastling());
        }

        @Override
        public String text() {
            return side.smallWord() + " castled by now";
        }

        @Override
        public Condition under(Symmetry way) {
            return new HasCastled(way.side(side));
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /** The game has come to a move, or has not. */
    record MoveNumber(int number, boolean from) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.board().fullmoveNumber() >= number == from;
        }

        @Override
        public String text() {
            return (from ? "from" : "before") + " move " + number;
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** Who is to move. */
    record ToMove(Side side) implements MoveCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.board().sideToMove() == side.ordinal();
        }

        @Override
        public String text() {
            return side.smallWord() + " to move";
        }

        @Override
        public Condition under(Symmetry way) {
            return new ToMove(way.side(side));
        }
    }
}
