/** The queue of reviews, what the coach decided about moments, and remembered analyses. */
package org.zeroply.library.review;
