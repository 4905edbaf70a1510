package org.zeroply.engine.eval;

import java.util.List;

/**
 * An evaluation taken apart into terms.
 *
 * @param terms what each side gets for each term
 * @param phase 24 with all pieces on the board, 0 with none
 */
public record EvaluationBreakdown(List<Entry> terms, int phase) {

    public EvaluationBreakdown {
        terms = List.copyOf(terms);
    }

    /** Centipawns from White's view: the sum of White's values less the sum of Black's. */
    public int total() {
        return terms.stream().mapToInt(t -> t.white() - t.black()).sum();
    }

    /** What each side gets for one term, in centipawns. */
    public record Entry(String name, int white, int black) {}
}
