/** The first pass over a game: what each move cost, and the moments worth stopping at. */
package org.zeroply.coach.review;
