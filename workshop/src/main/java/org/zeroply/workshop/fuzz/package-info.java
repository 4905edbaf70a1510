/** Damaged and hostile input for whatever reads input. */
package org.zeroply.workshop.fuzz;
