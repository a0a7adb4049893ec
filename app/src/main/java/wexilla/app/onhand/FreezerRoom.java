package wexilla.app.onhand;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.platform.Household;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Place;
import wexilla.core.packing.Room;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/** The room there is in the freezers of a household. */
@Component
public class FreezerRoom {

    private static final Rational LITRE = Rational.of(1000);
    /** Taken where nobody has said how large the freezers are. */
    private static final Rational UNSAID = Trade.number("ways.freezer-litres").times(LITRE);

    private final Households households;
    private final Lots lots;

    FreezerRoom(Households households, Lots lots) {
        this.households = households;
        this.lots = lots;
    }

    /** What fits into the freezers beside what lies there, in millilitres; as much as is usual where nobody said. */
    public Rational millilitres(Household household) {
        return said(household, lots.open(household)).orElse(UNSAID);
    }

    /** The same, but empty where nobody said how large every freezer is. */
    public Optional<Rational> said(Snapshot now) {
        return said(now.household(), now.open());
    }

    private Optional<Rational> said(Household household, List<Lot> open) {
        List<Place> freezers = households.places(household).stream()
                .filter(place -> place.kind() == Storage.FREEZER)
                .toList();
        if (freezers.isEmpty() || freezers.stream().anyMatch(place -> place.litres() == null)) {
            return Optional.empty();
        }
        List<UUID> ids = freezers.stream().map(Place::id).toList();
        Rational all = Rational.ZERO;
        for (Place freezer : freezers) {
            all = freezer.litres() == null
                    ? all
                    : all.plus(Rational.of(freezer.litres()).times(LITRE));
        }
        Rational full = Room.millilitres(open.stream()
                .filter(lot -> ids.contains(lot.spot().place()))
                .map(Lot::amount)
                .toList());
        Rational left = all.minus(full);
        return Optional.of(left.signum() < 0 ? Rational.ZERO : left);
    }
}
