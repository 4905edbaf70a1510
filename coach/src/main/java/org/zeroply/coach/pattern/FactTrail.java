package org.zeroply.coach.pattern;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Insight;

/**
 * At which plies of a game facts are told, 0 for the first position. It takes long to see and
 * little to keep.
 *
 * @param white of White
 * @param black of Black
 * @param both of both sides alike
 */
public record FactTrail(BitSet white, BitSet black, BitSet both) {

    /** Nowhere. */
    public static FactTrail none() {
        return new FactTrail(new BitSet(), new BitSet(), new BitSet());
    }

    /**
     * Follows a game to its end.
     *
     * @return the trail of every quality that facts of the kind have there, and that of all of them
     *     under the empty text
     */
    static Map<String, FactTrail> follow(GameLine line, FactKind kind) {
        Map<String, FactTrail> trails = new HashMap<>(Map.of("", none()));
        Situation situation = Situation.startOf(line);
        do {
            mark(trails, situation.ply(), Insight.of(situation.scene(), kind));
        } while (situation.advance());
        return trails;
    }

    /** Sets what facts told at a ply say, in the trails by quality. */
    static void mark(Map<String, FactTrail> trails, int ply, List<Fact> facts) {
        for (Fact fact : facts) {
            trails.get("").of(fact.side()).set(ply);
            for (String trait : fact.traits()) {
                trails.computeIfAbsent(trait.toLowerCase(Locale.ROOT), t -> none())
                        .of(fact.side())
                        .set(ply);
            }
        }
    }

    private BitSet of(Optional<Side> side) {
        return side.map(s -> s == Side.WHITE ? white : black).orElse(both);
    }

    /** Whether a fact of a side, or of anybody, is told at a ply. */
    boolean isTold(Optional<Side> side, int ply) {
        return side.isPresent()
                ? of(side).get(ply)
                : white.get(ply) || black.get(ply) || both.get(ply);
    }
}
