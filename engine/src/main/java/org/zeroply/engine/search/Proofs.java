package org.zeroply.engine.search;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Move;

/**
 * Mates that were proved of positions near the root; the search takes them as they are, whatever it
 * would have left out there. Never changes.
 */
final class Proofs {

    static final Proofs NONE = new Proofs(Map.of());

    /**
     * A mate by force.
     *
     * @param plies to the mate; odd where the side to move mates, even where it is mated
     * @param line the moves to it, packed
     */
    record Proof(int plies, int[] line) {

        /** The proof of a line that ends in mate. */
        static Proof of(List<Move> line) {
            return new Proof(line.size(), line.stream().mapToInt(Move::packed).toArray());
        }

        /** As the search counts it, for the side to move at a ply. */
        int value(int ply) {
            int distance = SearchState.MATE - ply - plies;
            return plies % 2 == 1 ? distance : -distance;
        }
    }

    private final Map<Long, Proof> byKey;

    private Proofs(Map<Long, Proof> byKey) {
        this.byKey = byKey;
    }

    boolean isEmpty() {
        return byKey.isEmpty();
    }

    /** What was proved of a position; null for nothing. */
    Proof of(long key) {
        return byKey.get(key);
    }

    /** These and one more. */
    Proofs with(long key, Proof proof) {
        Map<Long, Proof> more = new HashMap<>(byKey);
        more.put(key, proof);
        return new Proofs(more);
    }
}
