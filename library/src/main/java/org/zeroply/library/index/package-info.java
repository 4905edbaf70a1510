/** Which games of a library came to a position, and what was played there. */
package org.zeroply.library.index;
