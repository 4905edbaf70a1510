package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** How much the pieces do: moves, squares, the centre; the worst-placed piece; rook lifts. */
public final class ActivityFacts {

    /** Squares each type attacks at most, on an empty board; knight to queen. */
    private static final int[] MOST = {0, 8, 13, 14, 27, 8};

    /** Squares each type attacks at least, on an empty board. */
    private static final int[] LEAST = {0, 2, 7, 14, 21, 3};

    /** A way of more moves is a plan and no fact: our choice. */
    private static final int MOST_MOVES = 3;

    /** A route must better the share of its best by so many parts of a hundred. */
    private static final int WORTHWHILE = 20;

    private ActivityFacts() {}

    /** The facts about a side. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        facts.add(activity(scene, side));
        facts.add(centre(scene, side));
        worstPlaced(scene, side, facts);
        facts.addAll(LiftFacts.of(scene, side));
        return facts;
    }

    private static Fact activity(Scene scene, Side side) {
        ControlMap map = ControlMap.of(scene, side);
        Optional<Integer> moves = scene.withMove(side).map(Position::legalMoves).map(List::size);
        int one = Long.bitCount(map.one());
        int two = Long.bitCount(map.two());
        int safe = Long.bitCount(map.twoSafe());
        String text =
                CoachWords.of(
                        "fact.squares-attacked-reached-in-two",
                        moves.map(n -> CoachWords.of("fact.moves", n)).orElse(""),
                        one,
                        two,
                        safe);
        Fact fact = Fact.ofSet(FactKind.ACTIVITY, side, text, map.one());
        return moves.map(n -> fact.with("moves", n))
                .orElse(fact)
                .with("controlled", one)
                .with("inTwo", two)
                .with("inTwoUnguarded", safe);
    }

    /**
     * The centre: attacks on the four middle squares and on the twelve around them, and what the
     * pieces gain by where they stand, which is the squares each attacks from there on an empty
     * board above the fewest its type can attack. A rook gains nothing anywhere, a knight up to
     * six.
     */
    private static Fact centre(Scene scene, Side side) {
        int middle = 0;
        int ring = 0;
        int gain = 0;
        long standing = 0;
        for (long set = scene.men(side); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            middle += Long.bitCount(scene.attacks(square) & Squares.CENTRE);
            ring += Long.bitCount(scene.attacks(square) & Squares.BIG_CENTRE & ~Squares.CENTRE);
            PieceType type = scene.typeAt(square);
            if (type != PieceType.PAWN && type != PieceType.KING) {
                long reach = Scene.attacksOf(type, side, square, 0);
                gain += Long.bitCount(reach) - LEAST[type.ordinal()];
            }
            standing |= 1L << square & Squares.BIG_CENTRE;
        }
        String text =
                CoachWords.of(
                        gain == 1
                                ? "fact.attacks-on-the-four-middle"
                                : "fact.attacks-on-the-four-middle-squares",
                        middle,
                        ring,
                        gain);
        return Fact.ofSet(FactKind.CENTRE, side, text, standing)
                .with("middle", middle)
                .with("ring", ring)
                .with("gain", gain);
    }

    /**
     * The part in a hundred of what a piece could attack at best, squares before pawns left out.
     */
    private static int share(Scene scene, Side side, PieceType type, int square, long occupied) {
        long own = scene.men(side) & occupied;
        long reach = Scene.attacksOf(type, side, square, occupied);
        long free = reach & ~own & ~scene.byPawns(side.other());
        return 100 * Long.bitCount(free) / MOST[type.ordinal()];
    }

    /**
     * The knight, bishop or rook with the least scope among those that do nothing ({@link
     * PieceWork}); told only when at most two have as little. While more than one knight or bishop
     * is at home, men at home are undeveloped, not badly placed.
     */
    private static void worstPlaced(Scene scene, Side side, List<Fact> facts) {
        long men = scene.minors(side) | scene.men(side, PieceType.ROOK);
        long home = Squares.ofRank(side, 0);
        if (Long.bitCount(scene.minors(side) & home) > 1) {
            men &= ~home;
        }
        int least = 101;
        long worst = 0;
        PieceWork work = new PieceWork(scene, side);
        for (int square : Squares.list(men)) {
            if (work.isDoneBy(square)) {
                continue;
            }
            int share = share(scene, side, scene.typeAt(square), square, scene.occupied());
            if (share < least) {
                least = share;
                worst = 0;
            }
            worst |= share == least ? 1L << square : 0;
        }
        if (Long.bitCount(men) < 2 || Long.bitCount(worst) > 2) {
            return;
        }
        for (int square : Squares.list(worst)) {
            worst(scene, side, square, least, facts);
        }
    }

    private static void worst(Scene scene, Side side, int square, int share, List<Fact> facts) {
        PieceType type = scene.typeAt(square);
        long occupied = scene.occupied() & ~(1L << square);
        Routes routes = new Routes(scene, square, MOST_MOVES);
        int best = share + WORTHWHILE - 1;
        List<Integer> goals = new ArrayList<>();
        for (int moves = 1; moves <= MOST_MOVES; moves++) {
            int bestBefore = best;
            for (int to : Squares.list(routes.in(moves) & ~scene.men(side.other()))) {
                int there = share(scene, side, type, to, occupied);
                if (there > best) {
                    best = there;
                    goals.clear();
                }
                if (there == best && there > bestBefore) {
                    goals.add(to);
                }
            }
        }
        String text = CoachWords.of("fact.worst-placed-piece-sees-f", scene.man(square), share);
        if (goals.isEmpty()) {
            String stuck = CoachWords.of("fact.no-better-square-within-three", text);
            facts.add(Fact.of(FactKind.WORST_PLACED, side, stuck, square).with("share", share));
            return;
        }
        List<List<Integer>> ways =
                goals.stream().limit(3).map(goal -> routes.to(goal).get(0)).toList();
        String names = Squares.join(ways.stream().map(OutpostFacts::way).toList());
        Fact fact =
                Fact.of(
                                FactKind.WORST_PLACED,
                                side,
                                CoachWords.of("fact.better-by", text, names, best),
                                square)
                        .with("share", share)
                        .with("best", best)
                        .marked(Mark.Meaning.TARGET, square);
        for (List<Integer> way : ways) {
            fact = fact.marked(Mark.Meaning.ROUTE, way);
        }
        facts.add(fact);
    }
}
