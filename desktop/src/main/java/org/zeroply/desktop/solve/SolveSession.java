package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
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
                        a -> a.exerciseId().isPresent() && a.exerciseId().getAsLong() == exercise);
    }

    /** Number of exercises, points and time, in words; empty before the first. */
    public String summary() {
        if (attempts.isEmpty()) {
            return "";
        }
        int points = attempts.stream().mapToInt(Attempt::points).sum();
        int max = attempts.stream().mapToInt(Attempt::max).sum();
        int seconds = attempts.stream().mapToInt(Attempt::seconds).sum();
        return String.format(
                "This sitting: %s, %d of %d points in %s",
                attempts.size() == 1 ? "1 exercise" : attempts.size() + " exercises",
                points,
                max,
                MinutesSeconds.of(seconds));
    }
}
