package org.zeroply.workshop.fuzz;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/**
 * {@code fuzz [--inputs N] [--seed S] [TARGET…]}: damaged input for every reader, or those named;
 * ends with 1 when a fault was found.
 */
public final class FuzzRun {

    private static final long INPUTS = 100_000;

    private FuzzRun() {}

    /** All targets. */
    static List<Target> targets() {
        return List.of(new GamesTarget());
    }

    /**
     * Runs the campaigns.
     *
     * @return how many faults were found
     */
    public static int run(List<String> arguments, PrintStream out) {
        long inputs = number(arguments, "--inputs", INPUTS);
        long seed = number(arguments, "--seed", 1);
        List<String> wanted =
                targets().stream().map(Target::name).filter(arguments::contains).toList();
        int faults = 0;
        for (Target target : targets()) {
            if (!wanted.isEmpty() && !wanted.contains(target.name())) {
                continue;
            }
            List<Campaign.Fault> found = new Campaign(target, seed).run(inputs);
            faults += found.size();
            out.println(target.name() + ": " + inputs + " inputs, " + found.size() + " faults");
            for (Campaign.Fault fault : found) {
                out.println("  " + quoted(fault.input()) + "\n    " + fault.what());
            }
        }
        return faults;
    }

    private static String quoted(byte[] input) {
        return new String(input, StandardCharsets.UTF_8).replace("\n", "\\n").replace("\r", "\\r")
                + "  "
                + (input.length < 40 ? Arrays.toString(input) : "");
    }

    private static long number(List<String> arguments, String option, long otherwise) {
        int at = arguments.indexOf(option);
        return at < 0 || at + 1 >= arguments.size()
                ? otherwise
                : Long.parseLong(arguments.get(at + 1));
    }
}
