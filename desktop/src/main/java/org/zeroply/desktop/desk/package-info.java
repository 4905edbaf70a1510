/** The desks, in the order of the work. */
package org.zeroply.desktop.desk;
