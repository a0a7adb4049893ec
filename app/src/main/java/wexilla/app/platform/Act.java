package wexilla.app.platform;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import wexilla.core.kitchen.house.Household;

/** One thing a person does, while it is being done. Hands out the order of its movements, and the ids of what it makes. */
public final class Act {

    private final UUID id;
    private final Household household;
    private final Instant happenedAt;
    private int movements;
    private int made;

    Act(UUID id, Household household, Instant happenedAt) {
        this.id = id;
        this.household = household;
        this.happenedAt = happenedAt;
    }

    public UUID id() {
        return id;
    }

    public Household household() {
        return household;
    }

    public Instant happenedAt() {
        return happenedAt;
    }

    /** The day it happened on, in the household's zone. */
    public LocalDate day() {
        return household.dayOf(happenedAt);
    }

    /** The number of the next movement of this act, from 1. */
    public int nextMovement() {
        return ++movements;
    }

    /** The id of the next thing this act makes: the same for the same key, so that a key sent again makes nothing else. */
    public UUID newId() {
        made++;
        return UUID.nameUUIDFromBytes((household.id() + "/" + id + "/" + made).getBytes(StandardCharsets.UTF_8));
    }
}
