package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.structure.SquareFacts;

/** The facts of a position that are seen without calculating. */
public final class Insight {

    /** Another number whenever facts are told of other positions than before, for what is kept. */
    public static final int VERSION = 1;

    private static final Comparator<Fact> AS_TOLD =
            Comparator.comparing((Fact f) -> f.kind())
                    .thenComparing(f -> f.side().map(Side::ordinal).orElse(2));

    private Insight() {}

    /**
     * All of them, in the order in which a coach tells them. They depend on nothing but the men,
     * the side to move, and the rights to castle and to take in passing.
     */
    public static List<Fact> of(Position position) {
        Scene scene = new Scene(position);
        List<Fact> facts = new ArrayList<>();
        Glance.ALL.forEach(g -> facts.addAll(g.of(scene)));
        facts.sort(AS_TOLD);
        return facts;
    }

    /** Those of one kind, for which only its finder is asked. */
    public static List<Fact> of(Scene scene, FactKind kind) {
        for (Glance glance : Glance.ALL) {
            if (glance.kinds().contains(kind)) {
                return glance.of(scene).stream().filter(f -> f.kind() == kind).toList();
            }
        }
        return List.of();
    }

    /** The kinds that are told without calculating. */
    public static Set<FactKind> kinds() {
        Set<FactKind> kinds = EnumSet.noneOf(FactKind.class);
        Glance.ALL.forEach(g -> kinds.addAll(g.kinds()));
        return kinds;
    }

    /** What differs from one position to a later one, with what pawns gave up on the way. */
    public static FactChange change(Position before, Position after) {
        FactChange change = FactChange.between(of(before), of(after));
        List<Fact> come = new ArrayList<>(change.come());
        Scene from = new Scene(before);
        Scene to = new Scene(after);
        for (Side side : Side.values()) {
            come.addAll(SquareFacts.givenUp(from, to, side));
        }
        come.sort(AS_TOLD);
        return new FactChange(change.gone(), come);
    }

    /** What one move changes, and what it gives up and gains for it. */
    public static FactChange change(Position before, Move move) {
        FactChange change = change(before, before.play(move));
        List<Fact> come = new ArrayList<>(change.come());
        Concession.of(before, move).map(c -> c.fact(move)).ifPresent(come::add);
        come.sort(AS_TOLD);
        return new FactChange(change.gone(), come);
    }
}
