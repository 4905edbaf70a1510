/** A long random walk of what a user does with a library, beside a simple model of it. */
package org.zeroply.workshop.walk;
