/** Showing to a whole room: a position and its lines, revealed step by step. */
package org.zeroply.desktop.lessons;
