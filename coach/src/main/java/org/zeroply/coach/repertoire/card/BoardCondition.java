package org.zeroply.coach.repertoire.card;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.pieces.Routes;

/** What stands where, what bears on what, kings and their castling. */
sealed interface BoardCondition extends Condition {

    /** A man of a side stands on a square; any man without a type. */
    record ManOn(Side side, Optional<PieceType> type, int square) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Optional<Piece> man = situation.position().pieceAt(square);
            return man.filter(m -> m.side() == side && type.map(t -> t == m.type()).orElse(true))
                    .isPresent();
        }

        @Override
        public String text() {
            String man = type.map(PieceType::word).orElse("man");
            return Condition.word(side) + " " + man + " on " + Square.name(square);
        }
    }

    /** Nothing stands on a square. */
    record Empty(int square) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.position().pieceAt(square).isEmpty();
        }

        @Override
        public String text() {
            return Square.name(square) + " empty";
        }
    }

    /** A side bears on a square directly. */
    record Attacked(int square, Side by) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            return situation.scene().attackers(by, square) != 0;
        }

        @Override
        public String text() {
            return Square.name(square) + " attacked by " + Condition.word(by);
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
            return Square.name(square) + " covered by " + Condition.word(by) + often;
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
            return Condition.word(side)
                    + " outnumbers "
                    + Condition.word(side.other())
                    + " on "
                    + Square.name(square);
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
    }

    /** A side's king has left its home for a wing, and castling is over. */
    record Castled(Side side, Optional<Wing> wing) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            int king = situation.scene().king(side);
            int file = Square.file(king);
            boolean there =
                    wing.map(w -> w == Wing.KINGSIDE ? file >= 6 : file <= 2)
                            .orElse(file <= 2 || file >= 6);
            return Squares.rank(side, king) == 0
                    && there
                    && !situation.position().hasCastlingRight(side);
        }

        @Override
        public String text() {
            return Condition.word(side) + " castled" + wing.map(w -> " " + w.word()).orElse("");
        }
    }

    /** A side has kept the right to castle. */
    record MayCastle(Side side, Optional<Wing> wing) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            String rights = situation.position().fen().split(" ")[2];
            String king = side == Side.WHITE ? "K" : "k";
            String queen = side == Side.WHITE ? "Q" : "q";
            return wing.map(w -> rights.contains(w == Wing.KINGSIDE ? king : queen))
                    .orElse(situation.position().hasCastlingRight(side));
        }

        @Override
        public String text() {
            return Condition.word(side) + " may castle" + wing.map(w -> " " + w.word()).orElse("");
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
    }

    /** At least so many knights and bishops stand where they began. */
    record Undeveloped(int least, Side side) implements BoardCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            long home = Squares.ofRank(side, 0);
            long knights = scene.men(side, PieceType.KNIGHT) & 0x4200000000000042L;
            long bishops = scene.men(side, PieceType.BISHOP) & 0x2400000000000024L;
            return Long.bitCount(home & (knights | bishops)) >= least;
        }

        @Override
        public String text() {
            return "at least " + least + " " + Condition.word(side) + " pieces undeveloped";
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
            return Condition.word(side)
                    + " "
                    + type.word()
                    + " can reach "
                    + Square.name(square)
                    + " in "
                    + moves
                    + (moves == 1 ? " move" : " moves");
        }
    }
}
