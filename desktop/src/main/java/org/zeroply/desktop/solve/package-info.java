/** The Solve desk: answers are written, marked and gone through. */
package org.zeroply.desktop.solve;
