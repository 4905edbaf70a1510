/** Fits the weights of the terms and the expected score to positions of our own games. */
package org.zeroply.workshop.tuning;
