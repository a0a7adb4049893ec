package wexilla.core.stations.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.KeepingWords;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.UnitWeight;
import wexilla.core.recipe.Style;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;

/**
 * Puts away what a note or a haul says: every container becomes a lot, prices are remembered.
 *
 * @param kitchen with its places, its prices and a plan
 * @param day it happens on
 * @param rows of the foods that come in
 * @param ids of what is made, each asked for once
 */
public record PuttingAway(Kitchen kitchen, LocalDate day, Map<Key, UUID> rows, Supplier<UUID> ids) {

    /** @param food of the book, or the household's own of this name; null for a dish, and for what there is none of */
    public record Thing(NoteLine line, @Nullable Food food) {}

    /** @param lots that are there now, as the lines said them */
    public record Put(List<UUID> lots, List<Change> changes) {}

    /** Where a thing would go: where it was said to lie, what is frozen to a freezer; else where it usually lies. */
    public static Place place(Kitchen kitchen, NoteLine line, @Nullable UUID chosen, LocalDate day) {
        Storage likely = NoteKeeping.likely(line, kitchen.guide(), day);
        Optional<Place> said = chosen == null ? Optional.empty() : Optional.of(kitchen.place(chosen));
        boolean cold = likely == Storage.FREEZER
                && line.state() == wexilla.core.food.book.State.FROZEN
                && KeepingWords.say("frozen", line.text());
        return said.filter(place -> !cold || place.kind() == Storage.FREEZER).orElseGet(() -> kitchen.usual(likely));
    }

    /** As what a line of a note lies there. */
    public static State state(NoteLine line, Storage storage, NoteKeeping keeping) {
        if (storage == Storage.FREEZER) {
            return State.FROZEN;
        }
        return keeping.clock().thawedOn() != null
                ? State.THAWED
                : keeping.clock().opened()
                        ? State.OPENED
                        : line.dish() || line.state() == wexilla.core.food.book.State.COOKED ? State.COOKED : State.RAW;
    }

    /**
     * Puts these away.
     *
     * @param chosen where; null lets each go to its usual place
     * @throws Refused if there is no such place, or so little of something that nobody keeps a record of it
     */
    public Put put(List<Thing> things, @Nullable UUID chosen) {
        Written written = new Written();
        things.forEach(thing -> put(thing, chosen, written));
        List<Change> made = Stream.of(written.batches, written.prices, written.stock)
                .flatMap(List::stream)
                .toList();
        List<Change> all = new ArrayList<>(made);
        all.addAll(Unpriced.valued(kitchen.after(made), written.foods));
        return new Put(List.copyOf(written.lots), List.copyOf(all));
    }

    private static final class Written {
        private final List<UUID> lots = new ArrayList<>();
        private final List<Change> batches = new ArrayList<>();
        private final List<Change> prices = new ArrayList<>();
        private final List<Change> stock = new ArrayList<>();
        private final List<UUID> foods = new ArrayList<>();
        private final Map<Key, UUID> had = new HashMap<>();
    }

    private void put(Thing thing, @Nullable UUID chosen, Written written) {
        NoteLine line = thing.line();
        Optional<UUID> staple = staple(thing.food(), written);
        if (line.each() != null && line.each().value().isZero()) {
            // "no eggs left": a staple is out; of anything else there is nothing to write down
            staple.ifPresent(lot -> levelled(lot, Lot.Level.OUT, written));
            return;
        }
        Place place = place(kitchen, line, chosen, day);
        Food food = thing.food();
        Amount each = line.each() == null ? Amount.of(0, Unit.PIECE) : line.each();
        each = food == null ? each : counted(food, each);
        UUID row = food == null ? null : Objects.requireNonNull(rows.get(food.key()), food.name());
        Money price = line.price();
        if (row != null && price != null && price.minor() > 0) {
            Amount pack = line.each() == null ? null : each.times(Rational.of(line.count()));
            written.prices.add(new Change.PriceSeen(row, pack, price, day, null, line.shop()));
        }
        if (row != null) {
            written.foods.add(row);
        }
        if (line.each() == null && staple.isPresent()) {
            levelled(staple.get(), Lot.Level.HAVE, written);
            return;
        }
        UUID batch = food == null ? noted(line, written) : null;
        NoteKeeping keeping = NoteKeeping.of(line, place.kind(), kitchen.guide(), day);
        for (Cost cost : costs(line)) {
            NewLot lot = new NewLot(
                            ids.get(),
                            row,
                            batch,
                            each,
                            line.each() == null ? Lot.Level.HAVE : Lot.Level.COUNTED,
                            cost,
                            line.about(),
                            place.id(),
                            state(line, place.kind(), keeping),
                            keeping.clock(),
                            keeping.dates(),
                            Lot.Packet.NONE)
                    .weighing(weight(food, each));
            written.stock.add(new Change.Made(lot, List.of(), price == null ? Kind.COUNTED : Kind.BOUGHT, line.text()));
            written.lots.add(lot.id());
            if (food != null && lot.level() == Lot.Level.HAVE) {
                written.had.put(food.key(), lot.id());
            }
        }
    }

