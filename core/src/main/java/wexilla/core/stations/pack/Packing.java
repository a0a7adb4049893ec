package wexilla.core.stations.pack;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.PacketShape;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.packing.Portioning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.stock.StockUse;

/**
 * A cooked dish becomes packets, each a lot with a code, a place and its own dates.
 *
 * @param kitchen with the dish, and the places of the household
 * @param day of the act
 * @param ids of the packets, {@code codes} they are found by; each asked for once
 */
public record Packing(Kitchen kitchen, LocalDate day, Supplier<UUID> ids, Supplier<String> codes) {

    /** Grams a portion weighs at least and at most; anything else is a slip of the finger. */
    private static final Rational LIGHTEST = Rational.ONE;

    private static final Rational HEAVIEST = Rational.of(20_000);

    /**
     * How a dish is packed.
     *
     * @param packets portions of each, in the order they are filled
     * @param container null for none said
     * @param oneMeal whether all of them are one meal
     * @param shape they are given before they freeze; null for none said
     * @param weighed grams of all these packets together on the scale, without what they are packed in; null where
     *     nobody weighed them
     */
    public record Order(
            UUID dish,
            List<Rational> packets,
            UUID place,
            @Nullable UUID container,
            boolean oneMeal,
            @Nullable Rational weighed,
            @Nullable PacketShape shape) {

        /** What a portion of it weighs: by the scale, else as far as it is known. */
        public @Nullable UnitWeight weight(Lot dish) {
            if (weighed == null) {
                return dish.weight();
            }
            Rational each = weighed.dividedBy(packets.stream().reduce(Rational.ZERO, Rational::plus));
            if (each.compareTo(LIGHTEST) < 0 || each.compareTo(HEAVIEST) > 0) {
                throw Refused.at(
                        "/weighed",
                        "A portion weighs 1 g to 20 kg; write what the scale shows for all of these packets.");
            }
            return new UnitWeight(each, UnitWeight.How.WEIGHED);
        }
    }

    /** The dish, as long as some of it waits on the counter. */
    public static Lot waiting(Kitchen kitchen, UUID id) {
        return kitchen.lot(id)
                .filter(lot -> lot.batch() != null && lot.storage() == Storage.COUNTER)
                .filter(lot -> !lot.amount().value().isZero())
                .orElseThrow(() -> Refused.at("/lot", "This dish does not wait on the counter any more."));
    }

    /** Where packets can lie. */
    public static Place place(Kitchen kitchen, UUID id) {
        return kitchen.places().stream()
                .filter(place -> place.id().equals(id) && place.kind() != Storage.COUNTER)
                .findFirst()
                .orElseThrow(() -> Refused.at("/place", "Choose a drawer, the fridge or a shelf of this household."));
    }

    /** The dates of a packet of this dish that goes there on this day. */
    public static KeepDates dates(Kitchen kitchen, Lot dish, Storage storage, LocalDate day) {
        return kitchen.dates(packed(dish, storage, day), storage);
    }

    /** Its clock once it is packed away: the freezer pauses it. */
    private static LotClock packed(Lot dish, Storage storage, LocalDate day) {
        return storage == Storage.FREEZER ? dish.clock().frozen(day) : dish.clock();
    }

    /** Fills the packets. @throws Refused if there is too little of it, or it is past its day */
    public Answer pack(Order order) {
        Lot dish = waiting(kitchen, order.dish());
        Portioning.Check check = Portioning.check(order.packets(), dish.amount().value());
        if (!check.holds()) {
            throw Refused.at("/packets", check.problem());
        }
        if (dish.open().pastLimit(day)) {
            throw Refused.at("/lot", dish.name() + " is past its eat-by day; it is not packed any more.");
        }
        Place place = place(kitchen, order.place());
        boolean frozen = place.kind() == Storage.FREEZER;
        UnitWeight weight = order.weight(dish);
        UUID meal = order.oneMeal() ? ids.get() : null;
        List<Change> changes = new ArrayList<>();
        Kitchen now = kitchen;
        int part = 0;
        for (Rational portions : order.packets()) {
            part++;
            Lot left = now.lot(dish.id()).orElseThrow();
            Cost cost = left.cost()
                    .with(StockUse.costTaken(
                            left.cost().known(), portions, left.amount().value()));
            NewLot packet = new NewLot(
                            ids.get(),
                            null,
                            dish.batch(),
                            Amount.of(portions, Unit.PORTION),
                            Lot.Level.COUNTED,
                            cost,
                            dish.about(),
                            place.id(),
                            frozen
                                    ? Lot.State.FROZEN
                                    : dish.state() == Lot.State.RAW ? Lot.State.RAW : Lot.State.COOKED,
                            packed(dish, place.kind(), day),
                            dates(kitchen, dish, place.kind(), day),
                            new Lot.Packet(
                                    order.container(),
                                    null,
                                    null,
                                    codes.get(),
                                    meal,
                                    meal == null ? null : part,
                                    frozen ? order.shape() : null))
                    .pinned(dish.pin())
                    .weighing(weight);
            Change filled = new Change.Carried(dish.id(), packet, frozen ? Kind.FROZEN : Kind.PACKED);
            changes.add(filled);
            now = now.after(List.of(filled));
        }
        return new Answer(
                "Packed: " + dish.name() + ", " + (part == 1 ? "1 packet" : part + " packets") + " in " + place.name(),
                changes);
    }
}
