/** The Defence desk: what holds, what loses, and why. */
package org.zeroply.desktop.defence;
