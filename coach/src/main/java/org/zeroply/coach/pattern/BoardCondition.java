package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.pieces.Routes;

/** What stands where, what bears on what, kings and their castling. */
sealed interface BoardCondition extends Condition {

    /** What it takes to see who attacks what, in nanoseconds or so. */
    int SCENE = 2000;

    /**
     * At least so many men stand on one of some squares.
     *
     * @param side empty for either side's
     */
    record MenOn(Optional<Side> side, Men men, Place place, int least) implements BoardCondition {

        /** One man of a side at least. */
        static MenOn of(Side side, PieceType type, Place place) {
            return new MenOn(Optional.of(side), Men.of(type), place, 1);
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long whose = side.isPresent() ? board.pieces(side.get().ordinal()) : board.occupied();
            long there = place.squares() & whose & men.on(board);
            return least == 1 ? there != 0 : Long.bitCount(there) >= least;
        }

        @Override
        public String text() {
            String where = place.isAnywhere() ? " on the board" : " on " + place.text();
            return men.counted(least, side) + where;
        }

        @Override
        public Condition under(Symmetry way) {
            return new MenOn(side.map(way::side), men, place.under(way), least);
        }
    }

    /** Nothing stands on any of some squares. */
    record Empty(List<Integer> squares) implements BoardCondition {
        public Empty {
            squares = List.copyOf(squares);
        }

        @Override
        public boolean holds(Situation situation) {
            for (int square : squares) {
                if (situation.board().codeAt(square) != 0) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public String text() {
            return squares.stream().map(Square::name).collect(Collectors.joining(" ")) + " empty";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Empty(way.squares(squares));
        }
    }

    /** A side bears on a square directly. */
    record Attacked(int square, Side by) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long attackers = board.attackersTo(square, board.occupied());
            return (attackers & board.pieces(by.ordinal())) != 0;
        }

        @Override
        public String text() {
            return Square.name(square) + " attacked by " + by.smallWord();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Attacked(way.square(square), way.side(by));
        }
    }

