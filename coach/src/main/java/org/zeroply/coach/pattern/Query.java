package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.FactKind;

/**
 * A question to games: one thing after the other that must be so.
 *
 * @param steps what must be so, in this order; one at least
 * @param manners how they may be seen, and which answers are wanted in which order
 * @param games which games
 */
public record Query(List<QueryStep> steps, Set<Manner> manners, GamesAsked games) {

    /** How an answer may be seen, and which answers are wanted; in the order of the text. */
    public enum Manner {
        /** Also with the wings exchanged. */
        MIRRORED("mirrored"),
        /** Also with the colours exchanged. */
        EXCHANGED("colours exchanged"),
        /** Every position is wanted, and not the first of each game. */
        EVERY("every position"),
        /**
         * Positions with the fewest men that have nothing to do with it come first ({@link
         * Evidence#idle}), else those of the newest games.
         */
        CLEAREST("clearest first");

        private final String words;

        Manner(String words) {
            this.words = words;
        }
    }

    public Query {
        steps = List.copyOf(steps);
        manners =
                manners.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(manners));
    }

    /** Whether it is asked in a manner. */
    public boolean is(Manner manner) {
        return manners.contains(manner);
    }

    /** The text form, which {@link QueryReader} reads. */
    public String text() {
        StringBuilder text = new StringBuilder(steps.get(0).text());
        for (QueryStep step : steps.subList(1, steps.size())) {
            text.append(" THEN ");
            if (step.within() > 0) {
                text.append("WITHIN ").append(step.within()).append(" PLIES ");
            }
            text.append(step.text());
        }
        List<String> clauses = new ArrayList<>();
        manners.forEach(manner -> clauses.add(manner.words));
        clauses.addAll(games.clauses());
        clauses.forEach(c -> text.append("; ").append(c));
        return text.toString();
    }

    /** All ways to see the steps that count. */
    List<List<QueryStep>> variants() {
        List<Symmetry> ways = new ArrayList<>(List.of(Symmetry.SAME));
        if (is(Manner.MIRRORED)) {
            ways.add(Symmetry.MIRRORED);
        }
        if (is(Manner.EXCHANGED)) {
            ways.add(Symmetry.FLIPPED);
        }
        if (is(Manner.MIRRORED) && is(Manner.EXCHANGED)) {
            ways.add(Symmetry.MIRRORED_AND_FLIPPED);
        }
        return ways.stream()
                .map(way -> steps.stream().map(s -> s.under(way)).toList())
                .distinct()
                .toList();
    }

    /** What the last step asks for, in each way to see it that counts. */
    List<Condition> lastConditions() {
        return variants().stream().map(s -> s.get(s.size() - 1).condition()).toList();
    }

    /** Kinds of facts that it asks for and that take a search. */
    public Set<FactKind> searches() {
        return steps.stream()
                .flatMap(step -> step.condition().searches().stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** The same, asked in a manner or not. */
    public Query with(Manner manner, boolean wanted) {
        Set<Manner> others = EnumSet.noneOf(Manner.class);
        others.addAll(manners);
        if (wanted) {
            others.add(manner);
        } else {
            others.remove(manner);
        }
        return new Query(steps, others, games);
    }

    /** The same, asked in these manners and no others. */
    public Query with(Set<Manner> asked) {
        return new Query(steps, asked, games);
    }
}
