package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.coach.fact.FactKind;

/** What is known of one game besides its moves. */
public interface GameKnowledge {

    /** Nothing is known, and nothing is kept. */
    GameKnowledge NONE =
            new GameKnowledge() {
                @Override
                public Optional<FactTrail> trail(ToldFact fact) {
                    return Optional.empty();
                }

                @Override
                public void keep(FactKind kind, Map<String, FactTrail> trails) {
                    // Nobody asks again.
                }

                @Override
                public List<GameMoment> moments() {
                    return List.of();
                }
            };

    /** The trail of a fact; one that is told nowhere where that is known. */
    Optional<FactTrail> trail(ToldFact fact);

    /** Takes the trails of a kind that were followed just now, by the quality of the fact. */
    void keep(FactKind kind, Map<String, FactTrail> trails);

    /** The moments of its review; none where it was not reviewed. */
    List<GameMoment> moments();

    /** What is known of facts of a kind that takes a search; it may be added to. */
    default SearchedTrail searched(FactKind kind) {
        return SearchedTrail.none();
    }

    /** Takes such a trail that has grown. */
    default void keep(FactKind kind, SearchedTrail trail) {}

    /** What looks for facts that take a search. */
    default FactSearch search() {
        return FactSearch.NONE;
    }
}
