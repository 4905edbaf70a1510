package org.zeroply.workshop.walk;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.zeroply.workshop.command.Arguments;

/**
 * {@code walk [--steps N] [--seed S]}: a long random walk of what a user does (add, edit, take
 * back, put away, bring back, rename, collect, students, attempts, two programs, reopen, a killed
 * program, archives, backups), beside a simple model of what must be there.
 */
public final class WalkRun {

    private static final int STEPS = 10_000;

    private WalkRun() {}

    /** Runs what was asked for; the number of faults, of which the first one ends the walk. */
    public static int run(Arguments arguments, PrintStream out) throws IOException {
        long seed = arguments.number("--seed", 1);
        int steps = (int) arguments.number("--steps", STEPS);
        Optional<String> fault = fault(steps, seed);
        out.println(steps + " steps, " + fault.orElse("no fault"));
        return fault.isPresent() ? 1 : 0;
    }

    /** Walks so far; what was not as expected. */
    static Optional<String> fault(int steps, long seed) throws IOException {
        Path folder = Files.createTempDirectory("zeroply-walk");
        try (Walk walk = new Walk(folder, seed)) {
            walk.go(steps);
            return Optional.empty();
        } catch (AssertionError e) {
            return Optional.of(e.getMessage());
        }
    }
}
