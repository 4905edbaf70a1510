package org.zeroply.library.student;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import org.zeroply.coach.exercise.MarkedSheet;
import org.zeroply.coach.exercise.Ruling;

/**
 * One student's try at one exercise, as it was marked.
 *
 * @param exerciseId the exercise, if it is in the library
 * @param title title of the exercise
 * @param seconds time from beginning to committing
 * @param answer the rows as written
 * @param verdictRight whether the main verdict was right
 * @param scheme the marking scheme at that time, as PGN
 * @param marked the marked sheet, as JSON
 * @param rulings what the coach decided otherwise; the points are those after it
 * @param selfMarked whether it was worked on paper and the items ticked by hand
 */
public record Attempt(
        long id,
        String uuid,
        long studentId,
        OptionalLong exerciseId,
        String title,
        Instant beganAt,
        int seconds,
        String answer,
        int points,
        int max,
        boolean verdictRight,
        String scheme,
        String marked,
        List<Ruling> rulings,
        boolean selfMarked) {

    public Attempt {
        rulings = List.copyOf(rulings);
    }

    /** An attempt as the program marked it. */
    public Attempt(
            long id,
            String uuid,
            long studentId,
            OptionalLong exerciseId,
            String title,
            Instant beganAt,
            int seconds,
            String answer,
            int points,
            int max,
            boolean verdictRight,
            String scheme,
            String marked) {
        this(
                id,
                uuid,
                studentId,
                exerciseId,
                title,
                beganAt,
                seconds,
                answer,
                points,
                max,
                verdictRight,
                scheme,
                marked,
                List.of(),
                false);
    }

    /** The marked sheet with the coach's rulings on it. */
    public MarkedSheet sheet() {
        return MarkedSheets.read(marked).with(rulings);
    }

    /** The same with other rulings, and the points that follow from them. */
    public Attempt with(List<Ruling> other) {
        int now = MarkedSheets.read(marked).with(other).points();
        return new Attempt(
                id,
                uuid,
                studentId,
                exerciseId,
                title,
                beganAt,
                seconds,
                answer,
                now,
                max,
                verdictRight,
                scheme,
                marked,
                other,
                selfMarked);
    }
}
