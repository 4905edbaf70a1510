package org.zeroply.coach.pattern;

import java.util.Map;
import java.util.Optional;
import org.zeroply.coach.fact.FactKind;

/** The trails of facts through one game, as far as they are known. */
public interface FactTrails {

    /** Nothing is known, and nothing is kept. */
    FactTrails NONE =
            new FactTrails() {
                @Override
                public Optional<FactTrail> of(ToldFact fact) {
                    return Optional.empty();
                }

                @Override
                public void keep(FactKind kind, Map<String, FactTrail> trails) {
                    // Nobody asks again.
                }
            };

    /** The trail of a fact; one that is told nowhere where that is known. */
    Optional<FactTrail> of(ToldFact fact);

    /** Takes the trails of a kind that were followed just now, by the quality of the fact. */
    void keep(FactKind kind, Map<String, FactTrail> trails);
}
