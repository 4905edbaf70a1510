/** Diagrams, courses and plots, drawn with a pen that writes PDF or SVG. */
package org.zeroply.library.drawing;
