/**
 * A repertoire: one tree of positions that knows what is missing, what is likely and what is risky.
 */
package org.zeroply.coach.repertoire;
