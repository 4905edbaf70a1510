package org.zeroply.coach.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;

/**
 * Watches a search, and ends it when what it says has held over two doublings of its nodes: the
 * best move, its expected score, and what each of the other moves loses. A move that is as good as
 * the best one may take turns with it.
 */
final class Settling implements AnalysisListener {

    private final Cancellation search;
    private final long least;
    private final List<Analysis> seen = new ArrayList<>();

    /**
     * @param search cancelled when all is settled
     * @param least nodes below which nothing is settled but a mate
     */
    Settling(Cancellation search, long least) {
        this.search = search;
        this.least = least;
    }

    @Override
    public void found(Analysis soFar) {
        seen.add(soFar);
        if (sureness().settled()) {
            search.cancel();
        }
    }

    /** Whether what was found last is settled. */
    Sureness sureness() {
        if (seen.isEmpty()) {
            return Sureness.open(CoachWords.of("evaluation.it-did-not-settle"));
        }
        Analysis last = seen.get(seen.size() - 1);
        if (isMate(last)) {
            return Sureness.SETTLED;
        }
        int from = LastFindings.from(seen);
        if (from < 0 || last.nodes() < least) {
            return Sureness.open(CoachWords.of("evaluation.it-was-looked-at-too"));
        }
        for (Analysis earlier : seen.subList(from, seen.size() - 1)) {
            Optional<String> change = change(earlier, last);
            if (change.isPresent()) {
                return Sureness.open(change.get());
            }
        }
        return Sureness.SETTLED;
    }

    /** A mate by force is proved, and nothing beside it matters. */
    private static boolean isMate(Analysis analysis) {
        return analysis.lines().size() == 1
                && analysis.lines().get(0).score() instanceof Score.Mate mate
                && mate.moves() > 0;
    }

    private static Optional<String> change(Analysis then, Analysis now) {
        Analysis.Candidate was = then.lines().get(0);
        Analysis.Candidate is = now.lines().get(0);
        if (Math.abs(was.expected().over(is.expected())) > Weighed.EQUAL) {
            return Optional.of(CoachWords.of("evaluation.what-the-best-move-is"));
        }
        if (!was.move().equals(is.move()) && loss(now, was) > Weighed.EQUAL) {
            return Optional.of(CoachWords.of("evaluation.the-best-move-still-changes"));
        }
        for (Analysis.Candidate other : now.lines()) {
            double before = loss(then, other);
            boolean known = before < UNKNOWN;
            if (known && Math.abs(before - loss(now, other)) > Weighed.EQUAL) {
                return Optional.of(CoachWords.of("evaluation.what-other-moves-lose-still"));
            }
        }
        return Optional.empty();
    }

    /** Above any loss, which is at most 1: the move was not told apart. */
    private static final double UNKNOWN = 2;

    /** What a move loses against the best one; {@link #UNKNOWN} for one that was not told apart. */
    private static double loss(Analysis analysis, Analysis.Candidate move) {
        return analysis.lines().stream()
                .filter(c -> c.move().equals(move.move()))
                .findFirst()
                .map(c -> analysis.lines().get(0).expected().over(c.expected()))
                .orElse(UNKNOWN);
    }
}
