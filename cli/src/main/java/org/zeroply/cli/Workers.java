package org.zeroply.cli;

import java.util.List;
import java.util.stream.IntStream;

/** Does the same work on several threads. */
final class Workers {

    private Workers() {}

    /** Returns when all have ended, or at once when interrupted. */
    static void run(int threads, Runnable work) {
        List<Thread> workers =
                IntStream.range(0, threads).mapToObj(t -> new Thread(work, "worker-" + t)).toList();
        workers.forEach(t -> t.setDaemon(true));
        workers.forEach(Thread::start);
        try {
            for (Thread worker : workers) {
                worker.join();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
