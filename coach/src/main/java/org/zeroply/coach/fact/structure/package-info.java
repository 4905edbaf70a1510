/** Pawns, files and the squares that pawns have left behind. */
package org.zeroply.coach.fact.structure;
