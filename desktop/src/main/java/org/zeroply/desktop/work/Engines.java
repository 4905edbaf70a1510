package org.zeroply.desktop.work;

import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * What engines a window works with.
 *
 * @param limits where the engine beside the board stops on each position
 * @param withTables whether the engines ask the tables of exact endings
 * @param maker makes them
 */
public record Engines(Limits limits, boolean withTables, Maker maker) {

    /** Those of the program: the one beside the board goes on until the position changes. */
    public static final Engines USUAL = new Engines(Limits.NONE, true, BuiltInEngine::new);

    /** Those that come to the same each time, whatever tables are on the machine. */
    public static final Engines REPEATABLE =
            new Engines(Limits.nodes(150_000), false, BuiltInEngine::new);

    /** Makes an engine. */
    @FunctionalInterface
    public interface Maker {
        /**
         * Makes one.
         *
         * @param megabytes size of its table
         */
        Engine engine(int megabytes, Endings endings);
    }

    /** The exact endings these engines ask: those tables or none. */
    Endings exact(Endings tables) {
        return withTables ? tables : Endings.NONE;
    }
}
