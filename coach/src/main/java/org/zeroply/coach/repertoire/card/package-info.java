/** If-then cards: their conditions, their text form, and how they fare in games. */
package org.zeroply.coach.repertoire.card;
