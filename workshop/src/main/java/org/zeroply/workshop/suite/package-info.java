/** Makes sets of positions to measure the engine by. */
package org.zeroply.workshop.suite;
