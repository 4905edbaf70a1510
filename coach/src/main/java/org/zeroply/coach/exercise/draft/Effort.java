package org.zeroply.coach.exercise.draft;

import org.zeroply.chess.tree.Node;

/**
 * What there is to find at a move of a scheme, for sharing out points.
 *
 * @param node the move
 * @param weight how much of the points it deserves, in any unit; 0 for what is obvious
 * @param verdict whether the points are for the right verdict on the line that ends here
 */
record Effort(Node node, double weight, boolean verdict) {}
