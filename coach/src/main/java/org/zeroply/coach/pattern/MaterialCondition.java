package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.material.MaterialBalance;

/** What men there are. */
sealed interface MaterialCondition extends Condition {

    private static int count(Situation situation, Side side, PieceType type) {
        return Long.bitCount(situation.board().pieces(side.ordinal(), type.ordinal()));
    }

    /** By how many men of a type a side is ahead. */
    private static int lead(Situation situation, Side side, PieceType type) {
        return count(situation, side, type) - count(situation, side.other(), type);
    }

    private static long bishops(Situation situation, Side side) {
        return situation.board().pieces(side.ordinal(), PieceType.BISHOP.ordinal());
    }

    /** How a number is compared. */
    enum Bound {
        AT_LEAST("at least"),
        AT_MOST("at most"),
        EXACTLY("exactly");

        private final String words;

        Bound(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }

        /** What is meant by a word, {@code more than} being {@code at least} one more. */
        static Bound of(String words) {
            return switch (words) {
                case "at most", "fewer than", "less than" -> AT_MOST;
                case "exactly" -> EXACTLY;
                default -> AT_LEAST;
            };
        }

        /** What the number beside the word is changed by where it is not itself allowed. */
        static int beyond(String words) {
            return switch (words) {
                case "more than" -> 1;
                case "fewer than", "less than" -> -1;
                default -> 0;
            };
        }

        /** So many, out of what says that there are so many at least. */
        Condition of(int number, IntFunction<Condition> atLeast) {
            return switch (this) {
                case AT_LEAST -> atLeast.apply(number);
                case AT_MOST -> new Not(atLeast.apply(number + 1));
                case EXACTLY ->
                        new All(List.of(atLeast.apply(number), new Not(atLeast.apply(number + 1))));
            };
        }

        boolean allows(int number, int bound) {
            return switch (this) {
                case AT_LEAST -> number >= bound;
                case AT_MOST -> number <= bound;
                case EXACTLY -> number == bound;
            };
        }
    }

