/** Students, their attempts and assignments, what they remember, and results over all of them. */
package org.zeroply.library.student;
