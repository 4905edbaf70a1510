package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.coach.evaluation.LastFindings;
import org.zeroply.engine.analysis.Analysis;

/**
 * An analysis as it is kept. Whether a search may be believed is told by how its findings changed
 * on the way, so the last of them are kept beside what it came to.
 *
 * @param way what was found at the last depths, first moves only, over the last two doublings of
 *     the nodes; nothing where it was not kept
 */
public record Remembered(Analysis analysis, Optional<List<Analysis>> way) {

    public Remembered {
        way = way.map(List::copyOf);
    }

    /**
     * What is kept of an analysis.
     *
     * @param told all that was told on its way
     */
    static Remembered of(Analysis analysis, List<Analysis> told) {
        List<Analysis> last = told.subList(Math.max(0, LastFindings.from(told)), told.size());
        return new Remembered(
                analysis, Optional.of(last.stream().map(Remembered::firstMoves).toList()));
    }

    /**
     * The same for those who do not ask whether it may be believed: as if nothing had been told.
     */
    public Remembered withAnyWay() {
        return way.isPresent() ? this : new Remembered(analysis, Optional.of(List.of()));
    }

    private static Analysis firstMoves(Analysis found) {
        List<Analysis.Candidate> lines =
                found.lines().stream()
                        .map(
                                c ->
                                        Analysis.Candidate.ofMove(
                                                c.move(), c.score(), c.expected(), found.depth()))
                        .toList();
        return new Analysis(lines, List.of(), found.depth(), found.nodes(), 0, 0);
    }
}
