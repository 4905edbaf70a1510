package org.zeroply.coach.insight;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
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

/**
 * A finder of facts at a glance.
 *
 * @param kinds all that it can tell
 */
record Glance(Set<FactKind> kinds, Function<Scene, List<Fact>> finder) {

    /** All of them: those about both sides, then those about each. */
    static final List<Glance> ALL =
            List.of(
                    both(
                            MaterialFacts::of,
                            FactKind.MATERIAL,
                            FactKind.BISHOP_PAIR,
                            FactKind.OPPOSITE_BISHOPS),
                    both(
                            scene ->
                                    Compensation.of(scene.position())
                                            .map(Compensation::fact)
                                            .stream()
                                            .toList(),
                            FactKind.COMPENSATION),
                    both(FileFacts::open, FactKind.OPEN_FILE),
                    both(LeverFacts::tension, FactKind.TENSION),
                    both(StormRace::of, FactKind.STORM_RACE),
                    both(PointFacts::of, FactKind.SQUARE_TO_PLAY_FOR),
                    both(BishopFacts::tally, FactKind.DIAGONAL_TALLY),
                    both(ForkFacts::hanging, FactKind.HANGING),
                    each(
                            KingFacts::of,
                            FactKind.KING_COVER,
                            FactKind.OPEN_LINE_TO_KING,
                            FactKind.KING_SURROUNDINGS,
                            FactKind.ESCAPE_SQUARES,
                            FactKind.SAFE_CHECK),
                    each(CastlingFacts::of, FactKind.CASTLING),
                    each(
                            PawnFacts::of,
                            FactKind.ISLANDS,
                            FactKind.ISOLATED,
                            FactKind.DOUBLED,
                            FactKind.BACKWARD,
                            FactKind.HANGING_PAIR,
                            FactKind.PASSED,
                            FactKind.CANDIDATE_PASSED),
                    each(ChainFacts::of, FactKind.CHAIN, FactKind.MAJORITY),
                    each(FileFacts::halfOpen, FactKind.HALF_OPEN_FILE),
                    each(LeverFacts::levers, FactKind.LEVER),
                    each(SquareFacts::of, FactKind.WEAK_SQUARE, FactKind.WEAK_COLOUR),
                    each(
                            BishopFacts::of,
                            FactKind.GOOD_BISHOP,
                            FactKind.BAD_BISHOP,
                            FactKind.BLOCKED_BISHOP,
                            FactKind.LONG_DIAGONAL),
                    each(BishopPosts::of, FactKind.BISHOP_POST),
                    each(OutpostFacts::of, FactKind.OUTPOST),
                    each(
                            ActivityFacts::of,
                            FactKind.ACTIVITY,
                            FactKind.CENTRE,
                            FactKind.WORST_PLACED,
                            FactKind.ROOK_LIFT,
                            FactKind.STRANDED),
                    each(
                            LineFacts::of,
                            FactKind.PIN,
                            FactKind.SKEWER,
                            FactKind.DISCOVERED_ATTACK,
                            FactKind.DISCOVERED_CHECK,
                            FactKind.BATTERY,
                            FactKind.X_RAY),
                    each(ForkFacts::forks, FactKind.FORK),
                    each(DutyFacts::of, FactKind.DUTY, FactKind.OVERLOADED));

    private static Glance both(
            Function<Scene, List<Fact>> finder, FactKind first, FactKind... rest) {
        return new Glance(EnumSet.of(first, rest), finder);
    }

    private static Glance each(
            BiFunction<Scene, Side, List<Fact>> finder, FactKind first, FactKind... rest) {
        return both(
                scene ->
                        java.util.stream.Stream.of(Side.values())
                                .flatMap(side -> finder.apply(scene, side).stream())
                                .toList(),
                first,
                rest);
    }

    List<Fact> of(Scene scene) {
        return finder.apply(scene);
    }
}
