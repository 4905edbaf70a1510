package org.zeroply.workshop.suite;

import org.zeroply.engine.analysis.Engine;
import picocli.CommandLine.Command;

/** Makes a set of positions with one clearly best quiet move. */
@Command(
        name = "positional",
        description =
                "Plays games and writes positions of them with one clearly best quiet move by which "
                        + "nothing is won at once: a set for the suite command.")
public final class PositionalCommand extends KeySearchCommand {

    private static final long NODES = 50_000_000;
    private static final long PLAY = 5000;

    /** More positions of one game are too much alike. */
    private static final int OF_A_GAME = 2;

    /** With fifty million nodes of games that are played not too badly. */
    public PositionalCommand() {
        super(NODES, PLAY, OF_A_GAME);
    }

    @Override
    KeyFinder finder(Engine engine, long deepest) {
        return new QuietKeyFinder(engine, deepest);
    }
}
