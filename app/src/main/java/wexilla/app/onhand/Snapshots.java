package wexilla.app.onhand;

import java.time.Clock;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.platform.Household;

/** Takes a {@link Snapshot} for a request. */
@Component
public class Snapshots {

    private final Foods foods;
    private final Lots lots;
    private final Offers offers;
    private final Reference reference;
    private final Clock clock;

    Snapshots(Foods foods, Lots lots, Offers offers, Reference reference, Clock clock) {
        this.reference = reference;
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
                () -> reference.keeping(household),
                (known, only) -> offers.newestFirst(household, known, only));
    }
}
