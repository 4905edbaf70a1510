package org.zeroply.coach.fact.tactics;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.Hanging;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/** Forks and double attacks that stand on the board, and men that hang. */
public final class ForkFacts {

    private ForkFacts() {}

    /**
     * Men of a side that attack at least two targets and cannot be won themselves. A target is the
     * king, a piece worth more than the attacker, or one that nobody guards.
     */
    public static List<Fact> forks(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        for (int square : Squares.list(scene.men(side))) {
            long targets = targets(scene, side, square);
            if (Long.bitCount(targets) < 2 || LegalExchange.threatTo(scene.board(), square) > 0) {
                continue;
            }
            Fact fact =
                    Fact.about(
                            FactKind.FORK,
                            side,
                            CoachWords.of(
                                    "fact.attacks-at-once", scene.man(square), scene.men(targets)),
                            square,
                            targets);
            for (int target : Squares.list(targets)) {
                fact = fact.marked(Mark.Meaning.THREAT, square, target);
            }
            facts.add(fact);
        }
        return facts;
    }

    /** The men that a man attacks to some purpose. */
    public static long targets(Scene scene, Side side, int square) {
        Side enemy = side.other();
        int value = scene.valueAt(square);
        long targets = 0;
        for (int target : Squares.list(scene.attacks(square) & scene.men(enemy))) {
            boolean pawn = scene.typeAt(target) == PieceType.PAWN;
            boolean loose = scene.attackers(enemy, target) == 0;
            boolean may = !scene.isPinned(square) || isAlongPin(scene, side, square, target);
            if (!pawn && may && (loose || scene.valueAt(target) > value)) {
                targets |= 1L << target;
            }
        }
        return targets;
    }

    /**
     * Whether taking the man loses nothing elsewhere that outweighs it, as far as captures tell.
     */
    static boolean isWon(Scene scene, Hanging man) {
        if (man.loss() == 0) {
            return false;
        }
        Side taker = man.piece().side().other();
        return scene.withMove(taker)
                .filter(from -> !from.inCheck())
                .map(from -> 2 * CaptureSearch.gain(from.toBoard(), man.square()) >= man.loss())
                .orElse(true);
    }

    private static boolean isAlongPin(Scene scene, Side side, int pinned, int target) {
        return Squares.has(LegalExchange.takers(scene.board(), target, side.ordinal()), pinned);
    }

    /** Men that static exchange wins, and pieces off their first rank that nobody guards. */
    public static List<Fact> hanging(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        for (Hanging man : Hanging.in(scene.position())) {
            Side side = man.piece().side();
            boolean loose = man.isLoose() && Squares.rank(side, man.square()) > 0;
            boolean won = isWon(scene, man);
            if (won || man.loss() == 0 && loose) {
                String state =
                        CoachWords.of(
                                won ? "fact.is-attacked-and-not-held" : "fact.is-not-guarded");
                facts.add(
                        Fact.of(
                                        FactKind.HANGING,
                                        side,
                                        scene.man(man.square()) + state,
                                        man.square())
                                .with("attackers", man.attackers())
                                .with("defenders", man.defenders())
                                .with("loss", man.loss()));
            }
        }
        return facts;
    }
}
