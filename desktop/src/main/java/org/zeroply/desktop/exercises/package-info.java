/** The Exercises desk: finding, drafting, checking and printing exercises. */
package org.zeroply.desktop.exercises;
