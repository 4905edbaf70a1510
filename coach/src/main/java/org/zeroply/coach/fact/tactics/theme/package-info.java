/**
 * What winning lines turn on: themes and mating nets by their names, told only when carried out.
 */
package org.zeroply.coach.fact.tactics.theme;
