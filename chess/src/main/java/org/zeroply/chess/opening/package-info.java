/** Names of openings in general use. */
package org.zeroply.chess.opening;
