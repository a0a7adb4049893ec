package wexilla.app.onhand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Households;
import wexilla.app.household.People;
import wexilla.app.platform.Portions;
import wexilla.core.keeping.KeepDates.Urgency;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.Dinners;

/** On hand: what there is. */
@RestController
class OnHandController {

    private final Households households;
    private final People people;
    private final Snapshots snapshots;

    OnHandController(Households households, People people, Snapshots snapshots) {
        this.households = households;
        this.people = people;
        this.snapshots = snapshots;
    }

    record PlaceView(String id, String name, Storage kind, List<LotView> lots) {}

    /**
     * @param dinners whole dinners in the freezer for the whole table; null while nobody is written down
     * @param plates whole adult portions in the freezer
     * @param eatFirst what of those to eat first
     * @param staples what is only had, low or out, by name
     * @param worth what all of it cost, as far as known; {@code missing} how many prices, where that says too little
     * @param frozenPortions portions of cooked dishes in the freezer
     * @param useFirst ids of what is past its date or in its warning, first to expire first
     */
    record OnHandView(
            List<PlaceView> places,
            String worth,
            boolean worthComplete,
            @Nullable String missing,
            BigDecimal frozenPortions,
            @Nullable Integer dinners,
            int plates,
            @Nullable String eatFirst,
            List<LotView> staples,
            List<String> useFirst) {}

    @GetMapping("/api/onhand")
    OnHandView onHand(Household household) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        List<Lot> open = now.open();
        Cost worth = open.stream()
                .filter(lot -> !lot.staple())
                .map(Lot::cost)
                .reduce(Cost.zero(household.currency()), Cost::plus);
        Rational frozen = open.stream()
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION) && lot.storage() == Storage.FREEZER)
                .map(lot -> lot.amount().value())
                .reduce(Rational.ZERO, Rational::plus);
        List<PlaceView> places = households.places(household).stream()
                .map(place -> new PlaceView(
                        place.id().toString(),
                        place.name(),
                        place.kind(),
                        open.stream()
                                .filter(lot -> lot.spot().place().equals(place.id()) && !lot.staple())
                                .map(lot -> LotView.of(lot, today))
                                .toList()))
                .toList();
        List<String> useFirst = open.stream()
                .filter(lot -> !lot.staple())
                .filter(lot ->
                        Set.of(Urgency.PAST, Urgency.SOON).contains(lot.dates().urgency(today)))
                .map(lot -> lot.id().toString())
                .toList();
        Dinners dinners = dinners(now);
        return new OnHandView(
                places,
                worth.known().decimal(),
                worth.complete(),
                worth.missing().orElse(null),
                Portions.number(frozen),
                dinners.dinners(),
                dinners.wholePlates(),
                dinners.first(),
                now.staples().stream()
                        .map(lot -> LotView.of(lot, today))
                        .sorted(Comparator.comparing(LotView::name))
                        .toList(),
                useFirst);
    }

    private Dinners dinners(Snapshot now) {
        List<Dinners.Candidate> frozen = now.open().stream()
                .filter(lot -> lot.storage() == Storage.FREEZER)
                .map(lot -> new Dinners.Candidate(
                        lot.name(),
                        lot.food() == null ? null : now.foods().food(lot.food()),
                        lot.amount(),
                        lot.dates().last().orElse(null)))
                .toList();
        Rational table = Appetite.sum(
                people.active(now.household()).stream().map(Person::appetite).toList());
        return Dinners.of(frozen, table, now.household().measures());
    }
}
