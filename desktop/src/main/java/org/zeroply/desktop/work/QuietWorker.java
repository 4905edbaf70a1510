package org.zeroply.desktop.work;

import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;

/** One thread for long work beside everything else, which gets what the other threads leave. */
final class QuietWorker implements AutoCloseable {

    private static final int SECONDS_TO_END = 10;

    private final ExecutorService worker;

    QuietWorker(String name) {
        worker =
                Executors.newSingleThreadExecutor(
                        r -> {
                            Thread thread = new Thread(r, name);
                            thread.setDaemon(true);
                            thread.setPriority(Thread.MIN_PRIORITY);
                            return thread;
                        });
    }

    /** Does something after all that was asked for before. */
    void execute(Runnable work) {
        Background.hand(worker, work);
    }

    /**
     * The time left, in words that continue a sentence; empty while nothing is done.
     *
     * @param done pieces of work done
     * @param began when they were begun, as {@link System#nanoTime}
     * @param waiting pieces of work to go
     */
    static String timeLeft(int done, long began, long waiting) {
        if (done == 0) {
            return "";
        }
        Duration each = Duration.ofNanos((System.nanoTime() - began) / done);
        long minutes = Math.max(1, each.multipliedBy(waiting).toMinutes());
        return ", about " + minutes + (minutes == 1 ? " minute" : " minutes") + " left";
    }

    /** Waits a while for what is going on to end. */
    @Override
    public void close() {
        worker.shutdown();
        try {
            worker.awaitTermination(SECONDS_TO_END, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
