package org.zeroply.coach.pattern;

import java.util.function.IntUnaryOperator;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/** What decides endings and has a name; exactly what is in {@code docs/find.md}. */
sealed interface EndingCondition extends Condition {

    /**
     * In an ending without queens an enemy rook holds a file or rank between a king and a passed
     * pawn of either side, where the king would cross it, and does not give check.
     *
     * @param side whose king it is
     */
    record CutOff(Side side) implements EndingCondition {
        /** Pieces of a side besides its king, with more of which kings stay at home: our choice. */
        private static final int FEW = 2;

        private static boolean isEnding(Board board) {
            if (Men.of(PieceType.QUEEN).on(board) != 0) {
                return false;
            }
            for (Side side : Side.values()) {
                if (Long.bitCount(Men.PIECES.on(board, side)) > FEW) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            if (!isEnding(board) || board.inCheck()) {
                return false;
            }
            int king = board.kingSquare(side.ordinal());
            long passed = situation.passed(side) | situation.passed(side.other());
            if (passed == 0) {
                return false;
            }
            for (int rook : Squares.list(Men.of(PieceType.ROOK).on(board, side.other()))) {
                long held = Attacks.rook(rook, board.occupied() & ~(1L << king)) | 1L << rook;
                for (int pawn : Squares.list(passed)) {
                    if (isBetween(rook, king, pawn, Square::file)
                                    && Squares.has(
                                            held, Square.at(Square.file(rook), Square.rank(king)))
                            || isBetween(rook, king, pawn, Square::rank)
                                    && Squares.has(
                                            held,
                                            Square.at(Square.file(king), Square.rank(rook)))) {
                        return true;
                    }
                }
            }
            return false;
        }

        private static boolean isBetween(int rook, int king, int pawn, IntUnaryOperator line) {
            int from = line.applyAsInt(king);
            int to = line.applyAsInt(pawn);
            int at = line.applyAsInt(rook);
            return Math.min(from, to) < at && at < Math.max(from, to);
        }

        @Override
        public String text() {
            return side.smallWord() + " king cut off";
        }

        @Override
        public Condition under(Symmetry way) {
            return new CutOff(way.side(side));
        }

        @Override
        public int cost() {
            return 80;
        }
    }

    /**
     * A side has nothing but bishops of one colour and pawns on one rook's file, which promote on a
     * square of the other colour.
     */
    record WrongBishop(Side side) implements EndingCondition {

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long own = board.pieces(side.ordinal()) & ~(1L << board.kingSquare(side.ordinal()));
            long bishops = Men.of(PieceType.BISHOP).on(board, side);
            long pawns = situation.pawns(side);
            long file = Squares.filesOf(pawns);
            boolean rooksPawns = file == Squares.ofFile(0) || file == Squares.ofFile(7);
            return rooksPawns
                    && bishops != 0
                    && own == (bishops | pawns)
                    && (bishops & Squares.colourOf(Squares.first(file & Squares.ofRank(side, 7))))
                            == 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " wrong bishop";
        }

        @Override
        public Condition under(Symmetry way) {
            return new WrongBishop(way.side(side));
        }
    }
}
