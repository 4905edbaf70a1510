/** Lessons proposed from examples in games, from exercises, and from repertoires. */
package org.zeroply.coach.lesson.draft;
