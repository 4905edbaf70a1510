/** Learns the network of the engine from positions of its own games. */
package org.zeroply.workshop.training;
