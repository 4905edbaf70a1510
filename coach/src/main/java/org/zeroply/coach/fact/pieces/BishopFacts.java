package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnFacts;
import org.zeroply.coach.texts.CoachWords;

/** Good and bad bishops, blocked ones, and the long diagonals. */
public final class BishopFacts {

    private static final long[] LONG_DIAGONALS = {0x8040201008040201L, 0x0102040810204080L};

    /** Fewer squares than this are few, this many or more are many. */
    private static final int FEW = 4;

    /** A bishop that sees so many squares is active, half of the most it can see: our choice. */
    private static final int MANY = 7;

    private BishopFacts() {}

    /** The facts about a side's bishops. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        for (long set = scene.men(side, PieceType.BISHOP); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            quality(scene, side, square, facts);
            blocked(scene, side, square, facts);
            longDiagonal(scene, side, square, facts);
        }
        return facts;
    }

    /**
     * By the fixed pawns on files c to f, those that an enemy pawn stops. Bad: at least two of them
     * on the bishop's colour and fewer on the other, or one alone together with at least three
     * fixed pawns of the colour in all. Good: the same with the colours exchanged, and none on its
     * own.
     */
    private static void quality(Scene scene, Side side, int square, List<Fact> facts) {
        long colour = Squares.colourOf(square);
        long fixed = PawnFacts.fixed(scene, side);
        long centre = fixed & Squares.CENTRE_FILES;
        int same = Long.bitCount(centre & colour);
        int other = Long.bitCount(centre & ~colour);
        boolean bad = same > other && (same >= 2 || Long.bitCount(fixed & colour) >= 3);
        boolean good =
                same == 0 && (other >= 2 || other == 1 && Long.bitCount(fixed & ~colour) >= 3);
        if (!bad && !good) {
            return;
        }
        int reach = Long.bitCount(safeReach(scene, side, square));
        long pawns = fixed & (bad ? colour : ~colour);
        String text =
                CoachWords.of(
                        bad ? "fact.bad-bishop-fixed-pawns-on" : "fact.good-bishop-fixed-pawns-on",
                        Square.name(square),
                        Squares.names(pawns));
        Fact fact =
                Fact.of(bad ? FactKind.BAD_BISHOP : FactKind.GOOD_BISHOP, side, text, square)
                        .with("reach", reach)
                        .marked(bad ? Mark.Meaning.TARGET : Mark.Meaning.KEY, square);
        for (int pawn : Squares.list(pawns)) {
            fact = fact.marked(Mark.Meaning.WEAK, pawn);
        }
        boolean home = Squares.rank(side, square) == 0;
        boolean outside = bad && isOutside(side, square, centre & colour);
        boolean active = reach >= MANY || !home && new PieceWork(scene, side).isDoneBy(square);
        facts.add(
                fact.trait("outside its chain", outside)
                        .trait("inside its chain", bad && !outside && !home)
                        .trait("active", active)
                        .trait("passive", !active && reach < FEW && !home)
                        .trait("not developed", home)
                        .told());
    }

    /** Outside: not behind the fixed pawn of its colour that stands nearest to its file. */
    private static boolean isOutside(Side side, int square, long chain) {
        int nearest = 8;
        int rank = 0;
        for (int pawn : Squares.list(chain)) {
            int gap = Math.abs(Square.file(pawn) - Square.file(square));
            int its = Squares.rank(side, pawn);
            if (gap < nearest || gap == nearest && its < rank) {
                nearest = gap;
                rank = its;
            }
        }
        return Squares.rank(side, square) >= rank;
    }

    /** Squares a piece can go to without standing before an enemy pawn. */
    private static long safeReach(Scene scene, Side side, int square) {
        return scene.attacks(square) & ~scene.men(side) & ~scene.byPawns(side.other());
    }

    /** Blocked: developed, at most one square to go to, and two own pawns or more in the way. */
    private static void blocked(Scene scene, Side side, int square, List<Fact> facts) {
        int reach = Long.bitCount(safeReach(scene, side, square));
        long pawns = scene.attacks(square) & scene.pawns(side);
        if (Squares.rank(side, square) == 0 || reach > 1 || Long.bitCount(pawns) < 2) {
            return;
        }
        String text =
                CoachWords.of(
                        "fact.bishop-is-blocked-by-its", Square.name(square), Squares.names(pawns));
        Fact fact =
                Fact.of(FactKind.BLOCKED_BISHOP, side, text, square)
                        .with("reach", reach)
                        .marked(Mark.Meaning.TARGET, square);
        for (int pawn : Squares.list(pawns)) {
            fact = fact.marked(Mark.Meaning.WEAK, pawn);
        }
        facts.add(fact);
    }

    /**
     * A bishop on a long diagonal with no pawn on its middle four squares, itself aside, and no
     * enemy bishop of its colour.
     */
    private static void longDiagonal(Scene scene, Side side, int square, List<Fact> facts) {
        for (long diagonal : LONG_DIAGONALS) {
            boolean free = (diagonal & Squares.BIG_CENTRE & scene.pawns()) == 0;
            long opponents = scene.men(side.other(), PieceType.BISHOP) & Squares.colourOf(square);
            if (Squares.has(diagonal, square) && free && opponents == 0) {
                String text =
                        CoachWords.of("fact.bishop-rules-the-long-diagonal", Square.name(square));
                int open = Long.bitCount(Attacks.bishop(square, scene.occupied()) & diagonal);
                facts.add(
                        Fact.about(FactKind.LONG_DIAGONAL, side, text, square, diagonal)
                                .with("open", open)
                                .trait("unopposed", true)
                                .marked(Mark.Meaning.IDEA, ends(diagonal, square)));
            }
        }
    }

    /**
     * The quick tally of who rules long diagonals, told of each side that rules one: {@code 1-0}
     * when the other rules none.
     */
    public static List<Fact> tally(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        for (Side side : Side.values()) {
            long own = ruling(scene, side);
            int count = Long.bitCount(own);
            int enemy = Long.bitCount(ruling(scene, side.other()));
            if (count > 0) {
                String text = CoachWords.of("fact.long-diagonals", count, enemy);
                facts.add(
                        Fact.ofSet(FactKind.DIAGONAL_TALLY, side, text, own)
                                .with("own", count)
                                .with("enemy", enemy));
            }
        }
        return facts;
    }

    /** The bishops of a side that rule a long diagonal. */
    private static long ruling(Scene scene, Side side) {
        List<Fact> found = new ArrayList<>();
        for (int square : Squares.list(scene.men(side, PieceType.BISHOP))) {
            longDiagonal(scene, side, square, found);
        }
        return Squares.set(found.stream().map(f -> f.squares().get(0)).toList());
    }

    /** From the bishop to the far end of its diagonal. */
    private static List<Integer> ends(long diagonal, int square) {
        int low = Squares.first(diagonal);
        int high = 63 - Long.numberOfLeadingZeros(diagonal);
        boolean nearLow = Squares.distance(square, low) < Squares.distance(square, high);
        return List.of(square, nearLow ? high : low);
    }
}
