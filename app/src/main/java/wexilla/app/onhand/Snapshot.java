package wexilla.app.onhand;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Kept;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.stock.Supply;

/**
 * What one request knows of a household's stock, each part read at most once, when it is first asked for. It is of the
 * moment it was read: an act that changes stock and asks again takes a new one.
 */
public final class Snapshot {

    private final Household household;
    private final LocalDateTime now;
    private final Kept.Shelf shelf;
    private final Supplier<KnownFoods> foods;
    private final Supplier<Kitchen> stock;
    private final BiFunction<KnownFoods, @Nullable Collection<Key>, Map<Key, List<Offer>>> prices;
    private @Nullable Kitchen kitchen;

    Snapshot(
            Household household,
            LocalDateTime now,
            Kept.Shelf shelf,
            Supplier<KnownFoods> foods,
            Supplier<List<Lot>> there,
            Supplier<KeepingGuide> guide,
            BiFunction<KnownFoods, @Nullable Collection<Key>, Map<Key, List<Offer>>> offers) {
        this.household = household;
        this.now = now;
        this.shelf = shelf;
        this.foods = foods;
        this.stock = () -> Kitchen.stock(household, now, guide.get(), foods(), shelf.read(Lot.class, there), null);
        this.prices = offers;
    }

    /** What somebody else reads of the household, once as long as no act changes it. @param key of whoever asks */
    public <T> T once(Object key, Supplier<T> read) {
        return shelf.read(key, read);
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

    public KnownFoods foods() {
        return shelf.read(KnownFoods.class, foods);
    }

    public FoodBook book() {
        return foods().book();
    }

    public LineReader reader() {
        return new LineReader(book());
    }

    /** The kitchen as this request found it; its places are not read. */
    public Kitchen kitchen() {
        Kitchen found = kitchen;
        if (found == null) {
            found = stock.get();
            kitchen = found;
        }
        return found;
    }

    /** Everything there is, first to expire first. */
    public List<Lot> open() {
        return kitchen().open();
    }

    public Optional<Lot> open(UUID lot) {
        return open().stream().filter(one -> one.id().equals(lot)).findFirst();
    }

    /** Staples that are not counted, at every level. */
    public List<Lot> staples() {
        return kitchen().staples();
    }

    /** Prices of each food, newest first. */
    public Map<Key, List<Offer>> offers() {
        return shelf.read(Offer.class, () -> prices.apply(foods(), null));
    }

    /** Where a lot of a food or of a batch is found. */
    public Key key(Lot lot) {
        return kitchen().key(lot);
    }

    /** What is there, each question with a supply of its own. */
    public Supply supply() {
        return kitchen().supply();
    }

    /** What is there with what will be. */
    public Supply supply(Collection<Supply.Ahead> willBe) {
        return kitchen().supply(willBe);
    }

    /** Which foods stand in for which here. */
    public Forms forms() {
        return kitchen().forms();
    }

    /** Stock and prices on a day, for costing. */
    public CostSheet.Known costs(LocalDate day) {
        return costs(day, offers());
    }

    private CostSheet.Known costs(LocalDate day, Map<Key, List<Offer>> offers) {
        return new CostSheet.Known(
                supply(), offers, household.seasoning(), household.flat(), household.measures(), day);
    }

    /** Stock today, and prices of no other foods than these and what they are made of: ten years of all prices take long to read. */
    public CostSheet.Known costs(Collection<Key> foods) {
        Set<Key> asked = new HashSet<>(foods);
        foods.forEach(food -> book().get(food)
                .flatMap(forms()::source)
                .ifPresent(form -> asked.add(form.by().key())));
        return costs(today(), prices.apply(foods(), asked));
    }

    /** Stock and prices today. */
    public CostSheet.Known costs() {
        return costs(today());
    }
}
