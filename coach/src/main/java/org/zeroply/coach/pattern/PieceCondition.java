package org.zeroply.coach.pattern;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnSets;

/** Pieces that stand well with regard to the pawns and to each other. */
sealed interface PieceCondition extends Condition {

    private static long own(Situation situation, Side side, PieceType type) {
        return situation.board().pieces(side.ordinal(), type.ordinal());
    }

    /**
     * Some man stands on a file without pawns, or on one where only the enemy has pawns.
     *
     * @param side empty for either side's
     */
    record OnOpenFile(Optional<Side> side, Men men, boolean half, int least)
            implements PieceCondition {
        @Override
        public boolean holds(Situation situation) {
            return Condition.ofAny(side, whose -> holds(situation, whose));
        }

        private boolean holds(Situation situation, Side whose) {
            long ours = Squares.filesOf(situation.pawns(whose));
            long theirs = Squares.filesOf(situation.pawns(whose.other()));
            long open = ~ours & (half ? theirs : ~theirs);
            return Long.bitCount(men.on(situation.board(), whose) & open) >= least;
        }

        @Override
        public String text() {
            return men.counted(least, side) + " on " + (half ? "a half-open" : "an open") + " file";
        }

        @Override
        public Condition under(Symmetry way) {
            return new OnOpenFile(side.map(way::side), men, half, least);
        }
    }

    /**
     * A bishop stands on the second square of the knight's file, and the pawn of that file on its
     * third or fourth rank.
     *
     * @param wing empty for either
     */
    record Fianchetto(Side side, Optional<BoardCondition.Wing> wing) implements PieceCondition {

        /** The g-file, from 0 on; seen from the other edge it is the b-file. */
        private static final int KNIGHTS_FILE = 6;

