/** The ladder of seeing ahead: questions about positions that are only imagined. */
package org.zeroply.coach.training.ladder;
