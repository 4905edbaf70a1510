package org.zeroply.cli;

import java.util.OptionalLong;
import picocli.CommandLine.Option;

/** The option {@code --minutes}. */
final class TimeLimit {

    private static final double MILLIS = 60_000;

    @Option(
            names = "--minutes",
            description =
                    "Time for each exercise; what is not settled then is said to be open. As long"
                            + " as it takes if left out.",
            paramLabel = "M")
    private Double minutes;

    /**
     * Milliseconds for an exercise; empty for no limit.
     *
     * @throws BadInputException if not positive
     */
    OptionalLong millis() {
        if (minutes == null) {
            return OptionalLong.empty();
        }
        if (!(minutes > 0)) {
            throw new BadInputException("The minutes must be positive.");
        }
        return OptionalLong.of(Math.round(minutes * MILLIS));
    }
}
