/** The kings: cover, lines, who can reach them, castling, and races on opposite wings. */
package org.zeroply.coach.fact.king;
