package wexilla.core.kitchen;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.ContainerKind;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.PacketShape;
import wexilla.core.keeping.Storage;
import wexilla.core.keeping.Thaw;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.packing.Room;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;

/**
 * One quantity of one thing in one place, with the names of what it is and where.
 *
 * @param valued whether its cost is a price seen since
 * @param pin the recipe it was cut for; null when it was cut for none, or that dish was cooked: what it left is anybody's
 */
public record Lot(
        UUID id,
        What what,
        Amount amount,
        Level level,
        Cost cost,
        String about,
        Spot spot,
        State state,
        LotClock clock,
        @Nullable UnitWeight weight,
        KeepDates dates,
        Packet packet,
        boolean valued,
        @Nullable Pin pin) {

    /** How exactly a lot is known: counted, or a staple that is only had, low or out. */
    public enum Level {
        COUNTED,
        HAVE,
        LOW,
        OUT
    }

    /** The state a lot is in; each state is a lot of its own. */
    public enum State {
        RAW,
        OPENED,
        COOKED,
        FROZEN,
        THAWED
    }

    /**
     * What a lot is: a food or a batch, exactly one of them.
     *
     * @param name of it
     * @param cookedBy the recipe of the batch, {@code cookedFrom} the food a plain part was cooked from, {@code style} how
     *     far it was taken; each null for a food, and where nobody knows
     */
    public record What(
            String name,
            @Nullable UUID food,
            @Nullable UUID batch,
            @Nullable UUID cookedBy,
            @Nullable UUID cookedFrom,
            @Nullable Style style) {

        /** A food. */
        public static What of(String name, UUID food) {
            return new What(name, food, null, null, null, null);
        }
    }

    /** The dish something is held for. @param title it has now */
    public record Pin(UUID recipe, String title) {}

    /** Where a lot lies. @param frozenAs the shape it lies frozen in; null when it is not */
    public record Spot(UUID place, String name, Storage storage, Thaw.@Nullable Shape frozenAs) {}

    /** What a lot is packed in. @param group the meal it belongs to when that is several packets, {@code partNo} which; {@code shape} null where nobody said it */
    public record Packet(
            @Nullable UUID container,
            @Nullable String containerName,
            @Nullable ContainerKind kind,
            @Nullable String code,
            @Nullable UUID group,
            @Nullable Integer partNo,
            @Nullable PacketShape shape) {

        /** Not packed in anything. */
        public static final Packet NONE = new Packet(null, null, null, null, null, null, null);

        /** A packet in itself. */
        public static Packet of(@Nullable UUID container, String code) {
            return new Packet(container, null, null, code, null, null, null);
        }
    }

    public String name() {
        return what.name();
    }

    public @Nullable UUID food() {
        return what.food();
    }

    public @Nullable UUID batch() {
        return what.batch();
    }

    public @Nullable UUID cookedBy() {
        return what.cookedBy();
    }

    public @Nullable Style style() {
        return what.style();
    }

    public String placeName() {
        return spot.name();
    }

    public Storage storage() {
        return spot.storage();
    }

    /** A staple that is only had, low or out, without an amount. */
    public boolean staple() {
        return level != Level.COUNTED;
    }

    /** Whether it was cooked: its age is inherited by what it goes into. */
    public boolean cooked() {
        return what.batch() != null && state != State.RAW
                || state == State.COOKED
                || KeepingGuide.homeCooked(clock.keepingClass());
    }

    /** The same lot with so much in it. */
    Lot holding(Amount left, Cost worth) {
        return new Lot(id, what, left, level, worth, about, spot, state, clock, weight, dates, packet, valued, pin);
    }

    /** The same lot at this cost. @param since whether it is a price seen since */
    Lot worth(Cost now, boolean since) {
        return new Lot(id, what, amount, level, now, about, spot, state, clock, weight, dates, packet, since, pin);
    }

    /** The same lot, held for nobody. */
    Lot unpinned() {
        return new Lot(id, what, amount, level, cost, about, spot, state, clock, weight, dates, packet, valued, null);
    }

    /** The same staple, had or out. */
    Lot at(Level now) {
        return new Lot(id, what, amount, now, cost, about, spot, state, clock, weight, dates, packet, valued, pin);
    }

    /** The same dish under another name. */
    Lot called(String name) {
        What is = new What(name, what.food(), what.batch(), what.cookedBy(), what.cookedFrom(), what.style());
        return new Lot(id, is, amount, level, cost, about, spot, state, clock, weight, dates, packet, valued, pin);
    }

    /** The same lot, understood otherwise. @param name of what it is now */
    Lot understood(Change.Understood now, String name, Place place, KeepingGuide guide) {
        What is = new What(name, now.food(), what.batch(), what.cookedBy(), what.cookedFrom(), what.style());
        Spot lies = new Spot(place.id(), place.name(), place.kind(), frozenAs(is, now.clock(), place, packet, guide));
        return new Lot(
                id,
                is,
                amount,
                level,
                cost,
                about,
                lies,
                now.state(),
                now.clock(),
                weight,
                now.dates().besides(guide.dates(now.clock(), place.kind())),
                packet,
                valued,
                pin);
    }

    /** The shape something lies frozen in; null outside the freezer. */
    static Thaw.@Nullable Shape frozenAs(What what, LotClock clock, Place place, Packet packet, KeepingGuide guide) {
        return place.kind() == Storage.FREEZER
                ? guide.rule(clock.keepingClass()).frozenAs(what.batch() != null, packet.kind(), packet.shape())
                : null;
    }

    /** Millilitres it takes where it lies, at least. */
    public Rational room() {
        return Room.millilitres(amount, weight);
    }

    public OpenLot open() {
        return new OpenLot(
                id.toString(),
                amount,
                cost,
                dates.last().orElse(null),
                dates.soonFrom().orElse(null),
                dates.eatBy(),
                clock,
                cooked(),
                spot.frozenAs(),
                pin == null ? null : pin.title(),
                weight,
                packet.code() != null);
    }
}
