package wexilla.app.eat;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.plan.Meals;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.kitchen.house.Household;

/** Silence means as planned: an evening nobody said anything about for a day is assumed eaten; it can be undone. */
@Component
class Silence {

    private static final Logger LOG = LoggerFactory.getLogger(Silence.class);
    private static final int DAYS_TO_SAY = 1;
    private static final int BACK = 14;

    private final Households households;
    private final Meals slots;
    private final Eating eating;
    private final Acts acts;
    private final JdbcClient db;
    private final Clock clock;

    Silence(Households households, Meals slots, Eating eating, Acts acts, JdbcClient db, Clock clock) {
        this.households = households;
        this.slots = slots;
        this.eating = eating;
        this.acts = acts;
        this.db = db;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "${wexilla.silence-delay:PT1M}", fixedDelayString = "PT1H")
    void listen() {
        List<UUID> ids = db.sql("select id from household").query(UUID.class).list();
        ids.stream()
                .map(id -> households.find(Optional.of(id)))
                .flatMap(Optional::stream)
                .forEach(this::assume);
    }

    /** Assumes the silent evenings of one household, oldest first. */
    void assume(Household household) {
        LocalDate today = household.dayOf(clock.instant());
        for (Meal slot : slots.between(household, today.minusDays(BACK), today.minusDays(DAYS_TO_SAY + 1L))) {
            if (slot.state() == State.PLANNED && !undone(household, slot)) {
                var when = slot.day()
                        .atTime(LocalTime.of(21, 0))
                        .atZone(household.zone())
                        .toInstant();
                try {
                    acts.perform(
                            household,
                            UUID.randomUUID().toString(),
                            "assumed",
                            slot.id(),
                            String.class,
                            when,
                            act -> new Acts.Done<>(eating.assume(act, slot), ""));
                } catch (Problem notSo) {
                    LOG.info("an evening could not be assumed: {}", notSo.getMessage());
                }
            }
        }
    }

    /** What was assumed once and taken back is not assumed again. */
    private boolean undone(Household household, Meal slot) {
        return db.sql("""
                        select exists (select 1 from change c
                            join act a on a.household_id = c.household_id and a.id = c.act and a.kind = 'assumed'
                            where c.household_id = ? and c.thing = 'SLOT' and c.id = ?)""")
                .params(household.id(), slot.id())
                .query(Boolean.class)
                .single();
    }
}
