/** What a student should solve next: repetitions that are due, weak themes, a week of work. */
package org.zeroply.coach.training.planning;
