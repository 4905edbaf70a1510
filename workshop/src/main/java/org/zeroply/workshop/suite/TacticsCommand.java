package org.zeroply.workshop.suite;

import org.zeroply.engine.analysis.Engine;
import picocli.CommandLine.Command;

/** Makes a set of positions with something to be won. */
@Command(
        name = "tactics",
        description =
                "Plays weak games and writes positions of them with one winning move that a short look "
                        + "misses: a set for the suite command.")
public final class TacticsCommand extends KeySearchCommand {

    private static final long NODES = 1_000_000;
    private static final long WEAK = 150;

    /** With a million nodes of weak games. */
    public TacticsCommand() {
        super(NODES, WEAK, Integer.MAX_VALUE);
    }

    @Override
    KeyFinder finder(Engine engine, long deepest) {
        return new TacticsFinder(engine, deepest);
    }
}
