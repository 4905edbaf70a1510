package org.zeroply.desktop.work;

import java.time.Duration;
import org.zeroply.chess.notation.Counted;
import org.zeroply.desktop.texts.Texts;

/** How long a row of like pieces of work will take, by those that are done. */
final class TimeLeft {

    private TimeLeft() {}

    /**
     * The time left, in words that continue a sentence; empty while nothing is done.
     *
     * @param done pieces of work done
     * @param began when they were begun, as {@link System#nanoTime}
     * @param waiting pieces of work to go
     */
    static String words(int done, long began, long waiting) {
        if (done == 0) {
            return "";
        }
        Duration each = Duration.ofNanos((System.nanoTime() - began) / done);
        long minutes = Math.max(1, each.multipliedBy(waiting).toMinutes());
        return Texts.of("work.about-left", Counted.of(minutes, "minute"));
    }
}
