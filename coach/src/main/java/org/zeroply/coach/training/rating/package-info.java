/** How strong students are and how hard exercises, by what was earned. */
package org.zeroply.coach.training.rating;
