package wexilla.app.onhand;

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
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Foods;
import wexilla.app.platform.Household;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Form;
import wexilla.core.food.Forms;
import wexilla.core.food.Key;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.Style;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/**
 * What one request knows of a household's stock, each part read at most once, when it is first asked for. It is of the
 * moment it was read: an act that changes stock and asks again takes a new one.
 */
public final class Snapshot {

    private final Household household;
    private final LocalDateTime now;
    private final Once<Foods.Known> foods;
    private final Once<List<Lots.Lot>> there;
    private final Map<Object, Object> known = new HashMap<>();
    private final BiFunction<Foods.Known, @Nullable Collection<Key>, Map<Key, List<Offer>>> prices;
    private final Once<Map<Key, List<Offer>>> offers;

    Snapshot(
            Household household,
            LocalDateTime now,
            Supplier<Foods.Known> foods,
            Supplier<List<Lots.Lot>> there,
            BiFunction<Foods.Known, @Nullable Collection<Key>, Map<Key, List<Offer>>> offers) {
        this.household = household;
        this.now = now;
        this.foods = new Once<>(foods);
        this.there = new Once<>(there);
        this.prices = offers;
        this.offers = new Once<>(() -> offers.apply(foods(), null));
    }

    private static final class Once<T> implements Supplier<T> {
        private final Supplier<T> read;
        private @Nullable T known;

        Once(Supplier<T> read) {
            this.read = read;
        }

        @Override
        public T get() {
            T value = known;
            if (value == null) {
                value = read.get();
                known = value;
            }
            return value;
        }
    }

    /** What somebody else reads for this request, once. @param key of whoever asks */
    @SuppressWarnings("unchecked")
    public <T> T once(Object key, Supplier<T> read) {
        T value = (T) known.get(key);
        if (value == null) {
            value = read.get();
            known.put(key, value);
        }
        return value;
    }

    public Household household() {
        return household;
    }

    /** In the household's zone. */
    public LocalDateTime now() {
        return now;
    }

    public LocalDate today() {
        return now.toLocalDate();
    }

    public Foods.Known foods() {
        return foods.get();
    }

    public FoodBook book() {
        return foods().book();
    }

    public LineReader reader() {
        return new LineReader(book());
    }

    /** Everything there is, first to expire first. */
    public List<Lots.Lot> open() {
        return there.get().stream()
                .filter(lot -> !lot.amount().value().isZero()
                        || lot.level() == Lots.Level.HAVE
                        || lot.level() == Lots.Level.LOW)
                .toList();
    }

    public Optional<Lots.Lot> open(UUID lot) {
        return open().stream().filter(one -> one.id().equals(lot)).findFirst();
    }

    /** Staples that are not counted, at every level. */
    public List<Lots.Lot> staples() {
        return there.get().stream().filter(Lots.Lot::staple).toList();
    }

    /** Prices of each food, newest first. */
    public Map<Key, List<Offer>> offers() {
        return offers.get();
    }

    /** Where a lot of a food or of a batch is found. */
    public Key key(Lots.Lot lot) {
        UUID food = lot.food();
        return food == null ? Key.batch(String.valueOf(lot.batch())) : foods().key(food);
    }

    /** What is there, each question with a supply of its own. */
    public Supply supply() {
        return Supply.of(lots(), had(), forms());
    }

    /** What is there with what will be: batches that are planned, parts of big buys that are not cut yet. */
    public Supply supply(Collection<Supply.Ahead> willBe) {
        Map<Key, List<OpenLot>> lots = lots();
        willBe.forEach(
                one -> lots.computeIfAbsent(one.key(), key -> new ArrayList<>()).add(one.lot()));
        List<Form> more =
                willBe.stream().flatMap(one -> one.forms().stream()).distinct().toList();
        return Supply.of(lots, had(), forms().with(more));
    }

    private Map<Key, List<OpenLot>> lots() {
        Map<Key, List<OpenLot>> lots = new HashMap<>();
        for (Lots.Lot lot : open()) {
            if (!lot.amount().value().isZero()) {
                lots.computeIfAbsent(key(lot), key -> new ArrayList<>()).add(lot.open());
            }
        }
        return lots;
    }

    private Set<Key> had() {
        Set<Key> had = new HashSet<>();
        staples().stream().filter(lot -> lot.level() != Lots.Level.OUT).forEach(lot -> had.add(key(lot)));
        return had;
    }

    /**
     * Which foods stand in for which, cooked dishes that are there for the recipes they were cooked by, and parts of big
     * buys for the cooked meat they are.
     */
    public Forms forms() {
        List<Form> made = new ArrayList<>(Parts.forms(open(), book()));
        open().stream()
                .filter(lot -> lot.cookedBy() != null && lot.amount().unit().equals(Unit.PORTION))
                .filter(lot -> lot.style() == Style.COOKED || lot.style() == Style.PLAIN_PART)
                .map(Snapshot::dishForm)
                .distinct()
                .forEach(made::add);
        return foods().forms().with(made);
    }

    private static Form dishForm(Lots.Lot lot) {
        Food dish = Food.unknown(Key.batch(String.valueOf(lot.batch())), lot.name(), Unit.PORTION);
        Key recipe = Key.dish(String.valueOf(lot.cookedBy()));
        return new Form(recipe, dish, Rational.ONE, true, List.of(), "", "cooked by this recipe");
    }

    /** Stock and prices on a day, for costing. */
    public CostSheet.Known costs(LocalDate day) {
        return costs(day, offers());
    }

    private CostSheet.Known costs(LocalDate day, Map<Key, List<Offer>> offers) {
        return new CostSheet.Known(
                supply(), offers, household.seasoning(), household.flat(), household.measures(), day);
    }

    /** Stock today, and prices of no other foods than these: ten years of all prices take long to read. */
    public CostSheet.Known costs(Collection<Key> foods) {
        return costs(today(), prices.apply(foods(), foods));
    }

    /** Stock and prices today. */
    public CostSheet.Known costs() {
        return costs(today());
    }
}
