package org.zeroply.coach.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.FactKind;

/** Something that is so in a situation, or is not. */
public sealed interface Condition
        permits Condition.Not,
                Condition.All,
                Condition.Any,
                BoardCondition,
                PieceCondition,
                LineCondition,
                DangerCondition,
                PlanCondition,
                RuleCondition,
                MaterialCondition,
                PawnCondition,
                WingCondition,
                StructureCondition,
                AimCondition,
                GainCondition,
                FactCondition,
                OfFact,
                RookEnding,
                EndingCondition,
                CaptureCondition,
                MateByTwo,
                MoveCondition,
                EventCondition,
                MomentCondition {

    /** What is seen quickest first. */
    Comparator<Condition> CHEAPEST = Comparator.comparingInt(Condition::cost);

    /** Whether it is so. */
    boolean holds(Situation situation);

    /** The text form, which {@link ConditionReader} reads. */
    String text();

    /** The same of another way to see the pattern. */
    Condition under(Symmetry way);

    /**
     * How long it takes to see, in nanoseconds or so: of several conditions the cheap ones are
     * looked at first.
     */
    default int cost() {
        return 10;
    }

    /** Facts that have to be looked for in every position, whatever else is asked. */
    default Set<ToldFact> leading() {
        return Set.of();
    }

    /** Whether the review of the game has a say in it. */
    default boolean asksReview() {
        return false;
    }

    /** Kinds of facts that it asks for and that take a search. */
    default Set<FactKind> searches() {
        return Set.of();
    }

    /** The same with what is cheap to see first in everything that is joined. */
    default Condition cheapestFirst() {
        return this;
    }

    /** It is not so. */
    record Not(Condition what) implements Condition {
        @Override
        public boolean holds(Situation situation) {
            return !what.holds(situation);
        }

        @Override
        public String text() {
            return "NOT " + what.text();
        }

        @Override
        public Condition under(Symmetry way) {
            return new Not(what.under(way));
        }

        @Override
        public int cost() {
            return what.cost();
        }

        @Override
        public Condition cheapestFirst() {
            return new Not(what.cheapestFirst());
        }

        @Override
        public Set<ToldFact> leading() {
            return what.leading();
        }

        @Override
        public boolean asksReview() {
            return what.asksReview();
        }

        @Override
        public Set<FactKind> searches() {
            return what.searches();
        }
    }

    /** All of them are so; as a part of another condition. */
    record All(List<Condition> parts) implements Condition {
        public All {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(Situation situation) {
            for (Condition part : parts) {
                if (!part.holds(situation)) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public String text() {
            return joined(parts, " AND ");
        }

        @Override
        public Condition under(Symmetry way) {
            return new All(parts.stream().map(p -> p.under(way)).toList());
        }

        @Override
        public int cost() {
            return parts.stream().mapToInt(Condition::cost).sum();
        }

        @Override
        public Condition cheapestFirst() {
            return new All(sorted(parts));
        }

        /** Those of what is looked at first: the rest is looked at where that holds only. */
        @Override
        public Set<ToldFact> leading() {
            return parts.stream().min(CHEAPEST).map(Condition::leading).orElse(Set.of());
        }

        @Override
        public boolean asksReview() {
            return parts.stream().anyMatch(Condition::asksReview);
        }

        @Override
        public Set<FactKind> searches() {
            return Condition.searches(parts);
        }
    }

    /** At least one of them is so. */
    record Any(List<Condition> parts) implements Condition {
        public Any {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(Situation situation) {
            for (Condition part : parts) {
                if (part.holds(situation)) {
                    return true;
                }
            }
            return false;
        }

        @Override
        public String text() {
            return joined(parts, " OR ");
        }

        @Override
        public Condition under(Symmetry way) {
            return new Any(parts.stream().map(p -> p.under(way)).toList());
        }

        @Override
        public int cost() {
            return parts.stream().mapToInt(Condition::cost).sum();
        }

        @Override
        public Condition cheapestFirst() {
            return new Any(sorted(parts));
        }

        @Override
        public Set<ToldFact> leading() {
            return parts.stream().flatMap(p -> p.leading().stream()).collect(Collectors.toSet());
        }

        @Override
        public boolean asksReview() {
            return parts.stream().anyMatch(Condition::asksReview);
        }

        @Override
        public Set<FactKind> searches() {
            return Condition.searches(parts);
        }
    }

    private static Set<FactKind> searches(List<Condition> parts) {
        return parts.stream().flatMap(p -> p.searches().stream()).collect(Collectors.toSet());
    }

    private static List<Condition> sorted(List<Condition> parts) {
        return parts.stream().map(Condition::cheapestFirst).sorted(CHEAPEST).toList();
    }

    private static String joined(List<Condition> parts, String by) {
        return parts.stream().map(Condition::text).collect(Collectors.joining(by, "(", ")"));
    }

    /** A move in SAN, if it is legal in a position. */
    static Optional<Move> move(Position position, String san) {
        try {
            return Optional.of(San.read(position, san));
        } catch (NotationException e) {
            return Optional.empty();
        }
    }

    /** Whether something is so of a side, or of either where none is given. */
    static boolean ofAny(Optional<Side> side, Predicate<Side> holds) {
        return side.isPresent()
                ? holds.test(side.get())
                : holds.test(Side.WHITE) || holds.test(Side.BLACK);
    }
}
