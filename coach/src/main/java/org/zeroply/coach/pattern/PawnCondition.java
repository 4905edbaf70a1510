package org.zeroply.coach.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnSets;

/** How the pawns stand. */
sealed interface PawnCondition extends Condition {

    /**
     * So many pawns of a side at least are isolated, doubled, backward or passed.
     *
     * @param kinds what each of them is, one at least
     */
    record PawnIs(Side side, Set<FactKind> kinds, Place place, int least) implements PawnCondition {
        public PawnIs {
            kinds = Set.copyOf(kinds);
        }

        @Override
        public boolean holds(Situation situation) {
            long own = situation.pawns(side);
            long there = own & place.squares();
            return Long.bitCount(there) >= least
                    && Long.bitCount(there & such(kinds, side, own, situation.pawns(side.other())))
                            >= least;
        }

        /** Those of a side's pawns that are all of this. */
        private static long such(Set<FactKind> kinds, Side side, long own, long theirs) {
            long all = own;
            for (FactKind kind : kinds) {
                all &= such(kind, side, own, theirs);
            }
            return all;
        }

        private static long such(FactKind kind, Side side, long own, long theirs) {
            return switch (kind) {
                case ISOLATED -> PawnSets.isolated(own);
                case DOUBLED -> PawnSets.doubled(own);
                case BACKWARD -> PawnSets.backward(side, own, theirs);
                case PASSED -> PawnSets.passed(side, own, theirs);
                default -> throw new IllegalStateException("not of a single pawn: " + kind);
            };
        }

        /** Each word with a space behind it. */
        private static String words(Set<FactKind> kinds) {
            return kinds.stream().sorted().map(k -> k.word() + " ").collect(Collectors.joining());
        }

        @Override
        public String text() {
            String many = least == 1 ? "" : "at least " + least + " ";
            String pawns = least == 1 ? "pawn" : "pawns";
            return many + side.smallWord() + " " + words(kinds) + pawns + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new PawnIs(way.side(side), kinds, place.under(way), least);
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /**
     * A side has so many pawns more than the other that are isolated, doubled, backward or passed.
     *
     * @param kinds what each of them is, one at least
     */
    record Lead(Side side, Set<FactKind> kinds, MaterialCondition.Bound bound, int number)
            implements PawnCondition {
        public Lead {
            kinds = Set.copyOf(kinds);
        }

        @Override
        public boolean holds(Situation situation) {
            return bound.allows(count(situation, side) - count(situation, side.other()), number);
        }

        private int count(Situation situation, Side of) {
            long own = situation.pawns(of);
            return Long.bitCount(PawnIs.such(kinds, of, own, situation.pawns(of.other())));
        }

        @Override
        public String text() {
            String many = bound.words() + " " + number + " more ";
            return side.smallWord() + " has " + many + PawnIs.words(kinds) + "pawns";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Lead(way.side(side), kinds, bound, number);
        }

        @Override
        public int cost() {
            return 120;
        }
    }

    /**
     * A pawn of a side, of certain kinds or any, has an enemy man right before it.
     *
     * @param kinds what the pawn is; none for any
     * @param place where the pawn stands
     * @param by what stands before it
     */
    record Blockaded(Side side, Set<FactKind> kinds, Place place, Men by) implements PawnCondition {
        public Blockaded {
            kinds = Set.copyOf(kinds);
        }

        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long such =
                    PawnIs.such(kinds, side, situation.pawns(side), situation.pawns(side.other()))
                            & place.squares();
            long before = Squares.forward(side, such);
            return (before & by.on(board, side.other())) != 0;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + PawnIs.words(kinds)
                    + "pawn"
                    + place.behind()
                    + " blockaded by a "
                    + by.word();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Blockaded(way.side(side), kinds, place.under(way), by);
        }

        @Override
        public int cost() {
            return kinds.isEmpty() ? 20 : 60;
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
            long pawns = situation.pawns(side);
            for (int square : squares) {
                if (!Squares.has(pawns, square)) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " pawns on "
                    + squares.stream().map(Square::name).collect(Collectors.joining(" "));
        }

        @Override
        public Condition under(Symmetry way) {
            return new Formation(way.side(side), way.squares(squares));
        }
    }

    /** A pawn on its seventh rank has nothing before it. */
    record AboutToPromote(Side side, Place place) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long there = situation.pawns(side) & Squares.ofRank(side, 6) & place.squares();
            return (Squares.forward(side, there) & ~situation.board().occupied()) != 0;
        }

