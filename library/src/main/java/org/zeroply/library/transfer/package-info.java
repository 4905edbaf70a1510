/** Bringing games and whole libraries in and out in open formats. */
package org.zeroply.library.transfer;
