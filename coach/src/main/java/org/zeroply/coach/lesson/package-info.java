/** Lessons: ordered steps that show, ask, compare and set homework, and what answers are worth. */
package org.zeroply.coach.lesson;
