/**
 * What a position holds: facts at a glance, facts that take a search, and how hard it is to play.
 */
package org.zeroply.coach.insight;
