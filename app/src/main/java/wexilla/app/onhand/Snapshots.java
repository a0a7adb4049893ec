package wexilla.app.onhand;

import java.time.Clock;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Household;

/** Takes a {@link Snapshot} for a request. */
@Component
public class Snapshots {

    private final Foods foods;
    private final Lots lots;
    private final Offers offers;
    private final Clock clock;

    Snapshots(Foods foods, Lots lots, Offers offers, Clock clock) {
        this.foods = foods;
        this.lots = lots;
        this.offers = offers;
        this.clock = clock;
    }

    public Snapshot of(Household household) {
        return new Snapshot(
                household,
                clock.instant().atZone(household.zone()).toLocalDateTime(),
                () -> foods.known(household),
                () -> lots.there(household),
                (known, only) -> offers.newestFirst(household, known, only));
    }
}
