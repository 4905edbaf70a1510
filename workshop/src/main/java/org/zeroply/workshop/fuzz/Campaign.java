package org.zeroply.workshop.fuzz;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Gives a target many damaged inputs and collects those that it does not stand. */
final class Campaign {

    /** A reader that takes longer for one short text hangs, in nanoseconds. */
    private static final long HANG = 2_000_000_000L;

    private static final String HANGS = "it took longer than two seconds of work";

    /** After so many faults there is enough to mend. */
    private static final int ENOUGH = 20;

    private final Target target;
    private final Random random;

    Campaign(Target target, long seed) {
        this.target = target;
        this.random = new Random(seed);
    }

    /**
     * An input and what went wrong.
     *
     * @param input the shortest found by leaving bytes out
     */
    record Fault(byte[] input, String what) {}

    /** Tries the corpus as it is, and then so many damaged inputs. */
    List<Fault> run(long inputs) {
        List<byte[]> corpus = target.corpus();
        List<Fault> faults = new ArrayList<>();
        for (byte[] input : corpus) {
            tryOne(input, faults);
        }
        for (long i = 0; i < inputs && faults.size() < ENOUGH; i++) {
            byte[] one = corpus.get(random.nextInt(corpus.size()));
            byte[] other = corpus.get(random.nextInt(corpus.size()));
            tryOne(target.damaged(one, other, random), faults);
        }
        return faults;
    }

    private void tryOne(byte[] input, List<Fault> faults) {
        String what = wrong(input);
        // The machine may have been busy with something else: what hangs, hangs again.
        if (what.equals(HANGS)) {
            what = wrong(input);
        }
        if (!what.isEmpty()) {
            byte[] shortest = shrunk(input, what);
            String still = wrong(shortest);
            boolean known = faults.stream().anyMatch(f -> Arrays.equals(f.input(), shortest));
            if (!known) {
                faults.add(new Fault(shortest, still.isEmpty() ? what : still));
            }
        }
    }

    /** What goes wrong with an input; empty when nothing does. */
    private String wrong(byte[] input) {
        long start = worked();
        try {
            target.read(input);
        } catch (RuntimeException | AssertionError | StackOverflowError | OutOfMemoryError e) {
            return e.getClass().getSimpleName() + ": " + e.getMessage();
        }
        return worked() - start > HANG ? HANGS : "";
    }

    /**
     * How long the processors have worked for this program, in nanoseconds: a disk or a machine
     * that is busy with something else makes everything take long by the clock.
     */
    private static long worked() {
        return ManagementFactory.getOperatingSystemMXBean() instanceof OperatingSystemMXBean system
                ? system.getProcessCpuTime()
                : System.nanoTime();
    }

    /** Leaves out parts while the same kind of fault stays. */
    private byte[] shrunk(byte[] input, String what) {
        byte[] least = input;
        for (int size = Math.max(1, input.length / 2); size > 0; size /= 2) {
            for (int from = 0; from + size <= least.length; ) {
                byte[] without = new byte[least.length - size];
                System.arraycopy(least, 0, without, 0, from);
                System.arraycopy(least, from + size, without, from, without.length - from);
                if (kind(wrong(without)).equals(kind(what))) {
                    least = without;
                } else {
                    from += size;
                }
            }
        }
        return least;
    }

    private static String kind(String what) {
        return what.substring(0, what.indexOf(':') < 0 ? what.length() : what.indexOf(':'));
    }
}
