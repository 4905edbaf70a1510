package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;

/** What a move of the game has just carried out; exactly what is in {@code docs/find.md}. */
sealed interface EventCondition extends Condition {

    private static PieceType lastMan(Situation situation) {
        return PieceType.of(situation.board().typeAt(Move.to(situation.lastPacked())));
    }

    /** The last move gave up material for good, as far as the game shows. */
    record Sacrificed(Side side, Sacrifice what, int plies) implements EventCondition {

        /** Plies in which it must not come back where no number is given; our choice. */
        static final int USUAL = 6;

        @Override
        public boolean holds(Situation situation) {
            return situation.hasMoved(side) && what.isMade(situation, side, plies);
        }

        @Override
        public String text() {
            String long1 = plies == USUAL ? "" : " not taken back within " + plies + " plies";
            return side.smallWord() + " sacrificed " + what.words() + long1;
        }

        @Override
        public Condition under(Symmetry way) {
            return new Sacrificed(way.side(side), what, plies);
        }

        @Override
        public int cost() {
            return 500;
        }
    }

    /**
     * The last moves of one man led from square to square.
     *
     * @param squares two at least, in the order in which it came to them
     */
    record Route(Side side, PieceType type, List<Integer> squares) implements EventCondition {
        public Route {
            squares = List.copyOf(squares);
        }

        @Override
        public boolean holds(Situation situation) {
            int end = squares.size() - 1;
            int last = situation.lastPacked();
            if (!situation.hasMoved(side)
                    || Move.to(last) != squares.get(end)
                    || Move.from(last) != squares.get(end - 1)
                    || lastMan(situation) != type) {
                return false;
            }
            int ply = situation.ply();
            for (int i = end - 1; i > 0; i--) {
                ply = Travels.arrival(situation.line(), ply - 2, squares.get(i));
                if (ply < 1 || situation.line().before(ply).from() != squares.get(i - 1)) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public String text() {
            return side.smallWord()
                    + " "
                    + type.word()
                    + " travelled "
                    + squares.stream().map(Square::name).collect(Collectors.joining("-"));
        }

        @Override
        public Condition under(Symmetry way) {
            return new Route(way.side(side), type, way.squares(squares));
        }
    }

    /**
     * A rook went up its file from its first two ranks to the third to sixth, and now along that
     * rank, within five own moves.
     */
    record LiftedRook(Side side) implements EventCondition {

        /** Plies between the step up the file and the one along the rank, at most: our choice. */
        private static final int WITHIN = 8;

        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            int rank = Squares.rank(side, Move.to(last));
            boolean along = Square.rank(Move.from(last)) == Square.rank(Move.to(last));
            if (!situation.hasMoved(side)
                    || !along
                    || rank < 2
                    || rank > 5
                    || lastMan(situation) != PieceType.ROOK) {
                return false;
            }
            int up = Travels.arrival(situation.line(), situation.ply() - 2, Move.from(last));
            if (up < 1 || situation.ply() - up > WITHIN) {
                return false;
            }
            int from = situation.line().before(up).from();
            return Square.file(from) == Square.file(Move.from(last))
                    && Squares.rank(side, from) <= 1;
        }

        @Override
        public String text() {
            return side.smallWord() + " lifted a rook";
        }

        @Override
        public Condition under(Symmetry way) {
            return new LiftedRook(way.side(side));
        }
    }

    /** A pawn stepped to a square from which it can take a pawn and be taken by it. */
    record Break(Side side, Place place) implements EventCondition {
        @Override
        public boolean holds(Situation situation) {
            long attacked = Attacks.pawn(side.ordinal(), Move.to(situation.lastPacked()));
            return (attacked & situation.pawns(side.other())) != 0
                    && new CaptureCondition.Pushed(side, false, place).holds(situation);
        }

        @Override
        public String text() {
            return side.smallWord() + " played a break" + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Break(way.side(side), place.under(way));
        }
    }

    /**
     * The last move mated.
     *
     * @param theme {@link Theme#MATE} for any mate
     */
    record Mate(Side side, Theme theme) implements EventCondition {

        /** Mates with a name. */
        static final List<Theme> NAMED =
                List.of(
                        Theme.BACK_RANK,
                        Theme.SMOTHERED_MATE,
                        Theme.EPAULETTE_MATE,
                        Theme.DOVETAIL_MATE,
                        Theme.SWALLOWTAIL_MATE,
                        Theme.ARABIAN_MATE,
                        Theme.ANASTASIA_MATE,
                        Theme.CROSSED_BISHOPS_MATE,
                        Theme.LADDER_MATE);

        /** How a mate is called: {@code back-rank}, {@code smothered}. */
        static String name(Theme theme) {
            return switch (theme) {
                case BACK_RANK -> "back-rank";
                case CROSSED_BISHOPS_MATE -> "crossed-bishops";
                default -> theme.words().replaceAll(" ?mate$", "").toLowerCase(Locale.ROOT);
            };
        }

        @Override
        public boolean holds(Situation situation) {
            return situation.hasMated(side)
                    && (theme == Theme.MATE || ThemeFinder.mate(situation.scene()) == theme);
        }

        @Override
        public String text() {
            String name = theme == Theme.MATE ? "" : name(theme) + " ";
            return name + "mate by " + side.smallWord();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Mate(way.side(side), theme);
        }

        @Override
        public int cost() {
            return 100;
        }
    }

    /**
     * The last two moves took men of these kinds, one each.
     *
     * @param side who took first; empty for either
     * @param given what that side gave
     * @param got what it took
     * @param place where the last man was taken
     */
    record Traded(Optional<Side> side, Men given, Men got, Place place) implements EventCondition {
        @Override
        public boolean holds(Situation situation) {
            int last = situation.lastPacked();
            if (!Move.isCapture(last)
                    || !Squares.has(place.squares(), Move.to(last))
                    || side.isPresent() && situation.board().sideToMove() != side.get().ordinal()) {
                return false;
            }
            GameLine line = situation.line();
            int ply = situation.ply();
            if (ply < 2 || !line.before(ply - 1).isCapture()) {
                return false;
            }
            PieceType first = Situation.taken(line.boardAt(ply - 2), line.moves()[ply - 2]);
            return got.has(first) && situation.taken().filter(given::has).isPresent();
        }

        @Override
        public String text() {
            if (!given.equals(got)) {
                String who = side.map(s -> s.smallWord() + " ").orElse("");
                return who
                        + "just traded a "
                        + given.word()
                        + " for a "
                        + got.word()
                        + place.behind();
            }
            return side.map(s -> s.smallWord() + " just traded " + given.plural())
                            .orElse(given.plural() + " just traded")
                    + place.behind();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Traded(side.map(way::side), given, got, place.under(way));
        }
    }
}
