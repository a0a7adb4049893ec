package wexilla.core.stations.stretch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Lot.Pin;
import wexilla.core.kitchen.Lot.State;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.NewLot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stock.StockUse.Take;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.Piece;
import wexilla.core.stretch.StretchPlan.Form;

/**
 * The lots of a joint: the raw one, and those its pieces become, each with its grams, its cost and its own date. What is
 * done at the stove is written down together.
 *
 * @param codes packets are found by; each asked for once
 */
public record Joint(Stove stove, Supplier<String> codes) {

    /**
     * A piece and what it is kept as.
     *
     * @param food of a by-product: bones, trimmings; of raw meat what it is cut from
     * @param about what stands on it: its name and how it is seasoned; {@code season} what goes into it alone
     * @param pin the dish it is cut for; null where it is for none
     */
    public record Part(
            Piece piece,
            Food food,
            String about,
            List<ReadLine> season,
            Form form,
            @Nullable Pin pin) {

        public Part {
            season = List.copyOf(season);
        }

        /** A cooked part that is seasoned is a batch of its own: what is in it is in no other. */
        private boolean seasoned() {
            return piece.meat() && !season.isEmpty();
        }
    }

    /** What lies there of the packs of a big buy. @throws Refused if one of them is gone */
    public static List<Lot> packs(Kitchen kitchen, List<UUID> ids) {
        return ids.stream()
                .map(id -> kitchen.lot(id).orElseThrow(() -> gone("meat")))
                .peek(lot -> {
                    if (lot.amount().value().isZero()) {
                        throw gone(lot.name());
                    }
                })
                .toList();
    }

    private static Refused gone(String name) {
        return Refused.at("/lot", "The " + name + " of this big buy is used up or was moved; choose it anew.");
    }

    /** A joint that is not in the record is counted up. @param asBought its weight then, {@code price} what it cost */
    public Lot counted(Food food, Amount asBought, Money price) {
        Place counter = stove.kitchen().usual(Storage.COUNTER);
        LotClock clock = LotClock.start(food.keepingClass(), stove.day());
        NewLot lot = NewLot.counted(
                stove.id(),
                stove.row(food),
                null,
                asBought,
                Cost.of(price),
                Stove.NOT_FROM_STOCK,
                counter.id(),
                State.RAW,
                clock,
                dates(clock, counter.kind()));
        return made(new Change.Made(lot, List.of(), Kind.COUNTED, Stove.NOT_FROM_STOCK));
    }

    /** Several packs lie together as one: what spoils first in it dates it. */
    public Lot together(Food food, List<Lot> packs) {
        if (packs.size() == 1) {
            return packs.get(0);
        }
        Lot first = packs.stream()
                .min(Comparator.comparing(lot -> lot.dates().last().orElse(LocalDate.MAX)))
                .orElseThrow();
        NewLot all = NewLot.counted(
                stove.id(),
                stove.row(food),
                null,
                packs.stream().map(Lot::amount).reduce(Amount::plus).orElseThrow(),
                packs.stream().map(Lot::cost).reduce(Cost::plus).orElseThrow(),
                packs.size() + " packs together",
                first.spot().place(),
                first.state(),
                first.clock(),
                first.dates());
        List<Take> takes = packs.stream()
                .map(one -> new Take(one.open(), one.amount(), one.cost()))
                .toList();
        return made(new Change.Made(all, takes, Kind.MADE, "packs together"));
    }

    private Lot made(Change.Made made) {
        stove.does(made);
        return stove.kitchen().lot(made.lot()).orElseThrow();
    }

    private KeepDates dates(LotClock clock, Storage storage) {
        return stove.kitchen().dates(clock, storage);
    }

