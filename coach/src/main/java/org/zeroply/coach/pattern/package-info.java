/** Finding positions in games: conditions on a position and on what was played, and queries. */
package org.zeroply.coach.pattern;
