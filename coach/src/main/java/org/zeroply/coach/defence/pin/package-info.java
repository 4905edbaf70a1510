/** Pinned men and the ways out. */
package org.zeroply.coach.defence.pin;
