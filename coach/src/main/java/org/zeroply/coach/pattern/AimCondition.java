package org.zeroply.coach.pattern;

import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/** What men are after: a man near which they stand, a square, a file. */
sealed interface AimCondition extends Condition {

    /**
     * So many men of a side at least stand within two king's steps of another man.
     *
     * @param place where the men stand
     * @param other whose the other man is
     */
    record Near(Side side, Men men, Place place, int least, Side other, Men others)
            implements AimCondition {

        /** King's steps that count as near: our choice. */
        private static final int STEPS = 2;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long there = men.on(board, side) & place.squares();
            for (int target : Squares.list(others.on(board, other))) {
                long near =
                        Squares.where(
                                there, s -> s != target && Squares.distance(s, target) <= STEPS);
                if (Long.bitCount(near) >= least) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return men.counted(least, Optional.of(side))
                    + place.behind()
                    + " near the "
                    + other.smallWord()
                    + " "
                    + others.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Near(way.side(side), men, place.under(way), least, way.side(other), others);
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * What a man attacks, or would if men of its own side that move along the same line were not
     * before it.
     */
    private static long aims(Board board, Side side, int man) {
        PieceType type = PieceType.of(board.typeAt(man));
        long queens = Men.of(PieceType.QUEEN).on(board, side);
        long bishops = Men.of(PieceType.BISHOP).on(board, side) | queens;
        long rooks = Men.of(PieceType.ROOK).on(board, side) | queens;
        long men = board.occupied();
        return switch (type) {
            case PAWN -> Attacks.pawn(side.ordinal(), man);
            case BISHOP -> Attacks.bishop(man, men & ~bishops);
            case ROOK -> Attacks.rook(man, men & ~rooks);
            case QUEEN -> Attacks.bishop(man, men & ~bishops) | Attacks.rook(man, men & ~rooks);
            default -> Attacks.of(type.ordinal(), man, men);
        };
    }

    /**
     * A man is aimed at a square.
     *
     * @param place where the man stands
     * @param square whatever stands there
     */
    record Aimed(Side side, Men men, Place place, int square) implements AimCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            return Squares.list(men.on(board, side) & place.squares()).stream()
                    .anyMatch(man -> Squares.has(aims(board, side, man), square));
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + men.word()
                    + place.behind()
                    + " aimed at "
                    + Square.name(square);
        }

        @Override
        public Condition under(Symmetry way) {
            return new Aimed(way.side(side), men, place.under(way), way.square(square));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * So many men of a side at least are each aimed at the enemy king or a square beside it, or at
     * a wing of the enemy camp: its first three ranks.
     *
     * @param wing empty for the king
     */
    record AimedAtCamp(Side side, Men men, int least, Optional<BoardCondition.Wing> wing)
            implements AimCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long camp = wing.map(this::camp).orElseGet(() -> aroundKing(board));
            long aimed =
                    Squares.where(men.on(board, side), man -> (aims(board, side, man) & camp) != 0);
            return Long.bitCount(aimed) >= least;
        }

        private long camp(BoardCondition.Wing on) {
            Side enemy = side.other();
            return on.squares()
                    & (Squares.ofRank(enemy, 0)
                            | Squares.ofRank(enemy, 1)
                            | Squares.ofRank(enemy, 2));
        }

        private long aroundKing(Board board) {
            int king = board.kingSquare(side.other().ordinal());
            return Squares.where(~0L, s -> Squares.distance(s, king) <= 1);
        }

        @Override
        public String text() {
            return men.counted(least, Optional.of(side))
                    + " aimed at the "
                    + wing.map(BoardCondition.Wing::word)
                            .orElse(side.other().smallWord() + " king");
        }

        @Override
        public Condition under(Symmetry way) {
            return new AimedAtCamp(way.side(side), men, least, wing.map(on -> on.under(way)));
        }

        @Override
        public int cost() {
            return 150;
        }
    }

    /**
     * A side has a rook or queen on a file without pawns, and the other side has none there.
     *
     * @param place a file, or anywhere for any of them
     * @param only there is no other file without pawns
     */
    record HoldsFile(Side side, Place place, boolean only) implements AimCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long open = ~Squares.filesOf(situation.pawns());
            long held =
                    Squares.filesOf(Men.MAJORS.on(board, side))
                            & ~Squares.filesOf(Men.MAJORS.on(board, side.other()));
            return (open & held & place.squares()) != 0 && (!only || Long.bitCount(open) == 8);
        }

        @Override
        public String text() {
            String file = only ? "the only open file" : "an open file";
            String which = place.isAnywhere() ? file : place.text();
            return side.smallWord() + " has " + which + " to itself";
        }

        @Override
        public Condition under(Symmetry way) {
            return new HoldsFile(way.side(side), place.under(way), only);
        }
    }
}
