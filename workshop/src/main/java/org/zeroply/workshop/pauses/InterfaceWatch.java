package org.zeroply.workshop.pauses;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.application.Platform;

/**
 * Asks the interface thread again and again whether it answers. When it does not for a while, what
 * it is doing is noted, so that a pause names its culprit.
 */
final class InterfaceWatch implements AutoCloseable {

    /** A pause that was felt. */
    record Pause(long millis, String doing, List<String> stack) {}

    private static final long ASK_EVERY = 10;
    private static final int TOP = 3;
    private static final int OURS = 4;

    private final long limit;
    private final List<Pause> pauses = Collections.synchronizedList(new ArrayList<>());
    private final List<Long> answers = Collections.synchronizedList(new ArrayList<>());
    private final Thread asking = new Thread(this::ask, "interface-watch");
    private volatile Thread watched;
    private volatile String doing = "";
    private volatile boolean over;

    /**
     * @param limit milliseconds from which on a pause is noted
     */
    InterfaceWatch(long limit) {
        this.limit = limit;
        Platform.runLater(() -> watched = Thread.currentThread());
        asking.setDaemon(true);
        asking.start();
    }

    /** Tells what is done from now on, for the report. */
    void doing(String what) {
        doing = what;
    }

    private void ask() {
        while (!over) {
            CountDownLatch answered = new CountDownLatch(1);
            long asked = System.nanoTime();
            Platform.runLater(answered::countDown);
            List<String> stack = List.of();
            try {
                if (!answered.await(limit, TimeUnit.MILLISECONDS)) {
                    stack = stack();
                    answered.await();
                }
                long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - asked);
                answers.add(took);
                if (took > limit) {
                    pauses.add(new Pause(took, doing, stack));
                }
                TimeUnit.MILLISECONDS.sleep(ASK_EVERY);
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    /** What the thread is in just now: the innermost calls, and the innermost ones of our own. */
    private List<String> stack() {
        if (watched == null) {
            return List.of();
        }
        List<StackTraceElement> all = List.of(watched.getStackTrace());
        Stream<StackTraceElement> ours =
                all.stream()
                        .skip(TOP)
                        .filter(f -> f.getClassName().startsWith("org.zeroply"))
                        .limit(OURS);
        return Stream.concat(all.stream().limit(TOP), ours)
                .map(f -> f.getClassName() + "." + f.getMethodName() + ":" + f.getLineNumber())
                .toList();
    }

    /** The pauses, the longest first. */
    List<Pause> pauses() {
        return pauses.stream().sorted((a, b) -> Long.compare(b.millis(), a.millis())).toList();
    }

    /** The answer that was given within this part of all times, in milliseconds. */
    long percentile(double part) {
        List<Long> sorted = answers.stream().sorted().toList();
        return sorted.isEmpty()
                ? 0
                : sorted.get((int) Math.min(sorted.size() - 1, part * sorted.size()));
    }

    @Override
    public void close() {
        over = true;
        asking.interrupt();
    }
}
