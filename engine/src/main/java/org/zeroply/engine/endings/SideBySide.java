package org.zeroply.engine.endings;

import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.zeroply.engine.analysis.Cancellation;

/** Does the same work on many things, several at a time, at low priority. */
final class SideBySide {

    private SideBySide() {}

    /**
     * Returns when all is done or cancelled.
     *
     * @throws RuntimeException the first failure, after all threads have ended
     */
    static <T> void run(List<T> things, int threads, Consumer<T> work, Cancellation cancellation) {
        Queue<T> waiting = new ConcurrentLinkedQueue<>(things);
        AtomicReference<RuntimeException> failure = new AtomicReference<>();
        Runnable worker =
                () -> {
                    T next = waiting.poll();
                    while (next != null && !cancellation.isCancelled() && failure.get() == null) {
                        try {
                            work.accept(next);
                        } catch (RuntimeException e) {
                            failure.compareAndSet(null, e);
                        }
                        next = waiting.poll();
                    }
                };
        List<Thread> workers = new ArrayList<>();
        for (int i = 0; i < Math.min(threads, things.size()); i++) {
            Thread thread = new Thread(worker, "endings-" + i);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            thread.start();
            workers.add(thread);
        }
        for (Thread thread : workers) {
            try {
                thread.join();
            } catch (InterruptedException e) {
                cancellation.cancel();
                Thread.currentThread().interrupt();
            }
        }
        if (failure.get() != null) {
            throw failure.get();
        }
    }
}
