package wexilla.app.cook;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.core.keeping.CounterClock;
import wexilla.core.kitchen.house.Household;

/** What stands cooked on the counter, and by when it must be cold. */
@RestController
class CounterController {

    private final Standing standing;
    private final Clock clock;

    CounterController(Standing standing, Clock clock) {
        this.standing = standing;
        this.clock = clock;
    }

    /** @param words by when, in the cook's words; @param over whether that is past */
    record StandsView(String lot, String batch, String name, String amount, String words, boolean over) {}

    @GetMapping("/api/counter")
    List<StandsView> counter(Household household) {
        LocalDateTime now = clock.instant().atZone(household.zone()).toLocalDateTime();
        return standing.dishes(household).stream()
                .map(one -> {
                    CounterClock by =
                            CounterClock.of(one.since().atZone(household.zone()).toLocalDateTime(), now);
                    return new StandsView(
                            one.lot().toString(),
                            one.batch().toString(),
                            one.name(),
                            one.amount().toString(),
                            by.words(),
                            by.minutesLeft() < 0);
                })
                .toList();
    }
}
