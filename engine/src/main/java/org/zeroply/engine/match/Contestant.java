package org.zeroply.engine.match;

import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Someone who plays.
 *
 * @param limits for each move
 */
public record Contestant(Engine engine, Limits limits) {}