    /**
     * Cooks it: the pieces become lots, in their order; what they take leaves the raw lot, which closes. What went into the
     * pot is shared by their cooked weight.
     *
     * @param portions it is planned to feed
     * @param pot what goes in beside it
     * @param liquid grams that are shared back into the meat, by weight
     */
    public List<UUID> cook(
            Food food, Lot raw, List<Part> parts, Rational portions, List<ReadLine> pot, Rational liquid) {
        LocalDate day = stove.day();
        Money none = Money.zero(stove.kitchen().household().currency());
        UUID plain = parts.stream().anyMatch(part -> part.piece().meat() && !part.seasoned())
                ? batch(food, portions, none)
                : null;
        List<Take> inputs = takes(pot, stove.kitchen().costs(stove.day()));
        List<Rational> weights = weights(parts);
        List<List<Take>> shared =
                inputs.stream().map(input -> shares(input, weights)).toList();
        boolean priced = raw.cost().complete()
                && inputs.stream().allMatch(take -> take.cost().complete());
        String keeps = DishKind.keepingClass(DishKind.group(food));
        Place fridge = stove.kitchen().usual(Storage.FRIDGE);
        Place freezer = stove.kitchen().usual(Storage.FREEZER);
        List<UUID> ids = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            int at = i;
            boolean known = priced;
            Part part = parts.get(i);
            Piece piece = part.piece();
            List<Take> from = new ArrayList<>(List.of(part(raw, piece)));
            shared.stream()
                    .map(all -> all.get(at))
                    .filter(take -> !take.amount().value().isZero()
                            || take.cost().known().minor() != 0)
                    .forEach(from::add);
            UUID batch = plain;
            if (part.seasoned()) {
                Rational feeds = portions.times(share(weights, i));
                batch = batch(food, feeds.compareTo(Rational.ONE) < 0 ? Rational.ONE : feeds, none);
                stove.does(new Change.WentIn(batch, lines(part.season())));
                from.addAll(season(part.season()));
            }
            known &= from.stream().allMatch(take -> take.cost().complete());
            Money cost = from.stream().map(take -> take.cost().known()).reduce(none, Money::plus);
            Place place = piece.freeze() ? freezer : fridge;
            LotClock start = LotClock.start(keeps, day);
            LotClock clock = piece.freeze() ? start.frozen(day) : start;
            NewLot lot = new NewLot(
                            stove.id(),
                            piece.meat() ? null : stove.row(part.food()),
                            piece.meat() ? batch : null,
                            piece.meat() ? inLiquid(piece.amount(), liquid, weights) : piece.amount(),
                            Lot.Level.COUNTED,
                            new Cost(cost, known),
                            part.about(),
                            place.id(),
                            piece.freeze() ? State.FROZEN : State.COOKED,
                            clock,
                            dates(clock, place.kind()),
                            piece.freeze() ? Lot.Packet.of(null, codes.get()) : Lot.Packet.NONE)
                    .pinned(part.pin());
            stove.does(new Change.Made(lot, from, Kind.MADE, piece.name()));
            ids.add(lot.id());
        }
        return ids;
    }

    private UUID batch(Food food, Rational portions, Money none) {
        UUID batch = stove.id();
        stove.does(new Change.BatchSet(
                NewBatch.named(batch, food.name() + ", cooked", Style.PLAIN_PART, portions, stove.day(), none)
                        .from(stove.row(food))));
        return batch;
    }

    private List<Change.Line> lines(List<ReadLine> season) {
        List<Change.Line> lines = new ArrayList<>();
        for (ReadLine line : season) {
            UUID row = line.food() == null ? null : stove.rowOrNone(line.food());
            lines.add(new Change.Line(lines.size(), line.text(), row, null, ""));
        }
        return lines;
    }

    /** What goes into one part alone; what has no amount takes nothing. */
    private List<Take> season(List<ReadLine> season) {
        List<ReadLine> measured =
                season.stream().filter(line -> line.quantity() != null).toList();
        CostSheet.Known costs = stove.kitchen().costs(stove.day());
        List<Take> takes = new ArrayList<>();
        for (boolean counted : List.of(true, false)) {
            List<ReadLine> some =
                    measured.stream().filter(line -> counted(line) == counted).toList();
            takes.addAll(takes(some, counted ? costs.exactly() : costs));
        }
        return takes;
    }

    /** Whether a seasoning is known by what it weighs: an opened sachet is, a jar of pepper is only had. */
    private boolean counted(ReadLine line) {
        UUID row = line.food() == null ? null : stove.rowOrNone(line.food());
        return row != null
                && stove.kitchen().lots().stream()
                        .anyMatch(lot -> lot.level() == Lot.Level.COUNTED
                                && row.equals(lot.food())
                                && !lot.amount().value().isZero());
    }

    private static Rational share(List<Rational> weights, int i) {
        return weights.get(i).dividedBy(weights.stream().reduce(Rational.ZERO, Rational::plus));
    }

    /** A piece with its share of the liquid, to the gram. */
    private static Amount inLiquid(Amount meat, Rational liquid, List<Rational> weights) {
        if (liquid.isZero()) {
            return meat;
        }
        Rational all = weights.stream().reduce(Rational.ZERO, Rational::plus);
        Rational grams = meat.value().plus(liquid.times(meat.value()).dividedBy(all));
        return Amount.of(Rational.of(grams.rounded()), meat.unit());
    }

    /** What goes into the pot; what the record lacks is counted up at its newest price. Water is from the tap. */
    private List<Take> takes(List<ReadLine> pot, CostSheet.Known costs) {
        List<Wanted> wanted = pot.stream().map(Wanted::of).toList();
        CostSheet sheet = CostSheet.of(wanted, costs);
        List<Take> takes = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            takes.addAll(stove.taken(wanted.get(i).food(), sheet.lines().get(i)));
        }
        return takes;
    }

    /** A piece by its cooked grams; a by-product weighs nothing, unless there is nothing else. */
    private static List<Rational> weights(List<Part> parts) {
        List<Rational> weights = parts.stream()
                .map(Part::piece)
                .map(piece -> piece.meat() ? piece.amount().value() : Rational.ZERO)
                .toList();
        return weights.stream().allMatch(Rational::isZero) ? Collections.nCopies(parts.size(), Rational.ONE) : weights;
    }

    /** What went into the pot, for each piece its share; the last that weighs something takes the rest. */
    private static List<Take> shares(Take input, List<Rational> weights) {
        List<Money> costs = input.cost().known().split(weights);
        Rational all = weights.stream().reduce(Rational.ZERO, Rational::plus);
        int last = 0;
        for (int i = 0; i < weights.size(); i++) {
            last = weights.get(i).isZero() ? last : i;
        }
        Rational left = input.amount().value();
        List<Take> shares = new ArrayList<>();
        for (int i = 0; i < weights.size(); i++) {
            Rational part = i == last
                    ? left
                    : Rational.of(input.amount()
                            .value()
                            .times(weights.get(i))
                            .dividedBy(all)
                            .toDecimal(Change.DECIMALS));
            left = left.minus(part);
            shares.add(new Take(
                    input.lot(),
                    Amount.of(part, input.amount().unit()),
                    new Cost(costs.get(i), input.cost().complete())));
        }
        return shares;
    }

    /** What a piece takes of the raw lot. */
    private static Take part(Lot raw, Piece piece) {
        return new Take(
                raw.open(),
                Amount.of(piece.raw(), Unit.G),
                new Cost(piece.cost(), raw.cost().complete()));
    }

    /**
     * Cuts it raw: the pieces become raw lots of the same food, each with its own date and what it is seasoned with; what is
     * diced or minced is stew meat now.
     */
    public List<UUID> cutRaw(Lot raw, List<Part> parts) {
        LocalDate day = stove.day();
        Place freezer = stove.kitchen().usual(Storage.FREEZER);
        List<UUID> ids = new ArrayList<>();
        for (Part part : parts) {
            Piece piece = part.piece();
            boolean small = part.form() == Form.DICED || part.form() == Form.MINCED;
            LotClock start = small && raw.clock().keepingClass().equals("raw-roast")
                    ? LotClock.start("raw-mince", day)
                    : raw.clock();
            boolean frozen = piece.freeze() && raw.storage() != Storage.FREEZER;
            LotClock clock = frozen ? start.frozen(day) : start;
            boolean packet = frozen || raw.storage() == Storage.FREEZER;
            List<Take> from = new ArrayList<>(List.of(part(raw, piece)));
            if (part.seasoned()) {
                from.addAll(season(part.season()));
            }
            Money cost = from.stream()
                    .map(take -> take.cost().known())
                    .reduce(Money::plus)
                    .orElseThrow();
            boolean known = from.stream().allMatch(take -> take.cost().complete());
            NewLot lot = new NewLot(
                            stove.id(),
                            stove.row(part.food()),
                            null,
                            piece.meat() ? Amount.of(piece.raw(), Unit.G) : piece.amount(),
                            Lot.Level.COUNTED,
                            new Cost(cost, known),
                            part.about(),
                            frozen ? freezer.id() : raw.spot().place(),
                            packet ? State.FROZEN : State.RAW,
                            clock,
                            dates(clock, frozen ? Storage.FREEZER : raw.storage()),
                            packet ? Lot.Packet.of(null, codes.get()) : Lot.Packet.NONE)
                    .pinned(part.pin());
            stove.does(new Change.Made(lot, from, Kind.MADE, piece.name()));
            if (part.seasoned()) {
                stove.does(new Change.Seasoned(lot.id(), lines(part.season())));
            }
            ids.add(lot.id());
        }
        return ids;
    }

    /** Broth that was made beside it: it costs nothing, and lies in the fridge with its own date. */
    public void broth(Food stock, Rational ml, String about) {
        Place fridge = stove.kitchen().usual(Storage.FRIDGE);
        LotClock clock = LotClock.start("soup", stove.day());
        NewLot lot = NewLot.counted(
                stove.id(),
                stove.row(stock),
                null,
                Amount.of(Rational.of(ml.toDecimal(0)), Unit.ML),
                Cost.of(Money.zero(stove.kitchen().household().currency())),
                about,
                fridge.id(),
                State.COOKED,
                clock,
                dates(clock, fridge.kind()));
        stove.does(new Change.Made(lot, List.of(), Kind.MADE, about));
    }
}
