package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.zeroply.coach.pattern.Query;

/** The first positions of what is found, in the order that a query asks for; for one thread. */
public final class FirstHits {

    private final boolean clearest;
    private final int most;
    private final List<PositionFinder.Hit> hits = new ArrayList<>();

    /**
     * @param most so many are kept at most
     */
    public FirstHits(Query query, int most) {
        clearest = query.is(Query.Manner.CLEAREST);
        this.most = most;
    }

    /** Takes what was found next, that of the newest games first. */
    public void add(List<PositionFinder.Hit> found) {
        hits.addAll(found);
        if (clearest) {
            hits.sort(PositionFinder.Hit.CLEAREST);
        }
        if (hits.size() > most) {
            hits.subList(most, hits.size()).clear();
        }
    }

    /** Those found so far; where the clearest come first, later ones may come in between. */
    public List<PositionFinder.Hit> hits() {
        return Collections.unmodifiableList(hits);
    }
}
