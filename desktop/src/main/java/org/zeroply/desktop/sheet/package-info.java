/** The line sheet: lines of moves on ruled rows, with balance strips and verdicts. */
package org.zeroply.desktop.sheet;
