/**
 * What the moves of a position are worth: who asks an engine for verdicts, compares moves, and says
 * which hold and how sure that is. The bounds by which moves are compared stand here;
 * docs/verdicts.md tells them in a table.
 */
package org.zeroply.coach.evaluation;
