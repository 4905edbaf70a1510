package org.zeroply.cli.console;

import org.zeroply.engine.search.BuiltInEngine;

/** Tells where less memory is used than was asked for. */
public final class EngineMemory {

    private EngineMemory() {}

    /** The engine, after what has to be said about the memory it was to have, in MiB. */
    public static BuiltInEngine told(BuiltInEngine engine, int wanted, Output output) {
        if (engine.megabytes() < wanted) {
            output.err()
                    .println(
                            "Of the "
                                    + wanted
                                    + " MiB asked for, "
                                    + engine.megabytes()
                                    + " fit into the memory that this program may use.");
        }
        return engine;
    }
}
