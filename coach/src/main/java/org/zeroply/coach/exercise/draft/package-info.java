/** First marking schemes: which lines an exercise needs, and what is worth points. */
package org.zeroply.coach.exercise.draft;
