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
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Duties: an attacked man that would be lost by static exchange if its guard were not there. A
 * guard with two duties or more is overloaded.
 */
public final class DutyFacts {

    private DutyFacts() {}

    /** The duties of a side's men. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        for (int guard : Squares.list(scene.men(side))) {
            long wards = wards(scene, side, guard);
            if (wards == 0) {
                continue;
            }
            boolean overloaded = Long.bitCount(wards) > 1;
            String text =
                    CoachWords.of(
                            overloaded ? "fact.is-overloaded-it-alone-holds" : "fact.has-to-guard",
                            scene.man(guard),
                            scene.men(wards));
            Fact fact =
                    Fact.about(
                                    overloaded ? FactKind.OVERLOADED : FactKind.DUTY,
                                    side,
                                    text,
                                    guard,
                                    wards)
                            .with("duties", Long.bitCount(wards))
                            .marked(Mark.Meaning.TARGET, guard);
            for (int ward : Squares.list(wards)) {
                fact = fact.marked(Mark.Meaning.IDEA, guard, ward);
            }
            facts.add(fact);
        }
        return facts;
    }

    /** The men that only this one keeps from being won. */
    static long wards(Scene scene, Side side, int guard) {
        long attacked = scene.attackedBy(side.other()) & scene.men(side);
        long candidates =
                scene.attacks(guard) & attacked & ~scene.men(side, PieceType.KING) & ~(1L << guard);
        long wards = 0;
        for (int ward : Squares.list(candidates)) {
            boolean holds = LegalExchange.threatTo(scene.board(), ward) == 0;
            if (holds && LegalExchange.threatWithout(scene.board(), ward, guard) > 0) {
                wards |= 1L << ward;
            }
        }
        return wards;
    }
}
