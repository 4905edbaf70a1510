package org.zeroply.desktop.work;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that moves when it is told to. */
public final class SteppingClock extends Clock {

    private Instant now = Instant.parse("2026-03-01T10:00:00Z");

    /** Lets time pass, in seconds. */
    public void step(long seconds) {
        now = now.plusSeconds(seconds);
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
