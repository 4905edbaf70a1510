/** Fits the weights of the evaluation and the expected score to positions of our own games. */
package org.zeroply.engine.tuning;
