/** Programs killed in the middle of their work, and what is left of it. */
package org.zeroply.workshop.kill;
