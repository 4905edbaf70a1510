/**
 * What can be said of a position as a fact that can be checked, and the view of the board for it.
 */
package org.zeroply.coach.fact;
