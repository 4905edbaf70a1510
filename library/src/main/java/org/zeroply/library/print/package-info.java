/** What leaves the program on paper or as a page: diagrams, courses, reports as HTML and PDF. */
package org.zeroply.library.print;
