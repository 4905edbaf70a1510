/** The rounds of tournaments: whose games there are, what is prepared, what a game changes. */
package org.zeroply.library.tournament;
