package org.zeroply.desktop.solve;

import java.time.Duration;
import java.util.Optional;
import org.zeroply.desktop.texts.Texts;

/** How long a solver sees the position. */
enum Blindfold {
    NEVER(Texts.of("solve.position-stays"), 0),
    FLASH(Texts.of("solve.hidden-after-5-s"), 5),
    HALF_A_MINUTE(Texts.of("solve.hidden-after-30-s"), 30),
    MINUTE(Texts.of("solve.hidden-after-1-min"), 60),
    THREE_MINUTES(Texts.of("solve.hidden-after-3-min"), 180);

    private final String words;
    private final int seconds;

    Blindfold(String words, int seconds) {
        this.words = words;
        this.seconds = seconds;
    }

    /** Time until the position is hidden; empty when it stays. */
    Optional<Duration> shown() {
        return seconds == 0 ? Optional.empty() : Optional.of(Duration.ofSeconds(seconds));
    }

    @Override
    public String toString() {
        return words;
    }
}
