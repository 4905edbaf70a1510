package org.zeroply.coach.pattern;

import org.zeroply.coach.fact.FactKind;

/**
 * Facts of a kind with a quality.
 *
 * @param trait in small letters; empty for any
 */
public record ToldFact(FactKind kind, String trait) {}
