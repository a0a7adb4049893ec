package wexilla.app.onhand;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.platform.Kept;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.house.Household;
import wexilla.core.pricing.Offer;

/** Takes a {@link Snapshot} for a request. */
@Component
public class Snapshots {

    private final Foods foods;
    private final Lots lots;
    private final Offers offers;
    private final Reference reference;
    private final Households households;
    private final Kept kept;
    private final Clock clock;

    Snapshots(
            Foods foods, Lots lots, Offers offers, Reference reference, Households households, Kept kept, Clock clock) {
        this.kept = kept;
        this.households = households;
        this.reference = reference;
        this.foods = foods;
        this.lots = lots;
        this.offers = offers;
        this.clock = clock;
    }

    /** Everything an act with several lots looks at, its places too. */
    public Kitchen kitchen(Household household) {
        return Kitchen.stock(
                household,
                household.at(clock.instant()),
                reference.keeping(household),
                foods.known(household),
                lots.there(household),
                households.places(household));
    }

    /** Prices of these foods, newest first. */
    Map<Key, List<Offer>> prices(Kitchen kitchen, Collection<Key> foods) {
        return offers.newestFirst(kitchen.household(), kitchen.foods(), foods);
    }

    public Snapshot of(Household household) {
        Kept.Shelf shelf = kept.of(household.id());
        return new Snapshot(
                household,
                household.at(clock.instant()),
                shelf,
                () -> foods.known(household),
                () -> lots.there(household),
                () -> reference.keeping(household),
                (known, only) -> offers.newestFirst(household, known, only));
    }
}
