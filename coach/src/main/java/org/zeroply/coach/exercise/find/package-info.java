/** Positions of games that are worth setting as exercises. */
package org.zeroply.coach.exercise.find;
