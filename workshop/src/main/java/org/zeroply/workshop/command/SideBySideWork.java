package org.zeroply.workshop.command;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Work that several threads do side by side, each its part. */
@FunctionalInterface
public interface SideBySideWork {

    /** Does the part of a thread, numbered from 0. */
    void part(int thread) throws IOException;

    /**
     * Does all parts and returns when they are done.
     *
     * @throws IOException the first failure of a part to read or write
     */
    static void run(int threads, SideBySideWork work) throws IOException {
        ExecutorService workers = Executors.newFixedThreadPool(threads);
        try {
            List<Future<?>> parts = new ArrayList<>();
            for (int t = 0; t < threads; t++) {
                int thread = t;
                parts.add(
                        workers.submit(
                                () -> {
                                    work.part(thread);
                                    return null;
                                }));
            }
            for (Future<?> part : parts) {
                part.get();
            }
        } catch (ExecutionException e) {
            if (e.getCause() instanceof IOException io) {
                throw io;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new InterruptedIOException("interrupted before all parts were done");
        } finally {
            workers.shutdownNow();
        }
    }
}
