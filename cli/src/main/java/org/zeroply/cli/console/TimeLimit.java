package org.zeroply.cli.console;

import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine.Option;

/** The option {@code --minutes}. */
public final class TimeLimit {

    private static final double MILLIS = 60_000;

    @Option(
            names = "--minutes",
            description =
                    "Time for each exercise; what is not settled then is said to be open. As long"
                            + " as it takes if left out.",
            paramLabel = "M")
    private Double minutes;

    public boolean isSet() {
        return minutes != null;
    }

    /**
     * Milliseconds for an exercise; {@link Cancellation#NEVER} for no limit.
     *
     * @throws BadInputException if not positive
     */
    public long millis() {
        if (minutes == null) {
            return Cancellation.NEVER;
        }
        if (!(minutes > 0)) {
            throw new BadInputException("The minutes must be positive.");
        }
        return Math.round(minutes * MILLIS);
    }
}
