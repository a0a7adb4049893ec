package wexilla.app.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.demo.Script.Event;
import wexilla.core.kitchen.house.Household;

/** Plays the demo household's story with the same acts a cook would make, each at its time. */
@Component
class Story {

    private final HomeStory home;
    private final DayStory day;
    private final StockStory stock;
    private final CookStory cook;
    private final PlanStory plan;
    private final BuyStory buy;

    Story(HomeStory home, DayStory day, StockStory stock, CookStory cook, PlanStory plan, BuyStory buy) {
        this.home = home;
        this.day = day;
        this.stock = stock;
        this.cook = cook;
        this.plan = plan;
        this.buy = buy;
    }

    /** Who lives there, then what happened, oldest first. */
    void play(Household household, Script script, Instant now) {
        Instant start = household
                .dayOf(now)
                .minusDays(60)
                .atStartOfDay(household.zone())
                .toInstant();
        home.settle(household, script, start);
        Map<String, UUID> book = new HashMap<>();
        script.recipes().forEach(recipe -> book.put(recipe.title(), cook.recipe(household, recipe, start)));
        script.events().forEach(event -> happen(household, event, book, now));
    }

    private void happen(Household household, Event event, Map<String, UUID> book, Instant now) {
        Instant when = when(household, event, now);
        if (event.note() != null) {
            stock.note(household, event.note(), when);
        }
        if (event.cook() != null) {
            cook.cook(
                    household,
                    event.cook(),
                    Objects.requireNonNull(book.get(event.cook().recipe())),
                    when);
        }
        if (event.plan() != null) {
            event.plan().forEach(evening -> plan.plan(household, evening, when));
        }
        if (event.habits() != null) {
            event.habits().forEach(habit -> home.habit(household, habit, when));
        }
        if (event.batches() != null) {
            event.batches()
                    .forEach(batch ->
                            plan.batch(household, batch, Objects.requireNonNull(book.get(batch.recipe())), when));
        }
        if (event.prices() != null) {
            buy.prices(household, event.prices(), when);
        }
        if (event.names() != null) {
            event.names().forEach(name -> stock.name(household, name, when));
        }
        if (event.weighed() != null) {
            buy.weighed(household, event.weighed(), when);
        }
        if (event.meal() != null) {
            plan.meal(household, event.meal(), when);
        }
        if (event.hand() != null) {
            stock.hand(household, event.hand(), when);
        }
        if (event.run() != null) {
            day.run(household, event.run(), now);
        }
        if (event.stretch() != null) {
            buy.stretch(household, event.stretch(), when);
        }
    }

    private static Instant when(Household household, Event event, Instant now) {
        LocalDate day = household.dayOf(now).minusDays(event.daysAgo());
        Instant planned =
                day.atTime(LocalTime.parse(event.at())).atZone(household.zone()).toInstant();
        return planned.isAfter(now) ? now : planned;
    }

    static String key() {
        return UUID.randomUUID().toString();
    }
}
