package org.zeroply.coach.pattern;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;

/**
 * At which plies of a game facts of a kind that takes a search were looked for, and at which of
 * these they are told. It grows while games are looked through.
 */
public final class SearchedTrail {

    private final BitSet looked;
    private final Map<String, FactTrail> trails;
    private boolean grown;

    /**
     * @param looked plies at which facts were looked for, 0 for the first position
     * @param trails by quality in small letters; that of all facts of the kind under the empty text
     */
    public SearchedTrail(BitSet looked, Map<String, FactTrail> trails) {
        this.looked = (BitSet) looked.clone();
        this.trails = new HashMap<>(trails);
        this.trails.computeIfAbsent("", t -> FactTrail.none());
    }

    /** One of a game in which nothing was looked for. */
    public static SearchedTrail none() {
        return new SearchedTrail(new BitSet(), Map.of());
    }

    /** Plies at which facts were looked for. */
    public BitSet looked() {
        return (BitSet) looked.clone();
    }

    /** Where they are told, by quality. */
    public Map<String, FactTrail> trails() {
        return Map.copyOf(trails);
    }

    /** Whether something was looked for since it was made. */
    public boolean hasGrown() {
        return grown;
    }

    boolean isLooked(int ply) {
        return looked.get(ply);
    }

    /** Whether a fact with a quality, or any, is told of a side, or of anybody, at a ply. */
    boolean isTold(String trait, Optional<Side> side, int ply) {
        FactTrail trail = trails.get(trait);
        return trail != null && trail.isTold(side, ply);
    }

    /** Keeps what was found at a ply. */
    void add(int ply, List<Fact> facts) {
        grown = true;
        looked.set(ply);
        FactTrail.mark(trails, ply, facts);
    }
}
