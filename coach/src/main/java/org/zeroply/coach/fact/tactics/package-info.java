/** Lines, forks, duties, forcing moves, and who wins the contest of a square. */
package org.zeroply.coach.fact.tactics;