        @Override
        public String text() {
            return side.smallWord() + " pawn" + place.behind() + " about to promote";
        }

        @Override
        public Condition under(Symmetry way) {
            return new AboutToPromote(way.side(side), place.under(way));
        }
    }

    /** Three pawns of a side or more stand on one file. */
    record Tripled(Side side) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long pawns = situation.pawns(side);
            for (int file = 0; file < 8; file++) {
                if (Long.bitCount(pawns & Squares.ofFile(file)) > 2) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return side.smallWord() + " tripled pawns";
        }

        @Override
        public Condition under(Symmetry way) {
            return new Tripled(way.side(side));
        }
    }

    /** A file has no pawn, or none of a side but one of the other's. */
    record OpenFile(int file, Optional<Side> halfFor) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long on = Squares.ofFile(file) & situation.pawns();
            return halfFor.map(s -> on != 0 && (on & situation.pawns(s)) == 0).orElse(on == 0);
        }

        @Override
        public String text() {
            return (char) ('a' + file)
                    + "-file "
                    + halfFor.map(s -> "half-open for " + s.smallWord()).orElse("open");
        }

        @Override
        public Condition under(Symmetry way) {
            return new OpenFile(way.file(file), halfFor.map(way::side));
        }
    }

    /**
     * The centre is open: at most one pawn on files d and e; or closed: on both of them a white and
     * a black pawn stop each other. Our choice.
     */
    record Centre(boolean open) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long files = Squares.ofFile(3) | Squares.ofFile(4);
            if (open) {
                return Long.bitCount(situation.pawns() & files) <= 1;
            }
            long locked = situation.pawns(Side.WHITE) << 8 & situation.pawns(Side.BLACK);
            return (locked & Squares.ofFile(3)) != 0 && (locked & Squares.ofFile(4)) != 0;
        }

        @Override
        public String text() {
            return "centre " + (open ? "open" : "closed");
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** A shape of a side's pawns that has a name; exactly what is in {@code docs/find.md}. */
    record Shaped(Side side, Shape shape) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            return shape.isShown(side, situation.pawns(side), situation.pawns(side.other()));
        }

        @Override
        public String text() {
            return side.smallWord() + " " + shape.words();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Shaped(way.side(side), way.isMirrored() ? shape.mirrored() : shape);
        }

        @Override
        public int cost() {
            return 30;
        }
    }

    /** A file at a king or beside it has no pawn, or none of the king's own. */
    record FileAtKing(Side king, boolean open) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            int square = situation.board().kingSquare(king.ordinal());
            long pawns = open ? situation.pawns() : situation.pawns(king);
            return (~Squares.filesOf(pawns) & Squares.filesAround(square)) != 0;
        }

        @Override
        public String text() {
            return (open ? "open" : "half-open") + " file at the " + king.smallWord() + " king";
        }

        @Override
        public Condition under(Symmetry way) {
            return new FileAtKing(way.side(king), open);
        }
    }

    /** Two passed pawns on neighbouring files, both there. */
    record ConnectedPassed(Side side, Place place) implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long passed = situation.passed(side) & place.squares();
            return Squares.list(passed).stream()
                    .anyMatch(pawn -> (Squares.besideFiles(pawn) & passed) != 0);
        }

        @Override
        public String text() {
            return side.smallWord() + " two connected passed pawns" + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new ConnectedPassed(way.side(side), place.under(way));
        }

        @Override
        public int cost() {
            return 60;
        }
    }

    /** Two white pawns on neighbouring files, one guarding the other, are stopped by black ones. */
    record LockedChains() implements PawnCondition {
        @Override
        public boolean holds(Situation situation) {
            long white = situation.pawns(Side.WHITE);
            long locked = white & situation.pawns(Side.BLACK) >>> 8;
            return (Squares.pawnAttacks(Side.WHITE, locked) & locked) != 0;
        }

        @Override
        public String text() {
            return "locked chains";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }
}
