package org.zeroply.workshop.fuzz;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.zeroply.workshop.command.Arguments;

/**
 * {@code fuzz [--inputs N] [--seed S] [TARGET…]}: damaged input for every reader, or those named;
 * ends with 1 when a fault was found.
 */
public final class FuzzRun {

    private static final long INPUTS = 100_000;
    private static final int SHOWN = 500;

    private FuzzRun() {}

    /** All targets. */
    static List<Target> targets() {
        List<Target> all = new ArrayList<>(TextTarget.all());
        all.add(new GamesTarget());
        all.add(new ArchiveTarget());
        all.addAll(SearchedLibrary.targets());
        return all;
    }

    /**
     * Runs the campaigns.
     *
     * @return how many faults were found
     */
    public static int run(Arguments arguments, PrintStream out) {
        long inputs = arguments.number("--inputs", INPUTS);
        long seed = arguments.number("--seed", 1);
        List<String> wanted = targets().stream().map(Target::name).filter(arguments::has).toList();
        int faults = 0;
        for (Target target : targets()) {
            if (!wanted.isEmpty() && !wanted.contains(target.name())) {
                continue;
            }
            List<Campaign.Fault> found = new Campaign(target, seed).run(inputs);
            faults += found.size();
            out.println(target.name() + ": " + inputs + " inputs, " + found.size() + " faults");
            for (Campaign.Fault fault : found) {
                out.println("  " + fault.what() + "\n    " + quoted(fault.input()));
            }
        }
        return faults;
    }

    /** The input as far as it can be shown; the same seed gives the whole of it again. */
    private static String quoted(byte[] input) {
        String text = new String(input, StandardCharsets.UTF_8);
        return text.substring(0, Math.min(SHOWN, text.length()))
                .replace("\n", "\\n")
                .replace("\r", "\\r");
    }
}