    /** A side bears on a square at least so often, also through its own men. */
    record Covered(int square, Side by, int times) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return bearing(situation.scene(), by, square) >= times;
        }

        @Override
        public String text() {
            String often = times == 1 ? "" : " " + times + " times";
            return Square.name(square) + " covered by " + by.smallWord() + often;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Covered(way.square(square), way.side(by), times);
        }

        @Override
        public int cost() {
            return SCENE;
        }
    }

    /** A side bears on a square with more men than the other, also through its own men. */
    record Outnumbers(Side side, int square) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            return bearing(scene, side, square) > bearing(scene, side.other(), square);
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " outnumbers "
                    + side.other().smallWord()
                    + " on "
                    + Square.name(square);
        }

        @Override
        public Condition under(Symmetry way) {
            return new Outnumbers(way.side(side), way.square(square));
        }

        @Override
        public int cost() {
            return SCENE;
        }
    }

    private static int bearing(Scene scene, Side side, int square) {
        return (int)
                Squares.list(scene.men(side)).stream()
                        .filter(man -> man != square && scene.guards(man, square))
                        .count();
    }

    /** A wing. */
    enum Wing {
        KINGSIDE,
        QUEENSIDE;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Files a to d, or e to h. */
        long squares() {
            return this == QUEENSIDE ? Squares.QUEENSIDE : ~Squares.QUEENSIDE;
        }

        Wing under(Symmetry way) {
            return way.isMirrored() ? this == KINGSIDE ? QUEENSIDE : KINGSIDE : this;
        }
    }

    /** A side's king has left its home for a wing, and castling is over. */
    record Castled(Side side, Optional<Wing> wing) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            int king = situation.board().kingSquare(side.ordinal());
            int file = Square.file(king);
            boolean there =
                    wing.map(w -> w == Wing.KINGSIDE ? file >= 6 : file <= 2)
                            .orElse(file <= 2 || file >= 6);
            return Squares.rank(side, king) == 0
                    && there
                    && (situation.board().castling() & rights(side, Optional.empty())) == 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " castled" + wing.map(w -> " " + w.word()).orElse("");
        }

        @Override
        public Condition under(Symmetry way) {
            return new Castled(way.side(side), wing.map(w -> w.under(way)));
        }
    }

    private static int rights(Side side, Optional<Wing> wing) {
        int white =
                wing.map(w -> w == Wing.KINGSIDE ? Board.WHITE_KING_SIDE : Board.WHITE_QUEEN_SIDE)
                        .orElse(Board.WHITE_KING_SIDE | Board.WHITE_QUEEN_SIDE);
        return side == Side.WHITE ? white : white << 2;
    }

    /** A side has kept the right to castle. */
    record MayCastle(Side side, Optional<Wing> wing) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return (situation.board().castling() & rights(side, wing)) != 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " may castle" + wing.map(w -> " " + w.word()).orElse("");
        }

        @Override
        public Condition under(Symmetry way) {
            return new MayCastle(way.side(side), wing.map(w -> w.under(way)));
        }
    }

    /** The queens attack each other; on one file where that is asked. */
    record QueensFaceEachOther(Optional<Integer> file) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            long enemies = scene.men(Side.BLACK, PieceType.QUEEN);
            return Squares.list(scene.men(Side.WHITE, PieceType.QUEEN)).stream()
                    .anyMatch(
                            q -> {
                                long faced = scene.attacks(q) & enemies;
                                boolean on = file.map(f -> f == Square.file(q)).orElse(true);
                                return on
                                        && (file.isEmpty() ? faced : faced & Squares.file(q)) != 0;
                            });
        }

        @Override
        public String text() {
            return "queens face each other"
                    + file.map(f -> " on the " + (char) ('a' + f) + "-file").orElse("");
        }

        @Override
        public Condition under(Symmetry way) {
            return new QueensFaceEachOther(file.map(way::file));
        }

        @Override
        public int cost() {
            return SCENE;
        }
    }

    /** Both sides have castled, to opposite wings. */
    record OppositeWings() implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return holds(situation, Wing.KINGSIDE) || holds(situation, Wing.QUEENSIDE);
        }

        private static boolean holds(Situation situation, Wing white) {
            Wing black = white.under(Symmetry.MIRRORED);
            return new Castled(Side.WHITE, Optional.of(white)).holds(situation)
                    && new Castled(Side.BLACK, Optional.of(black)).holds(situation);
        }

        @Override
        public String text() {
            return "castled on opposite wings";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** A king stands on the d- or e-file on its first two ranks, castled or not. */
    record KingInCentre(Side side) implements BoardCondition {

        private static final long MIDDLE = 0x1818181818181818L;

        @Override
        public boolean holds(Situation situation) {
            int king = situation.board().kingSquare(side.ordinal());
            return Squares.has(MIDDLE, king) && Squares.rank(side, king) <= 1;
        }

        @Override
        public String text() {
            return side.smallWord() + " king in the centre";
        }

        @Override
        public Condition under(Symmetry way) {
            return new KingInCentre(way.side(side));
        }
    }

    /** A side is in check. */
    record InCheck(Side side) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            return board.sideToMove() == side.ordinal() && board.inCheck();
        }

        @Override
        public String text() {
            return side.smallWord() + " in check";
        }

        @Override
        public Condition under(Symmetry way) {
            return new InCheck(way.side(side));
        }
    }

    /** At least so many knights and bishops stand where they began. */
    record Undeveloped(int least, Side side) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return count(situation.board(), side) >= least;
        }

        /** How many knights and bishops of a side stand where they began. */
        static int count(Board board, Side side) {
            long home = Squares.ofRank(side, 0) & board.pieces(side.ordinal());
            long knights = board.piecesOfType(PieceType.KNIGHT.ordinal()) & 0x4200000000000042L;
            long bishops = board.piecesOfType(PieceType.BISHOP.ordinal()) & 0x2400000000000024L;
            return Long.bitCount(home & (knights | bishops));
        }

        @Override
        public String text() {
            return "at least " + least + " " + side.smallWord() + " pieces undeveloped";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Undeveloped(least, way.side(side));
        }
    }

    /** A man of a type can get to a square over safe squares in so many moves. */
    record CanReach(Side side, PieceType type, int square, int moves) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            return Squares.list(scene.men(side, type)).stream()
                    .mapToInt(man -> new Routes(scene, man, moves).movesTo(square))
                    .anyMatch(needed -> needed >= 0);
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + type.word()
                    + " can reach "
                    + Square.name(square)
                    + " in "
                    + moves
                    + (moves == 1 ? " move" : " moves");
        }

        @Override
        public Condition under(Symmetry way) {
            return new CanReach(way.side(side), type, way.square(square), moves);
        }

        @Override
        public int cost() {
            return 10 * SCENE;
        }
    }
}
