package wexilla.app.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;

/** Puts away what a note or a haul says: stored whole or not at all. */
@Component
public class Stowing {

    /** A whole freezer is a few hundred; each is written while the household waits. */
    private static final int MOST_CONTAINERS = 500;

    private final Notes notes;
    private final Foods foods;
    private final Ledger ledger;
    private final Offers offers;
    private final Purchases purchases;
    private final Lots lots;
    private final BatchRows batches;

    Stowing(Notes notes, Foods foods, Ledger ledger, Offers offers, Purchases purchases, Lots lots, BatchRows batches) {
        this.notes = notes;
        this.foods = foods;
        this.ledger = ledger;
        this.offers = offers;
        this.purchases = purchases;
        this.lots = lots;
        this.batches = batches;
    }

    /**
     * The lines are a haul.
     *
     * @param besides what was paid for things that are not kept, such as foil
     * @param till what the till said, null when nobody typed it
     */
    public record Paid(Money besides, @Nullable Money till) {}

    /**
     * What came of a note.
     *
     * @param lots as written
     * @param left lines that were not understood, as typed: they stay with the cook
     */
    public record Stored(List<UUID> lots, List<String> left) {}

    /**
     * Stores what is understood of a note: every container becomes a lot; one bad line does not refuse the others.
     *
     * @param paid null when the note only says what is there
     * @throws Problem if there is no line, or none is understood
     */
    public Done<Stored> store(Act act, String text, @Nullable UUID place, @Nullable Paid paid) {
        List<Notes.Read> read = notes.read(act.household(), text, act.day());
        if (read.isEmpty()) {
            throw Problem.at("/text", "The note is empty; write a line such as 3 x 500 g mince, 8.40.");
        }
        List<NoteLine> lines = read.stream().flatMap(one -> one.line().stream()).toList();
        if (lines.isEmpty()) {
            Notes.Read bad = read.get(0);
            throw Problem.at("/text", "Line " + bad.number() + ": " + bad.problem());
        }
        int containers = lines.stream().mapToInt(NoteLine::count).sum();
        if (containers > MOST_CONTAINERS) {
            throw Problem.at(
                    "/text",
                    "This note is of " + containers + " things; " + MOST_CONTAINERS
                            + " is the most at once: put it away in parts.");
        }
        List<UUID> lots = stow(act, lines, place, paid);
        List<String> left = read.stream()
                .filter(one -> one.line().isEmpty())
                .map(Notes.Read::text)
                .toList();
        String first = lines.get(0).foodName();
        String more = lines.size() == 1 ? "" : " and " + (lines.size() - 1) + " more";
        return new Done<>((paid == null ? "On hand: " : "Bought: ") + first + more, new Stored(lots, left));
    }

    /** Puts these lines away: every container becomes a lot, prices are remembered, a haul is a purchase. */
    public List<UUID> stow(Act act, List<NoteLine> lines, @Nullable UUID place, @Nullable Paid paid) {
        List<UUID> lots = new ArrayList<>();
        lines.forEach(line -> lots.addAll(store(act, line, place)));
        if (paid != null) {
            Money sum = lines.stream()
                    .map(NoteLine::price)
                    .filter(java.util.Objects::nonNull)
                    .reduce(paid.besides(), Money::plus);
            purchases.record(act, sum, paid.till());
        }
        return lots;
    }

