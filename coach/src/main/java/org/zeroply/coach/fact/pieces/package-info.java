/** What the pieces do: bishops, outposts, activity, routes. */
package org.zeroply.coach.fact.pieces;
