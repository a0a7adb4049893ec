package wexilla.core.kitchen;

import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.UnitWeight;

/**
 * A lot about to be written.
 *
 * @param food or {@code batch}, exactly one of them
 * @param amount what is in it; nothing for a staple that is only had
 * @param packet what it is packed in
 * @param pin the recipe it is held for; null when whoever comes first may have it
 * @param weight of one unit of it; null for what is kept by weight, and where nobody knows
 */
public record NewLot(
        UUID id,
        @Nullable UUID food,
        @Nullable UUID batch,
        Amount amount,
        Lot.Level level,
        Cost cost,
        String about,
        UUID place,
        Lot.State state,
        LotClock clock,
        KeepDates dates,
        Lot.Packet packet,
        Lot.@Nullable Pin pin,
        @Nullable UnitWeight weight) {

    /** One that is held for nobody, of a weight nobody said. */
    public NewLot(
            UUID id,
            @Nullable UUID food,
            @Nullable UUID batch,
            Amount amount,
            Lot.Level level,
            Cost cost,
            String about,
            UUID place,
            Lot.State state,
            LotClock clock,
            KeepDates dates,
            Lot.Packet packet) {
        this(id, food, batch, amount, level, cost, about, place, state, clock, dates, packet, null, null);
    }

    /** The same, held for a dish. */
    public NewLot pinned(Lot.@Nullable Pin dish) {
        return new NewLot(
                id, food, batch, amount, level, cost, about, place, state, clock, dates, packet, dish, weight);
    }

    /** The same, of which one unit weighs so much. */
    public NewLot weighing(@Nullable UnitWeight one) {
        return new NewLot(id, food, batch, amount, level, cost, about, place, state, clock, dates, packet, pin, one);
    }

    /** A counted lot that is no packet. */
    public static NewLot counted(
            UUID id,
            @Nullable UUID food,
            @Nullable UUID batch,
            Amount amount,
            Cost cost,
            String about,
            UUID place,
            Lot.State state,
            LotClock clock,
            KeepDates dates) {
        return new NewLot(
                id, food, batch, amount, Lot.Level.COUNTED, cost, about, place, state, clock, dates, Lot.Packet.NONE);
    }

    /** The same with so much in it. */
    NewLot holding(Amount other) {
        return new NewLot(id, food, batch, other, level, cost, about, place, state, clock, dates, packet, pin, weight);
    }

    /** As it lies there when it is new. */
    Lot first(Kitchen kitchen) {
        Place lies = kitchen.place(place);
        Lot.What what = food == null
                ? dish(kitchen)
                : Lot.What.of(kitchen.foods().food(food).name(), food);
        Lot.Spot spot = new Lot.Spot(
                lies.id(), lies.name(), lies.kind(), Lot.frozenAs(what, clock, lies, packet, kitchen.guide()));
        KeepDates kept = dates.besides(kitchen.guide().dates(clock, lies.kind()));
        return new Lot(id, what, amount, level, cost, about, spot, state, clock, weight, kept, packet, false, pin);
    }

    private Lot.What dish(Kitchen kitchen) {
        Batch of = Objects.requireNonNull(kitchen.planned().batches().get(batch));
        return new Lot.What(of.name(), null, of.id(), of.recipeId(), of.cookedFrom(), of.style());
    }

    /** As it lies there once it was parted from this lot. */
    Lot of(Lot from, Place lies, KeepingGuide guide) {
        Lot.Spot spot = new Lot.Spot(
                lies.id(), lies.name(), lies.kind(), Lot.frozenAs(from.what(), clock, lies, packet, guide));
        return new Lot(
                id,
                from.what(),
                amount,
                level,
                cost,
                about,
                spot,
                state,
                clock,
                weight,
                dates.besides(guide.dates(clock, lies.kind())),
                packet,
                from.valued(),
                pin);
    }
}
