package org.zeroply.coach.repertoire.card;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnFacts;

/** How the pawns stand. */
sealed interface PawnCondition extends Condition {

    /** A pawn of a side on a square is isolated, doubled, backward or passed. */
    record PawnIs(Side side, FactKind kind, int square) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            return PawnFacts.of(situation.scene(), side).stream()
                    .filter(f -> f.kind() == kind)
                    .map(Fact::squares)
                    .anyMatch(s -> s.contains(square));
        }

        @Override
        public String text() {
            return Condition.word(side) + " " + kind.word() + " pawn on " + Square.name(square);
        }
    }

    /** Pawns of a side stand on all of these squares. */
    record Formation(Side side, List<Integer> squares) implements PawnCondition {
        public Formation {
            squares =
                    squares.stream()
                            .distinct()
                            .sorted(
                                    Comparator.<Integer>comparingInt(Square::file)
                                            .thenComparingInt(Square::rank))
                            .toList();
        }

        @Override
        public boolean holds(Situation situation) {
            long pawns = situation.scene().pawns(side);
            return squares.stream().allMatch(s -> Squares.has(pawns, s));
        }

        @Override
        public String text() {
            return Condition.word(side)
                    + " pawns on "
                    + squares.stream().map(Square::name).collect(Collectors.joining(" "));
        }
    }

    /** A file has no pawn, or none of a side but one of the other's. */
    record OpenFile(int file, Optional<Side> halfFor) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            long on = Squares.ofFile(file);
            return halfFor.map(
                            s -> (scene.pawns(s) & on) == 0 && (scene.pawns(s.other()) & on) != 0)
                    .orElse((scene.pawns() & on) == 0);
        }

        @Override
        public String text() {
            return (char) ('a' + file)
                    + "-file "
                    + halfFor.map(s -> "half-open for " + Condition.word(s)).orElse("open");
        }
    }

    /**
     * The centre is open: at most one pawn on files d and e; or closed: on both of them a white and
     * a black pawn stop each other. Our choice.
     */
    record Centre(boolean open) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            Scene scene = situation.scene();
            long files = Squares.ofFile(3) | Squares.ofFile(4);
            if (open) {
                return Long.bitCount(scene.pawns() & files) <= 1;
            }
            long locked = scene.pawns(Side.WHITE) << 8 & scene.pawns(Side.BLACK);
            return (locked & Squares.ofFile(3)) != 0 && (locked & Squares.ofFile(4)) != 0;
        }

        @Override
        public String text() {
            return "centre " + (open ? "open" : "closed");
        }
    }
}
