/**
 * Turns what was built into what a coach installs: a trimmed runtime, an image that needs no Java,
 * an installer of this system, and the licences of all that is in it.
 */
package org.zeroply.workshop.delivery;
