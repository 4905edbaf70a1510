package org.zeroply.workshop.match;

import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Someone who plays.
 *
 * @param limits for each move
 * @param threads the engine uses for a move
 */
public record Contestant(Engine engine, Limits limits, int threads) {}
