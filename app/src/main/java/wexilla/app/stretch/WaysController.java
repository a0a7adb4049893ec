package wexilla.app.stretch;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Lots;
import wexilla.app.platform.Household;
import wexilla.app.stretch.WayViews.WaysAsked;
import wexilla.app.stretch.WayViews.WaysView;
import wexilla.core.keeping.Storage;
import wexilla.core.packing.Room;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/** Ways to use a big buy for the people of this household and the room in its freezers; stores nothing. */
@RestController
class WaysController {

    private static final Rational LITRE = Rational.of(1000);
    /** Taken where nobody has said how large the freezers are. */
    private static final Rational UNSAID = Trade.number("ways.freezer-litres").times(LITRE);

    private final Foods foods;
    private final People people;
    private final Households households;
    private final Lots lots;
    private final Reference reference;

    WaysController(Foods foods, People people, Households households, Lots lots, Reference reference) {
        this.foods = foods;
        this.people = people;
        this.households = households;
        this.lots = lots;
        this.reference = reference;
    }

    /** The people who eat here and the room there is, where neither is said. */
    @PostMapping("/api/stretch/ways")
    WaysView ways(Household household, @RequestBody WaysAsked asked) {
        List<Appetite> here =
                people.active(household).stream().map(People.Person::appetite).toList();
        Rational eaters =
                asked.people() != null || here.isEmpty() ? WayViews.eaters(asked.people()) : Appetite.sum(here);
        String said = asked.freezerLitres();
        Rational room = said == null || said.isBlank() ? room(household) : WayViews.freezer(said);
        return WayViews.of(asked, eaters, room, foods.known(household).book(), reference, household.currency());
    }

    /** What fits into the freezers beside what lies there, in millilitres. */
    private Rational room(Household household) {
        List<Households.Place> freezers = households.places(household).stream()
                .filter(place -> place.kind() == Storage.FREEZER)
                .toList();
        if (freezers.isEmpty() || freezers.stream().anyMatch(place -> place.litres() == null)) {
            return UNSAID;
        }
        List<UUID> ids = freezers.stream().map(Households.Place::id).toList();
        Rational all = Rational.ZERO;
        for (Households.Place freezer : freezers) {
            all = freezer.litres() == null
                    ? all
                    : all.plus(Rational.of(freezer.litres()).times(LITRE));
        }
        Rational full = Room.millilitres(lots.open(household).stream()
                .filter(lot -> ids.contains(lot.spot().place()))
                .map(Lots.Lot::amount)
                .collect(Collectors.toList()));
        Rational left = all.minus(full);
        return left.signum() < 0 ? Rational.ZERO : left;
    }
}
