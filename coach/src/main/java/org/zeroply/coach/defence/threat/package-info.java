/** What the other side threatens, and what meets it on the board. */
package org.zeroply.coach.defence.threat;
