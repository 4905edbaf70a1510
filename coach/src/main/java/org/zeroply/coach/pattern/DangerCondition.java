package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.engine.exchange.LegalExchange;

/** What a side has to fear; exactly what is in {@code docs/find.md}. */
sealed interface DangerCondition extends Condition {

    /**
     * A piece is attacked so that static exchange loses it, and so it is after each move of its
     * side, if that were to move, that does not lose or win as much elsewhere. What is pinned to
     * its king is not called trapped, and nothing is said of a side in check.
     */
    record Trapped(Side side, Men men, Place place) implements DangerCondition {

        /** Hundredths of a point that count as lost: what gets away for a pawn was not trapped. */
        private static final int LOSS = 200;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long there = men.on(board, side) & Men.PIECES.on(board) & place.squares();
            for (int square : Squares.list(there)) {
                if (LegalExchange.threatTo(board, square) >= LOSS
                        && !situation.scene().isPinned(square)
                        && !escapes(situation, square)) {
                    return true;
                }
            }
            return false;
        }

        private boolean escapes(Situation situation, int square) {
            Optional<Position> from = situation.scene().withMove(side).filter(p -> !p.inCheck());
            if (from.isEmpty()) {
                return true;
            }
            Board board = from.get().toBoard();
            return from.get().legalMoves().stream()
                    .mapToInt(Move::packed)
                    .anyMatch(m -> saves(board, m, square));
        }

        /** Whether after a move, by it or another man, all told less is lost. */
        private static boolean saves(Board board, int move, int square) {
            int gain = LegalExchange.of(board, move);
            if (Move.from(move) == square || gain <= -LOSS) {
                return gain > -LOSS;
            }
            board.make(move);
            int threat = LegalExchange.threatTo(board, square);
            board.unmake(move);
            return gain - threat > -LOSS;
        }

        @Override
        public String text() {
            return side.smallWord() + " trapped " + men.word() + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Trapped(way.side(side), men, place.under(way));
        }

        @Override
        public int cost() {
            return 2000;
        }
    }

    /**
     * A man is pinned to a piece worth more, or unguarded, of a kind.
     *
     * @param side whose man is pinned
     * @param behind what stands behind it
     * @param place where the pinned man stands
     */
    record PinnedTo(Side side, Men men, PieceType behind, Place place)
            implements DangerCondition, OfFact {

        /** Told of the side that pins. */
        @Override
        public FactCondition fact() {
            return new FactCondition(FactKind.PIN, Optional.of(side.other()), "piece", men, place);
        }

        @Override
        public boolean holds(Situation situation) {
            return fact().holds(situation, pin -> isBehind(situation.board(), pin));
        }

        /** The squares are those of the pinned man, of what pins it, and of what is behind. */
        private boolean isBehind(Board board, Fact pin) {
            return board.typeAt(pin.squares().get(2)) == behind.ordinal();
        }

        @Override
        public String text() {
            String man = side.smallWord() + " " + men.word();
            return man + " pinned to the " + behind.word() + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new PinnedTo(way.side(side), men, behind, place.under(way));
        }
    }

    /** A piece has no square to go to: its own men stand on all of them. */
    record Immobile(Side side, Men men, Place place) implements DangerCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long own = board.pieces(side.ordinal());
            long there = men.on(board, side) & Men.PIECES.on(board) & place.squares();
            for (int square : Squares.list(there)) {
                if ((Attacks.of(board.typeAt(square), square, board.occupied()) & ~own) == 0) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " immobile " + men.word() + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Immobile(way.side(side), men, place.under(way));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * A man is pinned, to whatever, by one of some kinds.
     *
     * @param side whose man is pinned
     * @param place where the pinned man stands
     * @param by what pins it
     * @param from where that stands
     */
    record PinnedBy(Side side, Men men, Place place, Men by, Place from)
            implements DangerCondition, OfFact {

        /** Told of the side that pins. */
        @Override
        public FactCondition fact() {
            return new FactCondition(FactKind.PIN, Optional.of(side.other()), "", men, place);
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            return fact().holds(
                            situation,
                            pin ->
                                    Squares.has(
                                            by.on(board) & from.squares(), pin.squares().get(1)));
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + men.word()
                    + place.behind()
                    + " pinned by a "
                    + by.word()
                    + from.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new PinnedBy(way.side(side), men, place.under(way), by, from.under(way));
        }
    }

    /**
     * The king stands on its first rank and cannot leave it: on each square before it stands an own
     * man, or the enemy guards it. At most one own rook or queen is on that rank, and the enemy has
     * one.
     */
    record WeakBackRank(Side side) implements DangerCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int king = board.kingSquare(side.ordinal());
            long own = board.pieces(side.ordinal());
            long enemy = board.pieces(1 - side.ordinal());
            long majors = Men.MAJORS.on(board);
            long home = Squares.ofRank(side, 0);
            return Squares.has(home, king)
                    && (majors & enemy) != 0
                    && Long.bitCount(majors & own & home) <= 1
                    && before(king).stream()
                            .allMatch(
                                    s ->
                                            Squares.has(own, s)
                                                    || (board.attackersTo(s, board.occupied())
                                                                    & enemy)
                                                            != 0);
        }

        private List<Integer> before(int king) {
            return Squares.list(Attacks.king(king) & Squares.ofRank(side, 1));
        }

        @Override
        public String text() {
            return side.smallWord() + " weak back rank";
        }

        @Override
        public Condition under(Symmetry way) {
            return new WeakBackRank(way.side(side));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * Before the ending the king stands on its first two ranks; on its third rank, on the king's
     * file and those beside, no own pawn guards a square of a colour or can come to guard it, and
     * no own bishop moves on that colour.
     */
    record WeakSquaresAtKing(Side side, boolean light) implements DangerCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int king = board.kingSquare(side.ordinal());
            long colour = light ? Squares.LIGHT : ~Squares.LIGHT;
            long near = Squares.filesAround(king) & Squares.ofRank(side, 2);
            long bishops = board.pieces(side.ordinal(), PieceType.BISHOP.ordinal());
            long pawns = situation.pawns(side);
            return Squares.rank(side, king) <= 1
                    && (bishops & colour) == 0
                    && (guarded(pawns) & near & colour) == 0
                    && Phase.of(situation.position()) != Phase.ENDING;
        }

        /** Squares of the third rank that pawns on the second guard, the only ones that can. */
        private long guarded(long pawns) {
            return Squares.pawnAttacks(side, pawns & Squares.ofRank(side, 1));
        }

        @Override
        public String text() {
            String squares = light ? "light" : "dark";
            return side.smallWord() + " weak " + squares + " squares at the king";
        }

        @Override
        public Condition under(Symmetry way) {
            boolean exchanged = way.set(Squares.LIGHT) != Squares.LIGHT;
            return new WeakSquaresAtKing(way.side(side), light != exchanged);
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /** Before the ending no own pawn stands on the two ranks before the king, on its files. */
    record ExposedKing(Side side) implements DangerCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int king = board.kingSquare(side.ordinal());
            long files = Squares.filesAround(king);
            int last = Squares.rank(side, king) + 2;
            long pawns = situation.pawns(side);
            long ahead = pawns & files & Squares.front(side, king);
            return Squares.where(ahead, p -> Squares.rank(side, p) <= last) == 0
                    && Phase.of(situation.position()) != Phase.ENDING;
        }

        @Override
        public String text() {
            return side.smallWord() + " exposed king";
        }

        @Override
        public Condition under(Symmetry way) {
            return new ExposedKing(way.side(side));
        }

        @Override
        public int cost() {
            return 100;
        }
    }
}
