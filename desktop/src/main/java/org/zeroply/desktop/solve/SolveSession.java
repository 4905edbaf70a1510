package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.notation.Counted;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;
import org.zeroply.library.student.Attempt;

/** What one student solved in one sitting. */
public final class SolveSession {

    private final List<Attempt> attempts = new ArrayList<>();

    /** Begins anew. */
    public void begin() {
        attempts.clear();
    }

    /** Adds an attempt that was marked. */
    public void add(Attempt attempt) {
        attempts.add(attempt);
    }

    /** Whether an exercise was tried in this sitting. */
    public boolean hasTried(long exercise) {
        return attempts.stream()
                .anyMatch(
                        a ->
                                a.work().exerciseId().isPresent()
                                        && a.work().exerciseId().getAsLong() == exercise);
    }

    /** Number of exercises, points and time, in words; empty before the first. */
    public String summary() {
        if (attempts.isEmpty()) {
            return "";
        }
        int points = attempts.stream().mapToInt(a -> a.marking().points()).sum();
        int max = attempts.stream().mapToInt(a -> a.marking().max()).sum();
        int seconds = attempts.stream().mapToInt(a -> a.work().seconds()).sum();
        return String.format(
                Texts.of("solve.this-sitting-of-points-in"),
                Counted.of(attempts.size(), "exercise"),
                points,
                max,
                MinutesSeconds.of(seconds));
    }
}
