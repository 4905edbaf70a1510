package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/** What the pawns of a side or of both are as a whole; exactly what is in {@code docs/find.md}. */
sealed interface StructureCondition extends Condition {

    /** Groups of pawns on neighbouring files. */
    private static int islands(long pawns) {
        long files = Squares.filesOf(pawns) & Squares.ofRank(Side.WHITE, 0);
        return Long.bitCount(files & ~(files << 1));
    }

    /** A side's pawns form so many groups on neighbouring files. */
    record Islands(Side side, MaterialCondition.Bound bound, int number)
            implements StructureCondition {
        @Override
        public boolean holds(Situation situation) {
            return bound.allows(islands(situation.pawns(side)), number);
        }

        @Override
        public String text() {
            String many = number == 1 ? " pawn island" : " pawn islands";
            return side.smallWord() + " has " + bound.words() + " " + number + many;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Islands(way.side(side), bound, number);
        }
    }

    /** A side's pawns form fewer groups than the other's. */
    record FewerIslands(Side side) implements StructureCondition {
        @Override
        public boolean holds(Situation situation) {
            return islands(situation.pawns(side)) < islands(situation.pawns(side.other()));
        }

        @Override
        public String text() {
            return side.smallWord() + " has fewer pawn islands";
        }

        @Override
        public Condition under(Symmetry way) {
            return new FewerIslands(way.side(side));
        }
    }

    /** There are pawns, and on each file both sides have as many. */
    record Symmetrical() implements StructureCondition {
        @Override
        public boolean holds(Situation situation) {
            long white = situation.pawns(Side.WHITE);
            long black = situation.pawns(Side.BLACK);
            for (int file = 0; file < 8; file++) {
                long squares = Squares.ofFile(file);
                if (Long.bitCount(white & squares) != Long.bitCount(black & squares)) {
                    return false;
                }
            }
            return white != 0;
        }

        @Override
        public String text() {
            return "pawns symmetrical";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /**
     * On just one of the files d and e a white and a black pawn stop each other, and no pawn can
     * take either of them: our choice.
     */
    record FixedCentre() implements StructureCondition {
        @Override
        public boolean holds(Situation situation) {
            long white = situation.pawns(Side.WHITE);
            long black = situation.pawns(Side.BLACK);
            long files = Squares.ofFile(3) | Squares.ofFile(4);
            long stopped = white & Squares.forward(Side.BLACK, black) & files;
            long stopping = Squares.forward(Side.WHITE, stopped);
            return Long.bitCount(stopped) == 1
                    && (Squares.pawnAttacks(Side.WHITE, white) & stopping) == 0
                    && (Squares.pawnAttacks(Side.BLACK, black) & stopped) == 0;
        }

        @Override
        public String text() {
            return "centre fixed";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /**
     * No pawn of a side attacks a square or can come to do so by steps up its file, whatever stands
     * before it.
     */
    record OutOfReach(int square, Side whose) implements StructureCondition {
        @Override
        public boolean holds(Situation situation) {
            int rank = Squares.rank(whose, square);
            long beside = situation.pawns(whose) & Squares.besideFiles(square);
            return Squares.where(beside, pawn -> Squares.rank(whose, pawn) < rank) == 0;
        }

        @Override
        public String text() {
            return Square.name(square) + " out of reach of " + whose.smallWord() + " pawns";
        }

        @Override
        public Condition under(Symmetry way) {
            return new OutOfReach(way.square(square), way.side(whose));
        }
    }
}
