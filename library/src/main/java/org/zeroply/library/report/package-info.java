/** What leaves the program on paper or as a page: sheets, booklets and reports as HTML and PDF. */
package org.zeroply.library.report;
