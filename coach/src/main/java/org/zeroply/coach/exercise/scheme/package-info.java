/** An exercise and what its scheme gives points for. */
package org.zeroply.coach.exercise.scheme;
