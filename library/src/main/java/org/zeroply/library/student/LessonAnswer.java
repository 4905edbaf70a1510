package org.zeroply.library.student;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import org.zeroply.coach.lesson.AnswerOutcome;

/**
 * What a student answered in a lesson.
 *
 * @param asked the question, as it was then
 * @param given the answer, and what it is
 */
public record LessonAnswer(String uuid, long studentId, Asked asked, Given given) {

    /**
     * A question of a lesson.
     *
     * @param lessonId the sheet; empty where the lesson is gone
     * @param lesson its name
     * @param step from 0
     * @param prompt what was asked
     */
    public record Asked(
            OptionalLong lessonId, String lesson, int step, String prompt, List<String> themes) {
        public Asked {
            themes = List.copyOf(themes);
        }
    }

    /**
     * An answer.
     *
     * @param answer in the field's notation
     * @param seconds since it was asked
     */
    public record Given(String answer, AnswerOutcome outcome, int seconds, Instant at) {}
}
