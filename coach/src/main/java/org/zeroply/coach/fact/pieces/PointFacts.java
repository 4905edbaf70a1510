package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
import org.zeroply.engine.exchange.LegalExchange;

/**
 * The square to play for: a point near the enemy king, or a weak pawn, on which a side can bear
 * with more men than the other can guard it with. Men count that bear on it now or can by safe
 * moves, one or two each; the attackers may spend three moves between them, the defenders as many
 * as they like. All bounds are our choice.
 */
public final class PointFacts {

    /** Moves that one man may need to join. */
    private static final int JOINS_IN = 2;

    /** Moves that the attackers may spend between them. */
    private static final int SPENT = 3;

    /** Attackers needed for a point near the king, and for a weak pawn. */
    private static final int STORM = 3;

    /** Men that have to bear on a weak point: our choice. */
    private static final int SIEGE = 2;

    /** The last rank of a camp, from its own edge and from 0. */
    private static final int CAMP = 2;

    private final Scene scene;
    private final Side side;
    private final Side enemy;
    private final Joining joining;

    private PointFacts(Scene scene, Side side, Joining joining) {
        this.scene = scene;
        this.side = side;
        enemy = side.other();
        this.joining = joining;
    }

    /**
     * The squares that both sides would play for, at most two each, and none where many are equal.
     */
    public static List<Fact> of(Scene scene) {
        Joining joining = new Joining(scene, JOINS_IN);
        List<Fact> facts = new ArrayList<>();
        for (Side side : Side.values()) {
            facts.addAll(new PointFacts(scene, side, joining).facts());
        }
        return facts;
    }

    /** A point with who bears on it and who guards it. */
    private record Point(int square, Muster attack, Muster guard, boolean weakPawn) {

        int excess() {
            return attack.men().size() - guard.men().size();
        }

        static final Comparator<Point> BEST_FIRST =
                Comparator.comparingInt(Point::excess)
                        .thenComparing(Point::weakPawn)
                        .thenComparing(p -> -p.attack().moves())
                        .thenComparing(p -> -p.guard().men().size())
                        .reversed();
    }

    private List<Fact> facts() {
        List<Point> points = new ArrayList<>();
        long weakPawns = weakPawns();
        for (int square : Squares.list(nearKing() | weakPawns)) {
            if (joining.now(side, square).without(scene.king(side)).men().isEmpty()) {
                continue;
            }
            boolean weak = Squares.has(weakPawns, square);
            Muster attack = joining.muster(side, square).without(scene.king(side)).within(SPENT);
            if (attack.men().size() < (weak ? SIEGE : STORM)) {
                continue;
            }
            Point point = new Point(square, attack, joining.muster(enemy, square), weak);
            if (point.excess() > 0) {
                points.add(point);
            }
        }
        points.sort(Point.BEST_FIRST);
        List<Point> best =
                points.stream()
                        .filter(p -> Point.BEST_FIRST.compare(p, points.get(0)) == 0)
                        .toList();
        return best.size() > 2 ? List.of() : best.stream().map(this::fact).toList();
    }

    /**
     * Around the enemy king and a step further on its first three ranks; not where a pawn guards.
     */
    private long nearKing() {
        if (!scene.canAttackKing(side)) {
            return 0;
        }
        long camp =
                Squares.ofRank(enemy, 0) | Squares.ofRank(enemy, 1) | Squares.ofRank(enemy, CAMP);
        long near = Squares.where(camp, this::isNearKing);
        long taken = scene.men(side) | 1L << scene.king(enemy) | scene.byPawns(enemy);
        return near & ~taken & ~falling(near);
    }

    private boolean isNearKing(int square) {
        int king = scene.king(enemy);
        boolean ahead = Math.abs(Square.file(square) - Square.file(king)) <= 1;
        return Squares.distance(square, king) <= (ahead ? 2 : 1);
    }

    /** Enemy pawns that no pawn guards nor can come to guard, passed ones left out. */
    private long weakPawns() {
        long weak = scene.pawns(enemy) & ~scene.pawnSpan(enemy) & ~PawnFacts.passed(scene, enemy);
        return weak & ~falling(weak);
    }

    /** Men that can be won already are told as such. */
    private long falling(long squares) {
        return Squares.where(
                squares & scene.men(enemy) & scene.attackedBy(side),
                square -> LegalExchange.threatTo(scene.board(), square) > 0);
    }

    private Fact fact(Point point) {
        int square = point.square();
        long never = neverGuards(square, point.guard());
        String guards =
                point.guard().men().isEmpty()
                        ? CoachWords.of("fact.nothing-can-guard-it")
                        : CoachWords.of("fact.can-guard-it", point.guard().words(scene));
        String text =
                CoachWords.of(
                        "fact.is-the-square-to-play",
                        Square.name(square),
                        point.attack().words(scene),
                        guards,
                        never == 0 ? "" : CoachWords.of("fact.never-can", scene.men(never)));
        Fact fact =
                Fact.of(FactKind.SQUARE_TO_PLAY_FOR, side, text, square)
                        .with("attackers", point.attack().men().size())
                        .with("defenders", point.guard().men().size())
                        .with("moves", point.attack().moves())
                        .trait("weak pawn", point.weakPawn())
                        .trait("wrong bishop", never != 0)
                        .marked(Mark.Meaning.TARGET, square);
        for (Muster.Joiner man : point.attack().men()) {
            if (man.moves() == 0) {
                fact = fact.marked(Mark.Meaning.IDEA, man.square(), square);
            }
        }
        return fact;
    }

    /** Bishops of the other colour. */
    private long neverGuards(int square, Muster guard) {
        return scene.men(enemy, PieceType.BISHOP) & ~Squares.colourOf(square) & ~guard.squares();
    }
}
