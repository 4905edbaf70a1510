/** Tournaments: who plays whom, preparing a round, and what its game asks of the repertoire. */
package org.zeroply.coach.repertoire.tournament;
