/** The one tree of moves that games, analyses, marking schemes, answers and repertoires share. */
package org.zeroply.chess.tree;
