/** What only developers use: it is not part of what is shipped. */
package org.zeroply.workshop;
