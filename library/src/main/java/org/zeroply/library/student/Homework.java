package org.zeroply.library.student;

import org.zeroply.chess.board.Symmetry;

/**
 * An exercise as it is given.
 *
 * @param exerciseId the exercise
 * @param title its title
 * @param clothes how its board is turned
 * @param minutes time it should take
 * @param reason why it was chosen, in words
 */
public record Homework(
        long exerciseId, String title, Symmetry clothes, int minutes, String reason) {}
