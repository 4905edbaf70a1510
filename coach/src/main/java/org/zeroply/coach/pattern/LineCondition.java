package org.zeroply.coach.pattern;

import java.util.Locale;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/** Men that share a file, a rank or a diagonal. */
sealed interface LineCondition extends Condition {

    /** What a man sees on its file and its diagonals, if it moves along them. */
    private static long sees(Board board, int man) {
        int type = board.typeAt(man);
        boolean slides = type >= PieceType.BISHOP.ordinal() && type <= PieceType.QUEEN.ordinal();
        long rank = Squares.ofRank(Side.WHITE, Square.rank(man));
        return slides ? Attacks.of(type, man, board.occupied()) & ~rank : 0;
    }

    /**
     * A man of a side and another one, of either side, share a line, whatever stands between.
     *
     * @param one whose the first is
     * @param other whose the second is
     */
    record OnSameLine(Line line, Side one, Men men, Side other, Men others)
            implements LineCondition {

        /** Which lines count. */
        enum Line {
            FILE,
            RANK,
            DIAGONAL;

            String word() {
                return name().toLowerCase(Locale.ROOT);
            }

            /** The squares of the line through a square, that one aside; both diagonals. */
            private long through(int square) {
                return switch (this) {
                    case FILE -> Attacks.straights(square) & Squares.file(square);
                    case RANK -> Attacks.straights(square) & ~Squares.file(square);
                    case DIAGONAL -> Attacks.diagonals(square);
                };
            }
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long there = others.on(board, other);
            long from = men.on(board, one);
            return Squares.list(from).stream().anyMatch(s -> (line.through(s) & there) != 0);
        }

        @Override
        public String text() {
            return one.smallWord()
                    + " "
                    + men.word()
                    + " on the same "
                    + line.word()
                    + " as the "
                    + other.smallWord()
                    + " "
                    + others.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new OnSameLine(line, way.side(one), men, way.side(other), others);
        }
    }

    /**
     * Two rooks of a side stand on one file with nothing between them.
     *
     * @param place a file, or anywhere
     */
    record DoubledRooks(Side side, Place place) implements LineCondition {
        @Override
        public boolean holds(Situation situation) {
            long on = Men.of(PieceType.ROOK).on(situation.board(), side) & place.squares();
            for (int rook : Squares.list(on)) {
                long seen = Attacks.rook(rook, situation.board().occupied());
                if ((seen & Squares.file(rook) & on) != 0) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " doubled rooks" + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new DoubledRooks(way.side(side), place.under(way));
        }
    }

    /**
     * Two men of a side share a file or diagonal along which both move, with nothing between them;
     * neither is said to be the first.
     *
     * @param place where both stand
     */
    record Battery(Side side, Men one, Men other, Place place) implements LineCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long others = other.on(situation.board(), side) & place.squares();
            for (int man : Squares.list(one.on(situation.board(), side) & place.squares())) {
                for (int seen : Squares.list(sees(board, man) & others)) {
                    if ((sees(board, seen) & 1L << man) != 0) {
                        return true;
                    }
                }
            }
            return false;
        }

        @Override
        public String text() {
            String men = one.word() + " and " + other.word();
            return side.smallWord() + " " + men + " battery" + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Battery(way.side(side), one, other, place.under(way));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * On a file or diagonal along which it moves, a man has another one of its side right before
     * it, nothing between them: nearer to the enemy's edge.
     *
     * @param place where both stand
     */
    record Behind(Side side, Men men, Men before, Place place) implements LineCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long others = before.on(situation.board(), side) & place.squares();
            for (int man : Squares.list(men.on(situation.board(), side) & place.squares())) {
                int rank = Squares.rank(side, man);
                long ahead = Squares.where(others, s -> Squares.rank(side, s) > rank);
                if ((sees(board, man) & ahead) != 0) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + men.word()
                    + " behind the "
                    + before.word()
                    + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Behind(way.side(side), men, before, place.under(way));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * Three rooks and queens of a side, or more, stand on one file with nothing between them.
     *
     * @param place a file, or anywhere
     */
    record Tripled(Side side, Place place) implements LineCondition {
        @Override
        public boolean holds(Situation situation) {
            long on = Men.MAJORS.on(situation.board(), side) & place.squares();
            for (int middle : Squares.list(on)) {
                long beside = Attacks.rook(middle, situation.board().occupied());
                if (Long.bitCount(beside & Squares.file(middle) & on) > 1) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " tripled heavy pieces" + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Tripled(way.side(side), place.under(way));
        }
    }
}
