/** Learning by heart: what is asked, when it comes again, and a walk through it on the board. */
package org.zeroply.coach.training.drill;
