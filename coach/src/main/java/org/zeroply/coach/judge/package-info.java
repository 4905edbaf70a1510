/** What the moves of a position are worth, for those who set exercises and check them. */
package org.zeroply.coach.judge;