        @Override
        public boolean holds(Situation situation) {
            for (BoardCondition.Wing on : BoardCondition.Wing.values()) {
                if (wing.isEmpty() || wing.get() == on) {
                    if (isOn(situation, knightsFile(on))) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** From 0 on. */
        private static int knightsFile(BoardCondition.Wing wing) {
            return wing == BoardCondition.Wing.KINGSIDE ? KNIGHTS_FILE : 7 - KNIGHTS_FILE;
        }

        private boolean isOn(Situation situation, int file) {
            long squares = Squares.ofFile(file);
            long bishop = own(situation, side, PieceType.BISHOP) & Squares.ofRank(side, 1);
            long pawn =
                    own(situation, side, PieceType.PAWN)
                            & (Squares.ofRank(side, 2) | Squares.ofRank(side, 3));
            return (bishop & squares) != 0 && (pawn & squares) != 0;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " fianchetto"
                    + wing.map(on -> " on the " + on.word()).orElse("");
        }

        @Override
        public Condition under(Symmetry way) {
            return new Fianchetto(way.side(side), wing.map(on -> on.under(way)));
        }
    }

    /**
     * The pawn of the knight's file stands on its third rank, those beside it on their first three,
     * and the side has no bishop of the colour of the square behind it any more.
     */
    record BareFianchetto(Side side, BoardCondition.Wing wing) implements PieceCondition {
        @Override
        public boolean holds(Situation situation) {
            int file = Fianchetto.knightsFile(wing);
            int pawn = Square.at(file, side == Side.WHITE ? 2 : 5);
            long pawns = own(situation, side, PieceType.PAWN);
            long home = pawns & ~Squares.front(side, pawn);
            return Squares.has(pawns, pawn)
                    && (home & Squares.ofFile(file - 1)) != 0
                    && (home & Squares.ofFile(file + 1)) != 0
                    && (own(situation, side, PieceType.BISHOP) & ~Squares.colourOf(pawn)) == 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " fianchetto without its bishop on the " + wing.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new BareFianchetto(way.side(side), wing.under(way));
        }
    }

    /**
     * A rook stands on the file of a passed pawn with nothing between them.
     *
     * @param itsOwn the pawn is of the same side; else it may be of either
     * @param place where the pawn stands
     */
    record RookAtPasser(Side side, Where where, boolean itsOwn, Place place)
            implements PieceCondition {

        /** On which side of the pawn. */
        enum Where {
            /** Where it came from. */
            BEHIND("behind"),
            /** Where it is to go. */
            BEFORE("in front of");

            private final String words;

            Where(String words) {
                this.words = words;
            }
        }

        @Override
        public boolean holds(Situation situation) {
            return hasRook(situation, side) || !itsOwn && hasRook(situation, side.other());
        }

        private boolean hasRook(Situation situation, Side pawns) {
            long rooks = own(situation, side, PieceType.ROOK);
            if (rooks == 0) {
                return false;
            }
            long men = situation.board().occupied();
            Side towards = where == Where.BEFORE ? pawns : pawns.other();
            return Squares.list(situation.passed(pawns) & place.squares()).stream()
                    .anyMatch(p -> (Attacks.rook(p, men) & Squares.front(towards, p) & rooks) != 0);
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " rook "
                    + where.words
                    + (itsOwn ? " its own" : " a")
                    + " passed pawn"
                    + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new RookAtPasser(way.side(side), where, itsOwn, place.under(way));
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /**
     * A man stands where another one of its own side guards it.
     *
     * @param by what guards it
     */
    record Held(Side side, Men men, Place place, Men by) implements PieceCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long there = men.on(board, side) & place.squares();
            long guards = by.on(board, side);
            return Squares.list(there).stream()
                    .anyMatch(s -> (board.attackersTo(s, board.occupied()) & guards) != 0);
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + men.word()
                    + place.behind()
                    + " supported by a "
                    + by.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Held(way.side(side), men, place.under(way), by);
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /** Two rooks of a side guard each other. */
    record ConnectedRooks(Side side) implements PieceCondition {
        @Override
        public boolean holds(Situation situation) {
            long rooks = own(situation, side, PieceType.ROOK);
            for (int rook : Squares.list(rooks)) {
                if ((Attacks.rook(rook, situation.board().occupied()) & rooks) != 0) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " connected rooks";
        }

        @Override
        public Condition under(Symmetry way) {
            return new ConnectedRooks(way.side(side));
        }
    }

    /**
     * A man stands right before an enemy pawn that is passed or isolated.
     *
     * @param place where that man stands
     */
    record Blockader(Side side, Men men, Place place) implements PieceCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long theirs = own(situation, side.other(), PieceType.PAWN);
            long worth = situation.passed(side.other()) | PawnSets.isolated(theirs);
            long before = Squares.forward(side.other(), worth);
            return (before & men.on(board, side) & place.squares()) != 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " blockading " + men.word() + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Blockader(way.side(side), men, place.under(way));
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /** In a pawn ending the kings face each other, and the other side is to move. */
    record Opposition(Side side, Kind kind) implements PieceCondition {

        /** How the kings face each other. */
        enum Kind {
            /** On a file or rank with one square between. */
            DIRECT,
            /** On a file or rank with three or five squares between. */
            DISTANT,
            /** On a diagonal with one square between. */
            DIAGONAL;

            String word() {
                return name().toLowerCase(Locale.ROOT);
            }

            private boolean isSo(int files, int ranks) {
                int most = Math.max(files, ranks);
                int least = Math.min(files, ranks);
                return switch (this) {
                    case DIRECT -> most == 2 && least == 0;
                    case DISTANT -> (most == 4 || most == 6) && least == 0;
                    case DIAGONAL -> most == 2 && least == 2;
                };
            }
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int own = board.kingSquare(side.ordinal());
            int theirs = board.kingSquare(1 - side.ordinal());
            return board.sideToMove() != side.ordinal()
                    && Men.PIECES.on(board) == 0
                    && board.piecesOfType(PieceType.PAWN.ordinal()) != 0
                    && kind.isSo(
                            Math.abs(Square.file(own) - Square.file(theirs)),
                            Math.abs(Square.rank(own) - Square.rank(theirs)));
        }

        @Override
        public String text() {
            return side.smallWord() + " has the " + kind.word() + " opposition";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Opposition(way.side(side), kind);
        }
    }
}
