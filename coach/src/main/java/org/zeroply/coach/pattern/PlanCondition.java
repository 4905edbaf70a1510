package org.zeroply.coach.pattern;

import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.Phase;

/** What the plans of a side rest on; exactly what is in {@code docs/find.md}. */
sealed interface PlanCondition extends Condition {

    /** The pawns stand as in a structure that has a name. */
    record Structured(Side side, Structure structure, boolean mirrored) implements PlanCondition {
        @Override
        public boolean holds(Situation situation) {
            return structure.isShown(
                    side, situation.pawns(side), situation.pawns(side.other()), mirrored);
        }

        @Override
        public String text() {
            return side.smallWord() + (mirrored ? " mirrored " : " ") + structure.words();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Structured(way.side(side), structure, mirrored != way.isMirrored());
        }
    }

    /** Before the ending the king has come to its fourth rank or further. */
    record KingMarch(Side side) implements PlanCondition {
        @Override
        public boolean holds(Situation situation) {
            int king = situation.board().kingSquare(side.ordinal());
            return Squares.rank(side, king) >= 3 && Phase.of(situation.position()) != Phase.ENDING;
        }

        @Override
        public String text() {
            return side.smallWord() + " king march";
        }

        @Override
        public Condition under(Symmetry way) {
            return new KingMarch(way.side(side));
        }
    }

    /**
     * On files c to f the foremost pawns of a side made three steps more than those of the other.
     */
    record MoreSpace(Side side) implements PlanCondition {

        /** Steps more that count as more space: our choice. */
        private static final int MORE = 3;

        @Override
        public boolean holds(Situation situation) {
            return steps(situation, side) - steps(situation, side.other()) >= MORE;
        }

        private static int steps(Situation situation, Side side) {
            int steps = 0;
            for (int file = 2; file <= 5; file++) {
                int foremost = 1;
                for (int pawn : Squares.list(situation.pawns(side) & Squares.ofFile(file))) {
                    foremost = Math.max(foremost, Squares.rank(side, pawn));
                }
                steps += foremost - 1;
            }
            return steps;
        }

        @Override
        public String text() {
            return side.smallWord() + " has more space";
        }

        @Override
        public Condition under(Symmetry way) {
            return new MoreSpace(way.side(side));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * Before the ending two pawns of a side or more, on the files at the enemy king on its wing,
     * are on their fourth rank or further; where the own king stands on these files one of them on
     * its fifth.
     *
     * @param wing files a to c or f to h; empty for either
     */
    record PawnStorm(Side side, Optional<BoardCondition.Wing> wing) implements PlanCondition {

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int king = board.kingSquare(1 - side.ordinal());
            long files = Square.file(king) < 4 ? Squares.A_TO_C : Squares.F_TO_H;
            if (!Squares.has(files & onWing(), king)) {
                return false;
            }
            long storming =
                    Squares.where(situation.pawns(side) & files, p -> Squares.rank(side, p) >= 3);
            boolean behind = Squares.has(files, board.kingSquare(side.ordinal()));
            return Long.bitCount(storming) >= 2
                    && (!behind || (storming & ~Squares.ofRank(side, 3)) != 0)
                    && Phase.of(situation.position()) != Phase.ENDING;
        }

        private long onWing() {
            return wing.map(
                            w ->
                                    w == BoardCondition.Wing.QUEENSIDE
                                            ? Squares.A_TO_C
                                            : Squares.F_TO_H)
                    .orElse(-1L);
        }

        @Override
        public String text() {
            String where = wing.map(w -> " on the " + w.word()).orElse("");
            return side.smallWord() + " pawn storm" + where;
        }

        @Override
        public Condition under(Symmetry way) {
            return new PawnStorm(way.side(side), wing.map(w -> w.under(way)));
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /** So many more knights and bishops of the other side stand where they began. */
    record AheadInDevelopment(Side side, int least) implements PlanCondition {

        /** More that count as a lead where no number is given: our choice. */
        static final int USUAL = 2;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            return BoardCondition.Undeveloped.count(board, side.other())
                            - BoardCondition.Undeveloped.count(board, side)
                    >= least;
        }

        @Override
        public String text() {
            return side.smallWord() + " ahead in development by at least " + least;
        }

        @Override
        public Condition under(Symmetry way) {
            return new AheadInDevelopment(way.side(side), least);
        }
    }
}
