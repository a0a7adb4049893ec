package wexilla.app.support;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** Stands still until a test moves it. */
public final class MovableClock extends Clock {

    /** Monday afternoon. */
    public static final Instant START = Instant.parse("2026-11-23T16:30:00Z");

    private volatile Instant now = START;

    public void moveTo(Instant instant) {
        now = instant;
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
