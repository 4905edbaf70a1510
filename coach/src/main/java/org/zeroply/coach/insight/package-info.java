/** What a position holds, measured: how hard it is to play. */
package org.zeroply.coach.insight;
