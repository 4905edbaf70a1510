package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;

/** What a move has just brought in, as far as the game shows; exactly in {@code docs/find.md}. */
sealed interface GainCondition extends Condition {

    /** Plies in which it must not be lost again; our choice, as with sacrifices. */
    int PLIES = EventCondition.Sacrificed.USUAL;

    /** The last move took material that does not come back, and did not take back what was lost. */
    record Won(Side side, Sacrifice what) implements GainCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.hasMoved(side) && what.isWon(situation, side, PLIES);
        }

        @Override
        public String text() {
            return side.smallWord() + " just won " + what.words();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Won(way.side(side), what);
        }

        @Override
        public int cost() {
            return 500;
        }
    }

    /**
     * The last move gave up material for good, and by then so many pawns more were taken for it
     * than lost.
     */
    record GivenForPawns(Side side, Sacrifice what, int pawns) implements GainCondition {
        @Override
        public boolean holds(Situation situation) {
            if (!situation.hasMoved(side) || !what.isMade(situation, side, PLIES)) {
                return false;
            }
            GameLine line = situation.line();
            int end = Math.min(line.plies(), situation.ply() + PLIES);
            return lead(line.boardAt(end)) - lead(line.boardAt(situation.ply() - 1)) == pawns;
        }

        private int lead(Board board) {
            int type = PieceType.PAWN.ordinal();
            return Long.bitCount(board.pieces(side.ordinal(), type))
                    - Long.bitCount(board.pieces(1 - side.ordinal(), type));
        }

        @Override
        public String text() {
            String many = pawns == 1 ? " pawn" : " pawns";
            return side.smallWord() + " sacrificed " + what.words() + " for " + pawns + many;
        }

        @Override
        public Condition under(Symmetry way) {
            return new GivenForPawns(way.side(side), what, pawns);
        }

        @Override
        public int cost() {
            return 600;
        }
    }

    /**
     * In a pawn ending a pawn stepped to where an enemy pawn can take it, and within some plies its
     * side promoted.
     */
    record Breakthrough(Side side) implements GainCondition {

        /** Plies in which a pawn got through: our choice. */
        private static final int WITHIN = 16;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int to = Move.to(situation.lastPacked());
            if (!situation.hasMoved(side)
                    || Men.PIECES.on(board) != 0
                    || board.typeAt(to) != PieceType.PAWN.ordinal()
                    || (Attacks.pawn(side.ordinal(), to) & situation.pawns(side.other())) == 0) {
                return false;
            }
            GameLine line = situation.line();
            int end = Math.min(line.plies(), situation.ply() + WITHIN);
            for (int ply = situation.ply() + 1; ply < end; ply += 2) {
                if (Move.isPromotion(line.moves()[ply])) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " broke through";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Breakthrough(way.side(side));
        }
    }

    /**
     * In an ending without queens and rooks the king's last three moves led it over two other
     * squares back to where it was, and nobody moved a pawn or took anything meanwhile.
     */
    record Triangulated(Side side) implements GainCondition {

        /** Own moves of the way round. */
        private static final int MOVES = 3;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int first = situation.ply() - 2 * MOVES + 1;
            if (!situation.hasMoved(side)
                    || first < 0
                    || Men.MAJORS.on(board) != 0
                    || board.halfmoveClock() < 2 * MOVES - 1) {
                return false;
            }
            int[] moves = situation.line().moves();
            int king = board.kingSquare(side.ordinal());
            int at = king;
            for (int ply = first; ply < situation.ply(); ply += 2) {
                if (Move.from(moves[ply]) != at) {
                    return false;
                }
                at = Move.to(moves[ply]);
            }
            return at == king;
        }

        @Override
        public String text() {
            return side.smallWord() + " triangulated";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Triangulated(way.side(side));
        }
    }
}
