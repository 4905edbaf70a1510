/** Material along a line: in points, in words, and what hangs. */
package org.zeroply.coach.fact.material;
