/** The board as a printed diagram: squares, men, marks, and what the mouse does on it. */
package org.zeroply.desktop.board;
