package wexilla.app.platform;

import java.time.Duration;
import java.util.function.BooleanSupplier;

/**
 * Ends a search that runs away. Its effort decides what it answers; this only comes after about ten times what that effort
 * takes, and whoever asked is told that it ended early.
 */
public final class Runaway implements BooleanSupplier {

    private final long until;
    private volatile boolean ended;

    private Runaway(long until) {
        this.until = until;
    }

    public static Runaway after(Duration most) {
        return new Runaway(System.nanoTime() + most.toNanos());
    }

    @Override
    public boolean getAsBoolean() {
        ended |= System.nanoTime() > until;
        return ended;
    }

    /** Whether a search was ended by it. */
    public boolean ended() {
        return ended;
    }
}