    private List<UUID> store(Act act, NoteLine line, @Nullable UUID chosen) {
        Household household = act.household();
        if (line.each() != null && line.each().value().isZero()) {
            return out(act, line);
        }
        Place place = notes.place(household, line, chosen, act.day());
        Amount each = line.each() == null ? Amount.of(0, Unit.PIECE) : line.each();
        UUID food = null;
        UUID batch = null;
        if (line.dish()) {
            batch = noted(act, line);
        } else {
            Food known = line.food() != null
                    ? line.food()
                    : foods.own(
                            household,
                            line.foodName(),
                            household.measures().toBase(each).unit().equals(Unit.G)
                                    ? Unit.G
                                    : household.measures().toBase(each).unit().equals(Unit.ML) ? Unit.ML : Unit.PIECE);
            each = counted(household, known, each);
            food = foods.row(household, known);
            if (line.price() != null && line.price().minor() > 0) {
                Amount pack = line.each() == null ? null : each.times(Rational.of(line.count()));
                offers.record(act, food, pack, line.price(), act.day());
            }
        }
        Optional<UUID> staple = line.each() == null ? staple(household, food) : Optional.empty();
        if (staple.isPresent()) {
            ledger.level(act, staple.get(), Lot.Level.HAVE);
            return List.of(staple.get());
        }
        List<Cost> costs = costs(household, line);
        NoteKeeping keeping = notes.keeping(household, line, place.kind(), act.day());
        List<UUID> lots = new ArrayList<>();
        for (Cost cost : costs) {
            NewLot lot = new NewLot(
                    UUID.randomUUID(),
                    food,
                    batch,
                    each,
                    line.each() == null ? Lot.Level.HAVE : Lot.Level.COUNTED,
                    cost,
                    line.about(),
                    place.id(),
                    state(line, place.kind(), keeping),
                    keeping.clock(),
                    keeping.dates(),
                    Lot.Packet.NONE);
            ledger.create(act, lot, line.price() == null ? Kind.COUNTED : Kind.BOUGHT, line.text());
            lots.add(lot.id());
        }
        if (food != null) {
            offers.value(act, food);
        }
        return lots;
    }

    /** "No eggs left": a staple is out; of anything else there is nothing to write down. */
    private List<UUID> out(Act act, NoteLine line) {
        Optional<UUID> staple = line.food() == null
                ? Optional.empty()
                : staple(act.household(), foods.row(act.household(), line.food()));
        staple.ifPresent(lot -> ledger.level(act, lot, Lot.Level.OUT));
        return staple.stream().toList();
    }

    /** As what a line of a note lies there. */
    static State state(NoteLine line, Storage storage, NoteKeeping keeping) {
        if (storage == Storage.FREEZER) {
            return State.FROZEN;
        }
        return keeping.clock().thawedOn() != null
                ? State.THAWED
                : keeping.clock().opened()
                        ? State.OPENED
                        : line.dish() || line.state() == wexilla.core.food.book.State.COOKED ? State.COOKED : State.RAW;
    }

    /** The one lot that says of this food whether it is had: a staple is not counted twice. */
    private Optional<UUID> staple(Household household, @Nullable UUID food) {
        return lots.staples(household).stream()
                .filter(lot -> lot.food() != null && lot.food().equals(food))
                .map(Lot::id)
                .findFirst();
    }

    /** In the food's base unit where its facts lead there, else as written. */
    private static Amount counted(Household household, Food food, Amount each) {
        Conversion.Answer answer = Conversion.convert(food, each, food.base(), household.measures());
        Amount base = answer instanceof Conversion.Converted converted
                ? converted.amount()
                : household.measures().toBase(each);
        Unit unit = base.unit().equals(Unit.G) || base.unit().equals(Unit.ML) ? base.unit() : Unit.PIECE;
        Amount rounded = Amount.of(Rational.of(base.value().toDecimal(6)), unit);
        if (rounded.value().isZero() && !each.value().isZero()) {
            throw Problem.at("/text", each + " of " + food.name() + " is too little to keep a record of.");
        }
        return rounded;
    }

    /**
     * The price in equal parts, one for each container; a staple that is not counted carries none, and what was given
     * none yet where the household counts it at today's price.
     */
    private static List<Cost> costs(Household household, NoteLine line) {
        Money price = line.price();
        boolean atToday = price != null && price.minor() == 0 && household.ownGoods() == OwnGoods.TODAY;
        if (price == null || atToday || line.each() == null) {
            return Collections.nCopies(line.count(), Cost.unknown(household.currency()));
        }
        return price.split(Collections.nCopies(line.count(), Rational.ONE)).stream()
                .map(Cost::of)
                .toList();
    }

    /** A dish that was there before Wexilla is a batch with a name and no recipe. */
    private UUID noted(Act act, NoteLine line) {
        LocalDate on = line.since().from() == null ? act.day() : line.since().from();
        Rational portions = Objects.requireNonNull(line.each()).value().times(Rational.of(line.count()));
        Money none = Money.zero(act.household().currency());
        return batches.write(act, NewBatch.named(UUID.randomUUID(), line.foodName(), Style.COOKED, portions, on, none));
    }
}