    /** A side has so many men of some kinds. */
    record Has(Side side, Bound bound, int number, Men men) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long there = men.on(board, side);
            return bound.allows(Long.bitCount(there), number);
        }

        @Override
        public String text() {
            String what = men.word() + (number == 1 ? "" : "s");
            return side.smallWord() + " has " + bound.words() + " " + number + " " + what;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Has(way.side(side), bound, number, men);
        }
    }

    /** A side has so many men of some kinds more than the other. */
    record Lead(Side side, Bound bound, int number, Men men) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            int own = Long.bitCount(men.on(board, side));
            return bound.allows(own - Long.bitCount(men.on(board, side.other())), number);
        }

        @Override
        public String text() {
            String many = bound.words() + " " + number + " more " + men.plural();
            return side.smallWord() + " has " + many;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Lead(way.side(side), bound, number, men);
        }
    }

    /** So many men are on the board, kings and pawns counted. */
    record Count(Bound bound, int number) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            return bound.allows(Long.bitCount(situation.board().occupied()), number);
        }

        @Override
        public String text() {
            return bound.words() + " " + number + " men on the board";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /**
     * Just these men.
     *
     * @param white letters in the order {@code KQRBNP}
     */
    record Exactly(String white, String black) implements MaterialCondition {

        private static final String ORDER = "KQRBNP";

        /** Reads letters in any order; the king may be left out. */
        static Exactly of(String white, String black) {
            return new Exactly(sorted(white), sorted(black));
        }

        /** The same, said from one side. */
        static Exactly of(Side side, String own, String theirs) {
            return side == Side.WHITE ? of(own, theirs) : of(theirs, own);
        }

        private static String sorted(String letters) {
            StringBuilder sorted = new StringBuilder("K");
            for (char letter : ORDER.substring(1).toCharArray()) {
                letters.chars().filter(c -> c == letter).forEach(c -> sorted.append(letter));
            }
            return sorted.toString();
        }

        @Override
        public boolean holds(Situation situation) {
            return has(situation, Side.WHITE, white) && has(situation, Side.BLACK, black);
        }

        private static boolean has(Situation situation, Side side, String letters) {
            if (Long.bitCount(situation.board().pieces(side.ordinal())) != letters.length()) {
                return false;
            }
            for (PieceType type : PieceType.values()) {
                int wanted = 0;
                for (int i = 0; i < letters.length(); i++) {
                    wanted += letters.charAt(i) == type.letter() ? 1 : 0;
                }
                if (count(situation, side, type) != wanted) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public String text() {
            return "material " + white + " against " + black;
        }

        @Override
        public Condition under(Symmetry way) {
            return way.swapsSides() ? new Exactly(black, white) : this;
        }
    }

    /** A side is ahead by so many points at least, on the scale 1-3-3-5-9. */
    record Ahead(Side side, int points) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            return Balances.lead(situation.board(), side) >= 100 * points;
        }

        @Override
        public String text() {
            String many = points == 1 ? "1 point" : points + " points";
            return side.smallWord() + " ahead by at least " + many;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Ahead(way.side(side), points);
        }
    }

    /** Both sides have as many points. */
    record Level() implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            return Balances.lead(situation.board(), Side.WHITE) == 0;
        }

        @Override
        public String text() {
            return "material level";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /**
     * One side has some men where the other has others, and all else alike. Pawns are compared
     * where they are named; where a side is said to be up, it has as many at least.
     *
     * @param side empty for either
     */
    record Imbalance(Optional<Side> side, Force more, Force less, boolean up)
            implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            return Condition.ofAny(side, whose -> holds(situation, whose));
        }

        private boolean holds(Situation situation, Side whose) {
            int knights = lead(situation, whose, PieceType.KNIGHT);
            int bishops = lead(situation, whose, PieceType.BISHOP);
            boolean particular = more.isParticular() || less.isParticular();
            boolean minors =
                    particular
                            ? knights == more.knights() - less.knights()
                                    && bishops == more.bishops() - less.bishops()
                            : knights + bishops == more.minors() - less.minors();
            return minors
                    && lead(situation, whose, PieceType.QUEEN) == more.queens() - less.queens()
                    && lead(situation, whose, PieceType.ROOK) == more.rooks() - less.rooks()
                    && pawns(lead(situation, whose, PieceType.PAWN));
        }

        private boolean pawns(int lead) {
            if (more.pawns() > 0 || less.pawns() > 0) {
                return lead == more.pawns() - less.pawns();
            }
            return !up || lead >= 0;
        }

        @Override
        public String text() {
            String whose = side.map(Side::smallWord).orElse("");
            if (up) {
                boolean exchange = more.equals(Force.ROOK) && less.equals(Force.MINOR);
                return whose + " is " + (exchange ? "the exchange" : more.text()) + " up";
            }
            String has = whose.isEmpty() ? "" : whose + " has ";
            return has + more.text() + " against " + less.text();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Imbalance(side.map(way::side), more, less, up);
        }
    }

    /** A side has bishops of both colours and the other has not. */
    record BishopPair(Side side) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            return MaterialBalance.isPair(bishops(situation, side))
                    && !MaterialBalance.isPair(bishops(situation, side.other()));
        }

        @Override
        public String text() {
            return side.smallWord() + " has the bishop pair";
        }

        @Override
        public Condition under(Symmetry way) {
            return new BishopPair(way.side(side));
        }
    }

    /** Each side has one bishop, and they stand on different colours or on the same. */
    record SingleBishops(boolean opposite) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            long white = bishops(situation, Side.WHITE);
            long black = bishops(situation, Side.BLACK);
            return Long.bitCount(white) == 1
                    && Long.bitCount(black) == 1
                    && MaterialBalance.areOpposite(white, black) == opposite;
        }

        @Override
        public String text() {
            return (opposite ? "opposite" : "same") + "-coloured bishops";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** Besides kings and pawns there are only pieces of these types, and each side has all. */
    record MixedEnding(Men men) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            for (PieceType type : men.types()) {
                if (count(situation, Side.WHITE, type) == 0
                        || count(situation, Side.BLACK, type) == 0) {
                    return false;
                }
            }
            return Men.PIECES.on(board) == men.on(board);
        }

        @Override
        public String text() {
            return men.word().replace(" or ", " and ") + " ending";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }

    /** Besides kings and pawns there are only men of a kind, of both sides; or no others at all. */
    record Ending(Optional<Men> men) implements MaterialCondition {
        @Override
        public boolean holds(Situation situation) {
            Board board = situation.board();
            long pieces = Men.PIECES.on(board);
            if (men.isEmpty()) {
                return pieces == 0;
            }
            long such = men.get().on(board);
            return pieces == such && (such & board.pieces(0)) != 0 && (such & board.pieces(1)) != 0;
        }

        @Override
        public String text() {
            return men.map(m -> m.types().size() == 1 ? m.word() : "minor-piece")
                            .orElse(PieceType.PAWN.word())
                    + " ending";
        }

        @Override
        public Condition under(Symmetry way) {
            return this;
        }
    }
}
