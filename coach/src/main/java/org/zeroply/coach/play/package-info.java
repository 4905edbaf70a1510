/** Playing a position out: how it goes on between players of a chosen strength. */
package org.zeroply.coach.play;
