/** The Lab: what a position holds. */
package org.zeroply.desktop.lab;
