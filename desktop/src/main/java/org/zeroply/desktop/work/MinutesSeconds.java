package org.zeroply.desktop.work;

import java.time.Duration;
import java.util.Locale;

/** A time as clocks show it: {@code m:ss}, with as many minutes as it takes. */
public final class MinutesSeconds {

    private MinutesSeconds() {}

    /**
     * The text for so many seconds.
     *
     * @throws IllegalArgumentException if they are negative
     */
    public static String of(long seconds) {
        if (seconds < 0) {
            throw new IllegalArgumentException("a clock shows no negative time");
        }
        return String.format(Locale.ROOT, "%d:%02d", seconds / 60, seconds % 60);
    }

    /** The text for a time, of which parts of a second are left out. */
    public static String of(Duration time) {
        return of(time.toSeconds());
    }
}
