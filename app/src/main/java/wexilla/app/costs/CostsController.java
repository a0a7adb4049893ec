package wexilla.app.costs;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Foods;
import wexilla.app.onhand.Prices;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.today.Spent;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** Costs. */
@RestController
class CostsController {

    private static final int WEEKS = 8;
    private static final Rational DAYS = Rational.of(7);
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_SHOP = 40;

    private final Prices prices;
    private final Spent spent;
    private final Foods foods;
    private final Acts acts;
    private final Snapshots snapshots;

    CostsController(Prices prices, Spent spent, Foods foods, Acts acts, Snapshots snapshots) {
        this.prices = prices;
        this.spent = spent;
        this.foods = foods;
        this.acts = acts;
        this.snapshots = snapshots;
    }

    /**
     * The newest price of a food.
     *
     * @param each decimal money for {@code unit}: a kilo, a litre or one
     * @param old whether it was seen more than 90 days ago
     * @param shop where; absent where nobody said
     */
    record PriceView(
            String food,
            String name,
            String pack,
            String price,
            String each,
            String unit,
            String seenOn,
            boolean old,
            @Nullable String multi,
            @Nullable String shop) {}

    /**
     * A week from Monday. Decimal money.
     *
     * @param used what was eaten; {@code paid} at tills; {@code binned}
     * @param paidADay what was paid by the seven days it feeds, however few of them are cooked on
     */
    record WeekOf(String monday, String used, String paid, String paidADay, String binned, String given) {}

    record CostsView(List<PriceView> prices, List<WeekOf> weeks) {}

    @GetMapping("/api/costs")
    CostsView costs(Household household) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        List<PriceView> shown = new ArrayList<>();
        now.offers().forEach((key, seen) -> shown.add(view(now.book().get(key).orElseThrow(), seen.get(0), today)));
        shown.sort(Comparator.comparing(PriceView::name));
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        List<WeekOf> weeks = new ArrayList<>();
        for (Spent.Days week : spent.weeks(household, monday, WEEKS)) {
            weeks.add(new WeekOf(
                    monday.minusWeeks(weeks.size()).toString(),
                    week.used().decimal(),
                    week.paid().decimal(),
                    Money.rounded(week.paid().exact().dividedBy(DAYS), household.currency())
                            .decimal(),
                    week.binned().decimal(),
                    week.given().decimal()));
        }
        return new CostsView(shown, weeks);
    }

    private static PriceView view(Food food, Offer offer, LocalDate today) {
        boolean piece = offer.pack().unit().equals(Unit.PIECE);
        Rational big = piece ? Rational.ONE : Rational.of(1000);
        Money each = offer.unitPrice().of(big);
        WholePacks.MultiBuy multi = offer.multi();
        String unit = piece ? "each" : offer.pack().unit().equals(Unit.ML) ? "a litre" : "a kilo";
        return new PriceView(
                food.key().id(),
                food.name(),
                offer.pack().toString(),
                offer.price().decimal(),
                each.decimal(),
                unit,
                offer.seenOn().toString(),
                offer.old(today),
                multi == null
                        ? null
                        : multi.count() + " for " + multi.price().decimal() + ": "
                                + multi.each().decimal() + " a pack",
                offer.shop());
    }

    /** @param pack what the price is for: "1 kg"; @param price decimal money of one; @param multi "3 for 13.00", absent without; @param shop where, absent where nobody says */
    record PriceInput(
            String food,
            String pack,
            String price,
            @Nullable String multi,
            @Nullable String shop) {}

    @PostMapping("/api/costs/prices")
    Said price(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody PriceInput input) {
        return acts.say(household, key, "price", input, act -> {
            String name = Asked.name("/food", input.food(), LONGEST_NAME);
            Amount pack = Asked.amount("/pack", input.pack());
            Amount base = Asked.at("/pack", () -> household.measures().toBase(pack));
            if (base.value().isZero()) {
                throw Problem.at("/pack", "A pack of nothing has no price.");
            }
            Money price = Asked.money("/price", input.price(), household.currency());
            String several = input.multi();
            WholePacks.MultiBuy multi = several == null || several.isBlank()
                    ? null
                    : Asked.at("/multi", () -> WholePacks.MultiBuy.parse(several, household.currency()));
            Unit unit = base.unit().equals(Unit.G) || base.unit().equals(Unit.ML) ? base.unit() : Unit.PIECE;
            Food food = foods.known(household).book().find(name).orElseGet(() -> foods.own(household, name, unit));
            Amount counted = Conversion.convert(food, pack, food.base(), household.measures())
                            instanceof Conversion.Converted converted
                    ? converted.amount()
                    : Amount.of(base.value(), unit);
            String shop = input.shop() == null || input.shop().isBlank()
                    ? null
                    : Asked.name("/shop", input.shop(), LONGEST_SHOP);
            prices.record(
                    act, new Change.PriceSeen(foods.row(household, food), counted, price, act.day(), multi, shop));
            return "Price: " + food.name() + ", " + pack + " for " + price.decimal();
        });
    }
}
