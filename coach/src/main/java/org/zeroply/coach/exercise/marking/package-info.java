/** Written answers, and what they earn. */
package org.zeroply.coach.exercise.marking;
