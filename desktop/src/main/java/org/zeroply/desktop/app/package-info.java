/** The window: the margin of desks, the board column, the status row, keys and commands. */
package org.zeroply.desktop.app;
