package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/** By what and from where the last move took something, or that a pawn went on without. */
sealed interface CaptureCondition extends Condition {

    /**
     * The last move took something.
     *
     * @param again it took back: the other side had taken on the same square a move before
     * @param from where the man came from
     * @param on where it took
     */
    record Captured(Side side, boolean again, Men men, Place from, Place on)
            implements CaptureCondition {
        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            return Move.isCapture(last)
                    && situation.hasMoved(side)
                    && Squares.has(from.squares(), Move.from(last))
                    && Squares.has(on.squares(), Move.to(last))
                    && men.has(situation.moved())
                    && (!again || isBack(situation, last));
        }

        private static boolean isBack(Situation situation, int last) {
            int before = situation.ply() - 1;
            Move earlier = before < 1 ? Move.NULL : situation.line().before(before);
            return earlier.isCapture() && earlier.to() == Move.to(last);
        }

        @Override
        public String text() {
            boolean any = men.equals(Men.ANY) && from.isAnywhere();
            return side.smallWord()
                    + (again ? " just recaptured" : " just captured")
                    + (any ? "" : " with a " + men.word())
                    + (from.isAnywhere() ? "" : " from " + from.text())
                    + on.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Captured(way.side(side), again, men, from.under(way), on.under(way));
        }

        @Override
        public int cost() {
            return again ? 60 : 15;
        }
    }

    /**
     * The last move was that of a pawn that took nothing.
     *
     * @param passed whether it must be a passed one where it came to; one that promoted is
     * @param to where it went
     */
    record Pushed(Side side, boolean passed, Place to) implements CaptureCondition {
        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            return situation.hasMoved(side)
                    && !Move.isCapture(last)
                    && Squares.has(to.squares(), Move.to(last))
                    && situation.moved() == PieceType.PAWN
                    && (!passed
                            || Move.isPromotion(last)
                            || Squares.has(situation.passed(side), Move.to(last)));
        }

        @Override
        public String text() {
            return side.smallWord()
                    + (passed ? " just pushed a passed pawn" : " just pushed a pawn")
                    + (to.isAnywhere() ? "" : " to " + to.text());
        }

        @Override
        public Condition under(Symmetry way) {
            return new Pushed(way.side(side), passed, to.under(way));
        }
    }
}
