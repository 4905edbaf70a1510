/** The course of a game and progress over time, drawn in the window as on paper. */
package org.zeroply.desktop.course;
