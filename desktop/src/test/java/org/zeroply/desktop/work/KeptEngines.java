package org.zeroply.desktop.work;

import org.zeroply.coach.SharedEngine;
import org.zeroply.engine.analysis.Limits;

/**
 * Our engine as a window has it, for tests that need what it finds: what it answered is kept beside
 * the tests, so that most is not searched for again.
 */
public final class KeptEngines {

    /** Tells questions of the window from others. */
    static final String NAME = "window";

    private KeptEngines() {}

    /** Such engines; the one beside the board stops at these limits. */
    public static Engines with(Limits besideTheBoard) {
        return new Engines(
                besideTheBoard,
                false,
                (megabytes, exact) -> SharedEngine.with(megabytes, exact, NAME));
    }
}
