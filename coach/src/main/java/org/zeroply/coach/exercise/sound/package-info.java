/**
 * Whether an exercise is sound: second solutions, missing defences, wrong verdicts, lost points.
 */
package org.zeroply.coach.exercise.sound;
