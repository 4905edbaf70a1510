/** The seam between the engine and the rest of the program: requests, limits, results. */
package org.zeroply.engine.analysis;
