package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.coach.fact.FactKind;

/** Looks for a query in games, one after the other; safe for use by several threads. */
public final class QueryMatcher {

    private static final Comparator<QueryMatch> EARLIEST =
            Comparator.comparingInt(QueryMatch::ply).thenComparingInt(QueryMatch::from);

    private final List<List<QueryStep>> variants;
    private final boolean every;
    private final Set<ToldFact> leading;
    private final Set<FactKind> searches;

    /** For a query; which games it is about must be seen to by who brings them. */
    public QueryMatcher(Query query) {
        every = query.is(Query.Manner.EVERY);
        variants = new ArrayList<>();
        for (List<QueryStep> steps : query.variants()) {
            variants.add(
                    steps.stream()
                            .map(
                                    s ->
                                            new QueryStep(
                                                    s.condition().cheapestFirst(),
                                                    s.plies(),
                                                    s.within()))
                            .toList());
        }
        leading =
                variants.stream()
                        .flatMap(steps -> steps.get(0).condition().leading().stream())
                        .collect(Collectors.toUnmodifiableSet());
        searches = query.searches();
    }

    /**
     * Facts that decide about every position by themselves, so that it pays to keep where they are
     * told.
     */
    public Set<ToldFact> leading() {
        return leading;
    }

    /** Whether the reviews of games have a say in it. */
    public boolean asksReviews() {
        return variants.stream()
                .flatMap(List::stream)
                .anyMatch(step -> step.condition().asksReview());
    }

    /**
     * Where a game answers, in the order of the game; the first place only where that is wanted.
     */
    public List<QueryMatch> in(GameLine line) {
        return in(line, GameKnowledge.NONE);
    }

    /** The same with what is known of the game, and keeping what comes to be known. */
    public List<QueryMatch> in(GameLine line, GameKnowledge game) {
        Map<ToldFact, FactTrail> known = known(line, game);
        Map<FactKind, SearchedTrail> searched = new EnumMap<>(FactKind.class);
        searches.forEach(kind -> searched.put(kind, game.searched(kind)));
        List<QueryMatch> found = new ArrayList<>();
        for (List<QueryStep> steps : variants) {
            QueryStep first = steps.get(0);
            if (steps.size() == 1 && first.plies() == 1) {
                single(begin(line, known, searched, game), first.condition(), found);
            } else {
                sequence(begin(line, known, searched, game), steps, found);
            }
        }
        searched.forEach(
                (kind, trail) -> {
                    if (trail.hasGrown()) {
                        game.keep(kind, trail);
                    }
                });
        List<QueryMatch> ordered = found.stream().distinct().sorted(EARLIEST).toList();
        return every || ordered.isEmpty() ? ordered : ordered.subList(0, 1);
    }

    /** Each kind of fact that is not known yet is followed once, whatever qualities are asked. */
    private Map<ToldFact, FactTrail> known(GameLine line, GameKnowledge game) {
        Map<ToldFact, FactTrail> known = new HashMap<>();
        Map<FactKind, Map<String, FactTrail>> followed = new EnumMap<>(FactKind.class);
        for (ToldFact fact : leading) {
            Optional<FactTrail> kept = game.trail(fact);
            if (kept.isPresent()) {
                known.put(fact, kept.get());
            } else if (game != GameKnowledge.NONE) {
                known.put(
                        fact,
                        followed.computeIfAbsent(fact.kind(), k -> FactTrail.follow(line, k))
                                .getOrDefault(fact.trait(), FactTrail.none()));
            }
        }
        followed.forEach(game::keep);
        return known;
    }

    private static Situation begin(
            GameLine line,
            Map<ToldFact, FactTrail> known,
            Map<FactKind, SearchedTrail> searched,
            GameKnowledge game) {
        Situation situation = Situation.startOf(line);
        situation.expect(known, game.moments());
        situation.expect(searched, game.search());
        return situation;
    }

    private void single(Situation situation, Condition condition, List<QueryMatch> found) {
        do {
            if (condition.holds(situation)) {
                found.add(new QueryMatch(situation.ply(), situation.ply()));
                if (!every) {
                    return;
                }
            }
        } while (situation.advance());
    }

    private void sequence(Situation situation, List<QueryStep> steps, List<QueryMatch> found) {
        GameLine line = situation.line();
        List<BitSet> begins = begins(situation, steps);
        // From the last step back: where it all ends if a step begins at a ply, -1 for nowhere.
        int[] ends = null;
        for (int s = steps.size() - 1; s >= 0; s--) {
            ends = ends(begins.get(s), steps, s, ends, line.plies());
        }
        BitSet first = begins.get(0);
        for (int ply = first.nextSetBit(0); ply >= 0; ply = first.nextSetBit(ply + 1)) {
            boolean goesOn = ply > 0 && first.get(ply - 1) && steps.get(0).plies() > 1;
            if (ends[ply] >= 0 && !goesOn) {
                found.add(new QueryMatch(ply, ends[ply]));
            }
        }
    }

    private static int[] ends(
            BitSet begin, List<QueryStep> steps, int step, int[] later, int plies) {
        int[] ends = new int[plies + 1];
        for (int ply = 0; ply <= plies; ply++) {
            ends[ply] = -1;
            if (begin.get(ply) && later == null) {
                ends[ply] = ply;
            } else if (begin.get(ply)) {
                int over = ply + steps.get(step).plies() - 1;
                int within = steps.get(step + 1).within();
                int last = within == 0 ? plies : Math.min(plies, over + within);
                for (int next = over + 1; next <= last; next++) {
                    if (later[next] >= 0 && (ends[ply] < 0 || later[next] < ends[ply])) {
                        ends[ply] = later[next];
                    }
                }
            }
        }
        return ends;
    }

    /** Where each step begins and lasts; later steps are looked at once an earlier one was seen. */
    private static List<BitSet> begins(Situation situation, List<QueryStep> steps) {
        List<BitSet> holds = new ArrayList<>();
        steps.forEach(s -> holds.add(new BitSet(situation.line().plies() + 1)));
        do {
            for (int s = 0; s < steps.size(); s++) {
                boolean may = s == 0 || !holds.get(s - 1).isEmpty();
                if (may && steps.get(s).condition().holds(situation)) {
                    holds.get(s).set(situation.ply());
                }
            }
        } while (situation.advance());
        for (int s = 0; s < steps.size(); s++) {
            lasting(holds.get(s), steps.get(s).plies());
        }
        return holds;
    }

    /** Leaves only those from which on so many are set in a row. */
    private static void lasting(BitSet set, int plies) {
        for (int more = 1; more < plies; more++) {
            BitSet next = set.get(1, Math.max(1, set.length()));
            set.and(next);
            if (set.isEmpty()) {
                return;
            }
        }
    }
}
