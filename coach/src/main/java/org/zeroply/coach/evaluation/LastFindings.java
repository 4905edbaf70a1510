package org.zeroply.coach.evaluation;

import java.util.List;
import org.zeroply.engine.analysis.Analysis;

/** Which of a search's findings tell whether the last one is settled: those of two doublings. */
public final class LastFindings {

    /** Two doublings. */
    private static final int TIMES = 4;

    private LastFindings() {}

    /**
     * Where the findings of the last two doublings of the nodes begin.
     *
     * @param told findings in the order in which they came
     * @return an index, or -1 where the search did not go on for so long
     */
    public static int from(List<Analysis> told) {
        int from = -1;
        for (int i = 0; i < told.size(); i++) {
            long last = told.get(told.size() - 1).nodes();
            from = TIMES * told.get(i).nodes() <= last ? i : from;
        }
        return from;
    }
}
