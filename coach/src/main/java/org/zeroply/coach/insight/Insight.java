package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.king.CastlingFacts;
import org.zeroply.coach.fact.king.KingFacts;
import org.zeroply.coach.fact.king.StormRace;
import org.zeroply.coach.fact.pieces.ActivityFacts;
import org.zeroply.coach.fact.pieces.BishopFacts;
import org.zeroply.coach.fact.pieces.BishopPosts;
import org.zeroply.coach.fact.pieces.OutpostFacts;
import org.zeroply.coach.fact.pieces.PointFacts;
import org.zeroply.coach.fact.structure.ChainFacts;
import org.zeroply.coach.fact.structure.FileFacts;
import org.zeroply.coach.fact.structure.LeverFacts;
import org.zeroply.coach.fact.structure.PawnFacts;
import org.zeroply.coach.fact.structure.SquareFacts;
import org.zeroply.coach.fact.tactics.DutyFacts;
import org.zeroply.coach.fact.tactics.ForkFacts;
import org.zeroply.coach.fact.tactics.LineFacts;

/** The facts of a position that are seen without calculating. */
public final class Insight {

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
        List<Fact> facts = new ArrayList<>(MaterialFacts.of(scene));
        Compensation.of(position).map(Compensation::fact).ifPresent(facts::add);
        facts.addAll(FileFacts.open(scene));
        facts.addAll(LeverFacts.tension(scene));
        facts.addAll(StormRace.of(scene));
        facts.addAll(PointFacts.of(scene));
        facts.addAll(BishopFacts.tally(scene));
        facts.addAll(ForkFacts.hanging(scene));
        for (Side side : Side.values()) {
            facts.addAll(KingFacts.of(scene, side));
            facts.addAll(CastlingFacts.of(scene, side));
            facts.addAll(PawnFacts.of(scene, side));
            facts.addAll(ChainFacts.of(scene, side));
            facts.addAll(FileFacts.halfOpen(scene, side));
            facts.addAll(LeverFacts.levers(scene, side));
            facts.addAll(SquareFacts.of(scene, side));
            facts.addAll(BishopFacts.of(scene, side));
            facts.addAll(BishopPosts.of(scene, side));
            facts.addAll(OutpostFacts.of(scene, side));
            facts.addAll(ActivityFacts.of(scene, side));
            facts.addAll(LineFacts.of(scene, side));
            facts.addAll(ForkFacts.forks(scene, side));
            facts.addAll(DutyFacts.of(scene, side));
        }
        facts.sort(AS_TOLD);
        return facts;
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
