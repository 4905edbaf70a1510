/** Looking after a library: copies of it, and whether it is whole. */
package org.zeroply.library.care;
