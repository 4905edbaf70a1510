/** Defending: the threat, what meets it, what each defence costs, and what the others lose to. */
package org.zeroply.coach.defence;
