/** How long the interface thread is held up while the window is used, and by what. */
package org.zeroply.workshop.pauses;
