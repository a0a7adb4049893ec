package wexilla.core.kitchen;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Forms;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.kitchen.house.Place;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;

/** A kitchen made up in memory, for acts that need no database. Ids are counted, so that the same making is the same. */
public final class MadeKitchen {

    public static final Currency EUR = Currency.getInstance("EUR");

    /** Days as the keeping table has them, shortened to what these tests need. */
    private static final KeepingGuide GUIDE = new KeepingGuide(List.of(
            new KeepingRule("cooked-dish", "cooked dish", new Span(3, 4), new Span(2, 3), null, null, "test"),
            new KeepingRule("cooked-rice", "cooked rice", new Span(1, 1), new Span(1, 1), null, null, "test"),
            new KeepingRule("raw-mince", "raw mince", new Span(1, 2), new Span(3, 4), null, null, "test")));

    /** A household with euro and metric; nobody said a country. */
    public static final Household HOUSEHOLD = new Household(
            new UUID(1, 0),
            "made",
            ZoneId.of("Europe/Dublin"),
            EUR,
            KitchenMeasure.System.METRIC,
            Measures.METRIC,
            Seasoning.FLAT,
            Money.of(15, EUR),
            false,
            OwnGoods.values()[0],
            null,
            1);

    private final LocalDate day;
    private final Map<Storage, Place> places = new LinkedHashMap<>();
    private final List<Lot> lots = new ArrayList<>();
    private long ids;

    public MadeKitchen(LocalDate day) {
        this.day = day;
        for (Storage storage : Storage.values()) {
            places.put(storage, new Place(id(), storage.name().toLowerCase(java.util.Locale.ROOT), storage));
        }
    }

    /** The next id. */
    public UUID id() {
        return new UUID(0, ++ids);
    }

    /** Portions of a dish. @param batch it is of, {@code minor} what it cost, {@code age} days since it was cooked */
    public UUID dish(UUID batch, Style style, long portions, long minor, Storage where, int age) {
        Place place = places.get(where);
        LotClock from = LotClock.start(style == Style.RAW_BAG ? "raw-mince" : "cooked-dish", day.minusDays(age));
        LotClock clock = where == Storage.FREEZER ? from.frozen(day.minusDays(age)) : from;
        Lot.What what = new Lot.What("dish of the day", null, batch, null, null, style);
        UUID id = id();
        lots.add(new Lot(
                id,
                what,
                Amount.of(portions, Unit.PORTION),
                Lot.Level.COUNTED,
                Cost.of(Money.of(minor, EUR)),
                "",
                new Lot.Spot(place.id(), place.name(), where, Lot.frozenAs(what, clock, place, Lot.Packet.NONE, GUIDE)),
                style == Style.RAW_BAG ? Lot.State.RAW : Lot.State.COOKED,
                clock,
                null,
                GUIDE.dates(clock, where),
                Lot.Packet.NONE,
                false,
                null));
        return id;
    }

    public Kitchen kitchen() {
        return Kitchen.stock(
                HOUSEHOLD,
                day.atTime(12, 0),
                GUIDE,
                new KnownFoods(new FoodBook(List.of()), Map.of(), Forms.NONE),
                lots,
                List.copyOf(places.values()));
    }

    /** Minor units all lots are worth together. */
    public static long worth(Kitchen kitchen) {
        return kitchen.lots().stream()
                .mapToLong(lot -> lot.cost().known().minor())
                .sum();
    }

    /** Portions of a batch that are there. */
    public static Amount portions(Kitchen kitchen, @Nullable UUID batch) {
        return kitchen.lots().stream()
                .filter(lot -> lot.batch() != null && lot.batch().equals(batch))
                .map(Lot::amount)
                .reduce(Amount.of(0, Unit.PORTION), Amount::plus);
    }
}