    /** What one piece weighs, where the book or the household says. */
    private @Nullable UnitWeight weight(@Nullable Food food, Amount each) {
        if (food == null || !each.unit().equals(Unit.PIECE)) {
            return null;
        }
        Conversion.Answer one = Conversion.convert(food, Amount.of(1, Unit.PIECE), Unit.G, kitchen.measures());
        return one instanceof Conversion.Converted grams
                        && grams.amount().value().signum() > 0
                ? new UnitWeight(grams.amount().value(), UnitWeight.How.KNOWN)
                : null;
    }

    private static void levelled(UUID staple, Lot.Level level, Written written) {
        written.stock.add(new Change.Levelled(staple, level));
        written.lots.add(staple);
    }

    /** The one lot that says of this food whether it is had: a staple is not counted twice. */
    private Optional<UUID> staple(@Nullable Food food, Written written) {
        if (food == null) {
            return Optional.empty();
        }
        return Optional.ofNullable(written.had.get(food.key()))
                .or(() -> kitchen.staples().stream()
                        .filter(lot -> lot.food() != null && kitchen.key(lot).equals(food.key()))
                        .map(Lot::id)
                        .findFirst());
    }

    /** In the food's base unit where its facts lead there, else as written. */
    private Amount counted(Food food, Amount each) {
        Conversion.Answer answer = Conversion.convert(food, each, food.base(), kitchen.measures());
        Amount base = answer instanceof Conversion.Converted converted
                ? converted.amount()
                : kitchen.measures().toBase(each);
        Unit unit = base.unit().equals(Unit.G) || base.unit().equals(Unit.ML) ? base.unit() : Unit.PIECE;
        Amount rounded = Amount.of(Rational.of(base.value().toDecimal(Change.DECIMALS)), unit);
        if (rounded.value().isZero() && !each.value().isZero()) {
            throw Refused.at("/text", each + " of " + food.name() + " is too little to keep a record of.");
        }
        return rounded;
    }

    /**
     * The price in equal parts, one for each container; a staple that is not counted carries none, and what was given
     * none yet where the household counts it at today's price.
     */
    private List<Cost> costs(NoteLine line) {
        Household household = kitchen.household();
        Money price = line.price();
        boolean atToday = price != null && price.minor() == 0 && household.ownGoods() == OwnGoods.TODAY;
        if (price == null || atToday || line.each() == null) {
            return Collections.nCopies(line.count(), Cost.unknown(household.currency()));
        }
        return price.split(Collections.nCopies(line.count(), Rational.ONE)).stream()
                .map(Cost::of)
                .toList();
    }

    /** A dish that was there before is a batch with a name and no recipe. */
    private UUID noted(NoteLine line, Written written) {
        LocalDate on = line.since().from() == null ? day : line.since().from();
        Rational portions = Objects.requireNonNull(line.each()).value().times(Rational.of(line.count()));
        Money none = Money.zero(kitchen.household().currency());
        UUID id = ids.get();
        written.batches.add(new Change.BatchSet(NewBatch.named(id, line.foodName(), Style.COOKED, portions, on, none)));
        return id;
    }
}
