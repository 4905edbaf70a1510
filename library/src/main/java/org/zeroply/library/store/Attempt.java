package org.zeroply.library.store;

import java.time.Instant;
import java.util.OptionalLong;

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
        String marked) {}
