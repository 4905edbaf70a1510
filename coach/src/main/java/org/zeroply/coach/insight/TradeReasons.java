package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.pieces.BishopFacts;
import org.zeroply.coach.fact.pieces.PieceWork;
import org.zeroply.coach.fact.structure.SquareFacts;
import org.zeroply.coach.texts.CoachWords;

/**
 * What a trade would do, in a coach's words; what matters most first. All bounds are our choice.
 */
final class TradeReasons {

    /** The active pieces of a side are few when there are no more than so many. */
    private static final int FEW_ACTIVE = 2;

    /** Centipawns of compensation that a trade takes away at least to be a reason. */
    private static final int TAKEN = 50;

    /** Hundredths of a point from which on a side is ahead in material. */
    private static final int AHEAD = 100;

    /** Enemy pieces at the king that make an attack. */
    private static final int ATTACK = 2;

    /** More squares than so many say nothing. */
    private static final int FEW = 3;

    private final Scene scene;
    private final Scene without;
    private final Side side;
    private final Side enemy;
    private final int own;
    private final int other;
    private final List<String> reasons = new ArrayList<>();

    private TradeReasons(Scene scene, Position without, int own, int other) {
        this.scene = scene;
        this.without = new Scene(without);
        this.own = own;
        this.other = other;
        side = scene.sideAt(own);
        enemy = side.other();
    }

    /**
     * The reasons of who would gain by a trade.
     *
     * @param without the position without the two men
     * @param own square of the man given, 0-63
     * @param other square of the man got
     */
    static List<String> of(Scene scene, Position without, int own, int other) {
        TradeReasons found = new TradeReasons(scene, without, own, other);
        found.lastMinors();
        found.onlyActive();
        found.badForGood();
        found.weakColour();
        found.attack();
        found.compensation();
        found.guards();
        found.ahead();
        return found.reasons;
    }

    /** Knight against bad bishop, or bishops of opposite colours for who is behind. */
    private void lastMinors() {
        long ours = without.minors(side);
        long theirs = without.minors(enemy);
        if (Long.bitCount(ours) != 1 || Long.bitCount(theirs) != 1) {
            return;
        }
        PieceType mine = without.typeAt(Squares.first(ours));
        PieceType his = without.typeAt(Squares.first(theirs));
        if (mine == PieceType.KNIGHT && isBad(without, enemy, Squares.first(theirs))) {
            reasons.add(CoachWords.of("insight.leaves-the-good-knight-against"));
        } else if (mine == PieceType.BISHOP
                && his == PieceType.BISHOP
                && lead() < 0
                && Squares.colourOf(Squares.first(ours))
                        != Squares.colourOf(Squares.first(theirs))) {
            reasons.add(CoachWords.of("insight.leaves-bishops-of-opposite-colours"));
        }
    }

    private static boolean isBad(Scene in, Side whose, int square) {
        return quality(in, whose, square).equals(Optional.of(FactKind.BAD_BISHOP));
    }

    private static Optional<FactKind> quality(Scene in, Side whose, int square) {
        return BishopFacts.of(in, whose).stream()
                .filter(f -> f.squares().get(0) == square)
                .map(Fact::kind)
                .filter(k -> k == FactKind.BAD_BISHOP || k == FactKind.GOOD_BISHOP)
                .findFirst();
    }

    /** The man got is one of the few that do something, and the man given is not. */
    private void onlyActive() {
        PieceWork theirs = new PieceWork(scene, enemy);
        List<Integer> active =
                Squares.list(scene.pieces(enemy)).stream().filter(theirs::isDoneBy).toList();
        boolean many = Long.bitCount(scene.pieces(enemy)) > active.size() + 1;
        if (many && active.contains(other) && active.size() <= FEW_ACTIVE) {
            String men = Squares.join(active.stream().map(scene::man).toList());
            reasons.add(
                    CoachWords.of(
                            active.size() == 1
                                    ? "insight.is-the-only-active-piece"
                                    : "insight.are-the-only-active-pieces",
                            men));
        }
    }

    private void badForGood() {
        Optional<FactKind> given = quality(scene, side, own);
        Optional<FactKind> got = quality(scene, enemy, other);
        if (given.equals(Optional.of(FactKind.BAD_BISHOP))) {
            reasons.add(CoachWords.of("insight.gets-rid-of-the-bad", Square.name(own)));
        }
        if (got.equals(Optional.of(FactKind.GOOD_BISHOP))) {
            reasons.add(CoachWords.of("insight.takes-off-the-good-bishop", Square.name(other)));
        }
    }

    /** Without the man the squares of one colour around the enemy king are weak. */
    private void weakColour() {
        weak(without)
                .filter(f -> weak(scene).isEmpty())
                .ifPresent(
                        f -> {
                            boolean light = Squares.has(Squares.LIGHT, f.squares().get(0));
                            String colour = light ? "light" : "dark";
                            reasons.add(
                                    CoachWords.of(
                                            "insight.is-the-last-guard-of",
                                            scene.man(other),
                                            colour));
                        });
    }

    private Optional<Fact> weak(Scene in) {
        return SquareFacts.of(in, enemy).stream()
                .filter(f -> f.kind() == FactKind.WEAK_COLOUR)
                .findFirst();
    }

    /** The man got takes part in an attack on the own king. */
    private void attack() {
        long ring = Attacks.king(scene.king(side));
        long attackers =
                Squares.where(scene.pieces(enemy), man -> (scene.attacks(man) & ring) != 0);
        boolean bears = (scene.attacks(own) & Attacks.king(scene.king(enemy))) != 0;
        if (Long.bitCount(attackers) >= ATTACK && Squares.has(attackers, other) && !bears) {
            reasons.add(CoachWords.of("insight.takes-a-piece-out-of"));
        }
    }

    private void compensation() {
        int before = left(scene);
        int after = left(without);
        if (before != NONE && after != NONE && after - before >= TAKEN) {
            reasons.add(CoachWords.of("insight.takes-away-what-the-other"));
        }
    }

    private static final int NONE = Integer.MIN_VALUE;

    /** What is left of the own lead in material when all is counted. */
    private int left(Scene in) {
        return Compensation.of(in.position())
                .filter(c -> c.ahead() == side)
                .map(Compensation::left)
                .orElse(NONE);
    }

    /** The four middle squares and enemy men that the man got alone guards against the own side. */
    private void guards() {
        long wanted =
                scene.attacks(other)
                        & scene.attackedBy(side)
                        & (Squares.CENTRE | scene.men(enemy) & ~(1L << scene.king(enemy)));
        long bare = Squares.where(wanted, s -> scene.attackers(enemy, s) == 1L << other);
        if (bare != 0 && Long.bitCount(bare) <= FEW) {
            boolean one = Long.bitCount(bare) == 1;
            reasons.add(
                    CoachWords.of(
                            one ? "insight.loses-its-only-guard" : "insight.lose-their-only-guard",
                            Squares.names(bare)));
        }
    }

    private void ahead() {
        if (lead() >= AHEAD) {
            reasons.add(CoachWords.of("insight.who-is-ahead-in-material"));
        }
    }

    private int lead() {
        return MaterialBalance.of(scene.position()).lead(side, MaterialScale.SCHOOL);
    }
}
