package org.zeroply.library.student;

import java.time.Instant;
import java.util.OptionalLong;

/**
 * What a student wrote, and to which exercise.
 *
 * @param exerciseId the exercise, if it is in the library
 * @param title title of the exercise
 * @param scheme the marking scheme at that time, as PGN
 * @param beganAt when it was begun
 * @param seconds time from beginning to committing
 * @param answer the rows as written
 */
public record WrittenWork(
        OptionalLong exerciseId,
        String title,
        String scheme,
        Instant beganAt,
        int seconds,
        String answer) {}
