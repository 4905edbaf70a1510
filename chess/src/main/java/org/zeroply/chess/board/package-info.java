/**
 * What chess is: squares, pieces, moves and the rules, as one fast board and one immutable value.
 */
package org.zeroply.chess.board;
