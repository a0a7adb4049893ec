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

/**
 * A lot about to be written.
 *
 * @param food or {@code batch}, exactly one of them
 * @param amount what is in it; nothing for a staple that is only had
 * @param packet what it is packed in
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
        Lot.Packet packet) {

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
        return new NewLot(id, food, batch, other, level, cost, about, place, state, clock, dates, packet);
    }

    /** As it lies there when it is new. */
    Lot first(Kitchen kitchen) {
        Place lies = kitchen.place(place);
        Lot.What what = food == null
                ? dish(kitchen)
                : new Lot.What(kitchen.foods().food(food).name(), food, null, null, null);
        Lot.Spot spot = new Lot.Spot(
                lies.id(), lies.name(), lies.kind(), Lot.frozenAs(what, clock, lies, packet, kitchen.guide()));
        return new Lot(id, what, amount, level, cost, about, spot, state, clock, null, dates, packet, false, null);
    }

    private Lot.What dish(Kitchen kitchen) {
        Batch of = Objects.requireNonNull(kitchen.planned().batches().get(batch));
        return new Lot.What(of.name(), null, of.id(), of.recipeId(), of.style());
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
                null,
                dates,
                packet,
                from.valued(),
                about.equals(from.about()) ? from.forDish() : null);
    }
}
