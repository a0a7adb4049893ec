package wexilla.app.devices;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** The stand-in for a kitchen scale: a small panel puts things on it. It forgets when the application stops. */
@Component
class PlayedScale implements KitchenScale {

    /** So long a pan swings before a reading holds. */
    private static final Duration SETTLES = Duration.ofMillis(400);

    private record Pan(int onIt, int tared, Instant since) {}

    private final Map<UUID, Pan> pans = new ConcurrentHashMap<>();
    private final Clock clock;

    PlayedScale(Clock clock) {
        this.clock = clock;
    }

    @Override
    public Reading read(UUID household) {
        Pan pan = pan(household);
        boolean steady = !clock.instant().isBefore(pan.since().plus(SETTLES));
        return new Reading(pan.onIt() - pan.tared(), pan.tared(), steady);
    }

    @Override
    public void tare(UUID household) {
        pans.compute(household, (id, old) -> {
            Pan pan = old == null ? pan(id) : old;
            return new Pan(pan.onIt(), pan.onIt(), pan.since());
        });
    }

    /** @param grams that lie on it now, from nothing to the heaviest it weighs */
    void put(UUID household, int grams) {
        pans.compute(
                household,
                (id, old) -> new Pan(Math.min(MOST_GRAMS, grams), old == null ? 0 : old.tared(), clock.instant()));
    }

    private Pan pan(UUID household) {
        return pans.getOrDefault(household, new Pan(0, 0, Instant.EPOCH));
    }
}
