package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;

/** How many pawns stand on a wing: files a to d or e to h. */
sealed interface WingCondition extends Condition {

    private static int count(Situation situation, Side side, BoardCondition.Wing wing) {
        return Long.bitCount(situation.pawns(side) & wing.squares());
    }

    /** So many pawns of a side, and so many of the other, on a wing. */
    record OnWing(Side side, int own, int theirs, BoardCondition.Wing wing)
            implements WingCondition {
        @Override
        public boolean holds(Situation situation) {
            return count(situation, side, wing) == own
                    && count(situation, side.other(), wing) == theirs;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + own
                    + (own == 1 ? " pawn" : " pawns")
                    + " against "
                    + theirs
                    + " on the "
                    + wing.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new OnWing(way.side(side), own, theirs, wing.under(way));
        }
    }

    /** A side has more pawns than the other on a wing. */
    record Majority(Side side, BoardCondition.Wing wing) implements WingCondition {

        @Override
        public boolean holds(Situation situation) {
            return count(situation, side, wing) > count(situation, side.other(), wing);
        }

        @Override
        public String text() {
            return side.smallWord() + " majority on the " + wing.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Majority(way.side(side), wing.under(way));
        }
    }

    /** A side has so many pawns more than the other on a wing. */
    record Lead(Side side, MaterialCondition.Bound bound, int number, BoardCondition.Wing wing)
            implements WingCondition {
        @Override
        public boolean holds(Situation situation) {
            int more = count(situation, side, wing) - count(situation, side.other(), wing);
            return bound.allows(more, number);
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " has "
                    + bound.words()
                    + " "
                    + number
                    + " more pawns on the "
                    + wing.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Lead(way.side(side), bound, number, wing.under(way));
        }
    }

    /** There are pawns, and all of both sides stand on one wing, either of the two. */
    record OneWing() implements WingCondition {
        @Override
        public boolean holds(Situation situation) {
            long pawns = situation.pawns();
            long kingside = pawns & BoardCondition.Wing.KINGSIDE.squares();
            return pawns != 0 && (kingside == 0 || kingside == pawns);
        }

        @Override
        public String text() {
            return "all pawns on one wing";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }
}
