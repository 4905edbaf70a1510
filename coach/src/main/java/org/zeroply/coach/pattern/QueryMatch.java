package org.zeroply.coach.pattern;

/**
 * Where a game answers a query.
 *
 * @param from the ply at which the first step begins, 0 for the first position
 * @param ply the ply at which the last step begins
 */
public record QueryMatch(int from, int ply) {}
