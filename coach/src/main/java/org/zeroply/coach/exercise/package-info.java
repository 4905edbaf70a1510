/** Exercises: marking schemes on move trees, written answers, and marking. */
package org.zeroply.coach.exercise;
