/** Tables of positions against defences. */
package org.zeroply.coach.defence.whatif;
