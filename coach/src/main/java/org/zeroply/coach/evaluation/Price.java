package org.zeroply.coach.evaluation;

/**
 * What a move costs that may yet keep the result.
 *
 * @param loss expected score that it gives away against the best move
 * @param hundredths material that it gives up against the best move, in hundredths of a point; 0
 *     where only the score tells
 * @param words in words: {@code a bishop for a pawn; perhaps still a draw}
 */
public record Price(Loss loss, int hundredths, String words) {}
