/** The pages of the Review desk. */
package org.zeroply.desktop.review;
