package org.zeroply.coach.pattern;

import java.util.Locale;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.material.Phase;

/** What the rules call by a name, and how far the game has come by them. */
sealed interface RuleCondition extends Condition {

    /** What it takes to make an immutable position, in nanoseconds or so. */
    int POSITION = 1000;

    private static boolean isToMove(Situation situation, Side side) {
        return situation.board().sideToMove() == side.ordinal();
    }

    /**
     * The whole game has so many moves; where it is not known how it went on this never holds.
     *
     * @param moves full moves; one that Black has not answered counts
     */
    record GameLength(MaterialCondition.Bound bound, int moves) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation
                    .game()
                    .filter(g -> bound.allows((g.plies() + 1) / 2, moves))
                    .isPresent();
        }

        @Override
        public String text() {
            return "game of " + bound.words() + " " + moves + " moves";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** The last position of a game; where it is not known how it went on this never holds. */
    record GameOver() implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.isLast();
        }

        @Override
        public String text() {
            return "final position";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** The last position of a game that the opening's name goes by. */
    record OpeningOver() implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.opening().filter(o -> o.ply() == situation.ply()).isPresent();
        }

        @Override
        public String text() {
            return "last named opening position";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /**
     * For so long nothing was taken and no pawn moved.
     *
     * @param plies since then, at least
     */
    record HalfmoveClock(int plies) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.board().halfmoveClock() >= plies;
        }

        @Override
        public String text() {
            return "halfmove clock at least " + plies;
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** The last move gave check. */
    record JustChecked(Side side, Kind kind) implements RuleCondition {

        /** How the check came about. */
        enum Kind {
            CHECK,
            DISCOVERED_CHECK,
            DOUBLE_CHECK;

            String words() {
                return name().toLowerCase(Locale.ROOT).replace('_', ' ');
            }

            /** What these words name. */
            static Kind of(String words) {
                return valueOf(words.toUpperCase(Locale.ROOT).replace(' ', '_'));
            }
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int last = situation.lastPacked();
            if (last == 0 || isToMove(situation, side) || !board.inCheck()) {
                return false;
            }
            int king = board.kingSquare(side.other().ordinal());
            long checkers =
                    board.attackersTo(king, board.occupied()) & board.pieces(side.ordinal());
            return switch (kind) {
                case CHECK -> true;
                case DOUBLE_CHECK -> Long.bitCount(checkers) > 1;
                // The rook that castling brings out is no man that was uncovered.
                case DISCOVERED_CHECK ->
                        !new Move(last).isCastling() && (checkers & ~(1L << Move.to(last))) != 0;
            };
        }

        @Override
        public String text() {
            return side.smallWord() + " just gave a " + kind.words();
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustChecked(way.side(side), kind);
        }
    }

    /** The last move took a pawn in passing. */
    record JustTookInPassing(Side side) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return Move.kind(situation.lastPacked()) == Move.EN_PASSANT
                    && !isToMove(situation, side);
        }

        @Override
        public String text() {
            return side.smallWord() + " just took en passant";
        }

        @Override
        public Condition under(Symmetry way) {
            return new JustTookInPassing(way.side(side));
        }
    }

    /** A pawn can be taken in passing. */
    record MayTakeInPassing(Side side) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.board().enPassantSquare() >= 0
                    && isToMove(situation, side)
                    && situation.position().legalMoves().stream()
                            .anyMatch(m -> Move.kind(m.packed()) == Move.EN_PASSANT);
        }

        @Override
        public String text() {
            return side.smallWord() + " can take en passant";
        }

        @Override
        public Condition under(Symmetry way) {
            return new MayTakeInPassing(way.side(side));
        }
    }

    /** A side is to move, has no move, and is not in check. */
    record Stalemated(Side side) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return isToMove(situation, side)
                    && !situation.board().inCheck()
                    && situation.position().isStalemate();
        }

        @Override
        public String text() {
            return side.smallWord() + " is stalemated";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Stalemated(way.side(side));
        }

        @Override
        public int cost() {
            return POSITION;
        }
    }

    /**
     * The position is on the board for at least so many times.
     *
     * @param times this one included
     */
    record Reached(int times) implements RuleCondition {

        /** Plies between a position and the same again, at least. */
        private static final int BACK_AND_FORTH = 4;

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            if (board.halfmoveClock() < BACK_AND_FORTH * (times - 1)) {
                return false;
            }
            long key = board.key();
            long[] keys = situation.keys();
            int seen = 0;
            for (int ply = situation.ply(); ply >= 0; ply -= 2) {
                seen += keys[ply] == key ? 1 : 0;
            }
            return seen >= times;
        }

        @Override
        public String text() {
            return "position reached " + times + " times";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }

        @Override
        public int cost() {
            return POSITION;
        }
    }

    /** The game is in its opening, middlegame or ending, as reviews count them. */
    record InPhase(Phase phase) implements RuleCondition {
        @Override
        public boolean holds(Situation situation) {
            return Phase.of(situation.position()) == phase;
        }

        @Override
        public String text() {
            return "in the " + phase.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }

        @Override
        public int cost() {
            return POSITION;
        }
    }
}
