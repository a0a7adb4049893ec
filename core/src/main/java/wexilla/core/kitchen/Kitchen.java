package wexilla.core.kitchen;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Home;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.kitchen.house.Place;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.shopping.Trips;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/**
 * An immutable picture of a household at one moment, as far as somebody asked for it: a store reads what a question
 * declares it looks at, and nothing is read afterwards.
 *
 * @param now in the household's zone
 * @param guide how foods keep, by its country; @param foods what it calls them; null where nobody asked for them
 * @param lots what is there, first to expire first, staples that are out among them
 * @param prices of each food, newest first, where somebody asked for them
 * @param places where things lie, {@code home} who eats and what there is to cook with, {@code planned} what is planned;
 *     each null where nobody asked for it
 */
public record Kitchen(
        Household household,
        LocalDateTime now,
        KeepingGuide guide,
        @Nullable KnownFoods foods,
        List<Lot> lots,
        @Nullable List<Place> places,
        @Nullable Map<Key, List<Offer>> prices,
        @Nullable Home home,
        @Nullable Planned planned) {

    /** Taken where nobody has said how large the freezers are. */
    private static final Rational USUAL_ROOM =
            Trade.number("ways.freezer-litres").times(Rational.of(1000));

    public Kitchen {
        lots = List.copyOf(lots);
        places = places == null ? null : List.copyOf(places);
    }

    /** What is there, and nothing else of it. */
    public static Kitchen stock(
            Household household,
            LocalDateTime now,
            KeepingGuide guide,
            @Nullable KnownFoods foods,
            List<Lot> lots,
            @Nullable List<Place> places) {
        return new Kitchen(household, now, guide, foods, lots, places, null, null, null);
    }

    /** The same with who eats here, what there is to cook with, and what is planned. */
    public Kitchen with(Home own, Planned plan) {
        return new Kitchen(household, now, guide, foods, lots, places, prices, own, plan);
    }

    /** The same with these lots, this plan and these prices. */
    Kitchen holding(List<Lot> other, @Nullable Planned plan, @Nullable Map<Key, List<Offer>> known) {
        return new Kitchen(household, now, guide, foods, other, places, known, home, plan);
    }

    /** The same at another moment. */
    public Kitchen at(LocalDateTime then) {
        return new Kitchen(household, then, guide, foods, lots, places, prices, home, planned);
    }

    /** The same with what is planned. */
    public Kitchen with(Planned plan) {
        return new Kitchen(household, now, guide, foods, lots, places, prices, home, plan);
    }

    /** The same with where things lie. */
    public Kitchen with(List<Place> own) {
        return new Kitchen(household, now, guide, foods, lots, own, prices, home, planned);
    }

    /** The same with prices of its foods, newest first. */
    public Kitchen with(Map<Key, List<Offer>> known) {
        return new Kitchen(household, now, guide, foods, lots, places, known, home, planned);
    }

    /** Stock and prices on a day, for costing. */
    public CostSheet.Known costs(LocalDate day) {
        return new CostSheet.Known(
                supply(), read(prices, "prices"), household.seasoning(), household.flat(), household.measures(), day);
    }

    public LocalDate today() {
        return now.toLocalDate();
    }

    public Measures measures() {
        return household.measures();
    }

    public LineReader reader() {
        return new LineReader(foods().book());
    }

    /** @throws IllegalStateException if nobody asked for it */
    public Home home() {
        return read(home, "home");
    }

    /** @throws IllegalStateException if nobody asked for it */
    public Planned planned() {
        return read(planned, "plan");
    }

    /** The plan, as far as somebody asked for it. */
    @Nullable
    Planned plannedOrNot() {
        return planned;
    }

    /** Millilitres the freezers take beside what lies there; empty where nobody said how large every freezer is. */
    public Optional<Rational> room() {
        List<Place> freezers = places().stream()
                .filter(place -> place.kind() == Storage.FREEZER)
                .toList();
        if (freezers.isEmpty() || freezers.stream().anyMatch(place -> place.litres() == null)) {
            return Optional.empty();
        }
        List<UUID> ids = freezers.stream().map(Place::id).toList();
        Rational all = freezers.stream()
                .flatMap(freezer -> Stream.ofNullable(freezer.litres()))
                .map(litres -> Rational.of(litres).times(Rational.of(1000)))
                .reduce(Rational.ZERO, Rational::plus);
        Rational full = open().stream()
                .filter(lot -> ids.contains(lot.spot().place()))
                .map(Lot::room)
                .reduce(Rational.ZERO, Rational::plus);
        Rational left = all.minus(full);
        return Optional.of(left.signum() < 0 ? Rational.ZERO : left);
    }

    /** The same, as much as is usual where nobody said. */
    public Rational roomOrUsual() {
        return room().orElse(USUAL_ROOM);
    }

    /** @throws IllegalStateException if nobody asked for them: a question has to declare what it looks at */
    public KnownFoods foods() {
        return read(foods, "foods");
    }

    /** @throws IllegalStateException if nobody asked for them */
    public List<Place> places() {
        return read(places, "places");
    }

    private static <T> T read(@Nullable T part, String what) {
        if (part == null) {
            throw new IllegalStateException("the " + what + " of this kitchen were not read");
        }
        return part;
    }

    /** What there is something of: counted, or a staple that is not out. */
    public List<Lot> open() {
        return lots.stream()
                .filter(lot ->
                        !lot.amount().value().isZero() || lot.level() == Lot.Level.HAVE || lot.level() == Lot.Level.LOW)
                .toList();
    }

    public Optional<Lot> lot(UUID id) {
        return lots.stream().filter(lot -> lot.id().equals(id)).findFirst();
    }

    /** Staples that are not counted, at every level. */
    public List<Lot> staples() {
        return lots.stream().filter(Lot::staple).toList();
    }

    /** @throws Refused if the household has no such place */
    public Place place(UUID id) {
        return places().stream()
                .filter(place -> place.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refused.at("/place", "There is no such place in this household."));
    }

    /** Where things of this kind are put, when nobody says where: the first such place, else the first of all. */
    public Place usual(Storage kind) {
        return places().stream()
                .filter(place -> place.kind() == kind)
                .findFirst()
                .orElseGet(() -> places().get(0));
    }

    /** Where a lot of a food or of a batch is found. */
    public Key key(Lot lot) {
        UUID food = lot.food();
        return food == null ? Key.batch(String.valueOf(lot.batch())) : foods().key(food);
    }

    /** Prices of a food, newest first. @throws IllegalStateException if nobody asked for prices */
    public List<Offer> pricesOf(Key food) {
        return read(prices, "prices").getOrDefault(food, List.of());
    }

    /** What is known of packs: of each size the newest price, and how long what is left of one keeps. */
    public Trips.Packs packs() {
        return Trips.Packs.of(read(prices, "prices"), guide, household.currency());
    }

    /** What is there, each question with a supply of its own. */
    public Supply supply() {
        return supply(List.of());
    }

    /** What is there with what will be: batches that are planned, parts of big buys that are not cut yet. */
    public Supply supply(Collection<Supply.Ahead> willBe) {
        Map<Key, List<OpenLot>> there = new HashMap<>();
        for (Lot lot : open()) {
            if (!lot.amount().value().isZero()) {
                there.computeIfAbsent(key(lot), key -> new ArrayList<>()).add(lot.open());
            }
        }
        willBe.forEach(one ->
                there.computeIfAbsent(one.key(), key -> new ArrayList<>()).add(one.lot()));
        Set<Key> had = new HashSet<>();
        staples().stream().filter(lot -> lot.level() != Lot.Level.OUT).forEach(lot -> had.add(key(lot)));
        List<Form> more =
                willBe.stream().flatMap(one -> one.forms().stream()).distinct().toList();
        return Supply.of(there, had, forms().with(more));
    }

    /**
     * Which foods stand in for which, cooked dishes that are there for the recipes they were cooked by, and parts of big
     * buys for the cooked meat they are.
     */
    public Forms forms() {
        List<Form> made = new ArrayList<>(PartForms.of(open(), foods(), measures()));
        open().stream()
                .filter(lot -> lot.cookedBy() != null && lot.amount().unit().equals(Unit.PORTION))
                .filter(lot -> lot.style() == Style.COOKED || lot.style() == Style.PLAIN_PART)
                .map(Kitchen::dishForm)
                .distinct()
                .forEach(made::add);
        return foods().forms().with(made);
    }

    private static Form dishForm(Lot lot) {
        Food dish = Food.unknown(Key.batch(String.valueOf(lot.batch())), lot.name(), Unit.PORTION);
        Key recipe = Key.dish(String.valueOf(lot.cookedBy()));
        return new Form(recipe, dish, Rational.ONE, true, List.of(), "", "cooked by this recipe");
    }

    /** The dates of something with this clock in this place. */
    public KeepDates dates(LotClock clock, Storage storage) {
        return guide.dates(clock, storage);
    }

    /** The kitchen once these changes are written down. */
    public Kitchen after(List<Change> changes) {
        return new After(this).with(changes);
    }
}
