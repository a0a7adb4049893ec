package wexilla.app.stretch;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.household.StockUpPrices;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.onhand.Uses;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.stretch.Cutting.Cut;
import wexilla.app.stretch.PieceViews.BuyAsked;
import wexilla.app.stretch.PieceViews.BuyView;
import wexilla.app.stretch.PieceViews.BuysAsked;
import wexilla.app.stretch.PieceViews.BuysView;
import wexilla.app.stretch.PieceViews.StockUpInput;
import wexilla.app.stretch.PieceViews.StockUpView;
import wexilla.core.food.Food;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.stretch.BuyCompared;
import wexilla.core.stretch.StockUp;

/** Buys laid side by side for the same plates, and the prices at which a household stocks up. */
@RestController
class CompareController {

    private static final int MOST = 8;
    private static final int MOST_PLATES = 500;
    private static final int WEEKS = 8;
    private static final Rational LEAST_GRAMS = Rational.of(10);
    private static final Rational KILO = Rational.of(1000);
    private static final Rational DINNERS = Trade.number("stock-up.dinners-a-week");
    private static final Rational DRAINED = Trade.number("tin.drained");

    private final Snapshots snapshots;
    private final Reference reference;
    private final People people;
    private final StockUpPrices prices;
    private final Uses uses;
    private final Acts acts;

    CompareController(
            Snapshots snapshots, Reference reference, People people, StockUpPrices prices, Uses uses, Acts acts) {
        this.reference = reference;
        this.people = people;
        this.snapshots = snapshots;
        this.prices = prices;
        this.uses = uses;
        this.acts = acts;
    }

    @PostMapping("/api/stretch/compare")
    BuysView compare(Household household, @RequestBody BuysAsked asked) {
        if (asked.buys().isEmpty() || asked.buys().size() > MOST) {
            throw Problem.at(
                    "/buys",
                    "1 to " + MOST + " buys are compared, not " + asked.buys().size() + ".");
        }
        if (asked.plates() < 1 || asked.plates() > MOST_PLATES) {
            throw Problem.at("/plates", "For 1 to " + MOST_PLATES + " plates, not " + asked.plates() + ".");
        }
        Snapshot now = snapshots.of(household);
        List<BuyView> buys = new ArrayList<>();
        for (int i = 0; i < asked.buys().size(); i++) {
            buys.add(buy(now, asked.buys().get(i), "/buys/" + i, asked.plates()));
        }
        return new BuysView(buys, asked.plates());
    }

    private BuyView buy(Snapshot now, BuyAsked asked, String at, int plates) {
        Household household = now.household();
        Cut cut;
        try {
            cut = Cutting.of(
                    Cutting.StretchAsked.whole(asked.food(), asked.weight(), asked.price(), left(now, asked)),
                    now.book(),
                    reference,
                    household.currency());
        } catch (Problem problem) {
            throw problem.below(at);
        }
        if (cut.rawGrams().compareTo(LEAST_GRAMS) < 0) {
            throw Problem.at(
                    at + "/weight", "“" + asked.weight() + "” is too little to compare; write it like 2.5 kg.");
        }
        List<Appetite> here =
                people.active(household).stream().map(Person::appetite).toList();
        Rational eaters = here.isEmpty() ? Rational.ONE : Appetite.sum(here);
        Money price = Asked.money(at + "/price", asked.price(), household.currency());
        Food food = cut.food().orElse(null);
        BuyCompared compared = BuyCompared.of(food, cut.rawGrams(), cut.slab(), price, plates, eaters);
        Rational protein = food == null ? null : reference.bigBuys().protein().in(food, compared.plateGrams(), true);
        StockUpPrices.Price target =
                food == null ? null : prices.of(household, food).orElse(null);
        Rational rawPlate = compared.plateGrams().dividedBy(cut.yield());
        return new BuyView(
                food == null ? asked.food() : food.name(),
                compared.cookedKilo().decimal(),
                compared.plate().decimal(),
                PieceViews.whole(compared.plateGrams()),
                compared.plates(),
                Amount.of(compared.needed(), Unit.G).toString(),
                compared.neededCost().decimal(),
                compared.hands().rounded().intValueExact(),
                PieceViews.saves(compared),
                compared.besides(),
                protein == null ? null : PieceViews.whole(protein),
                food == null || target == null
                        ? ""
                        : stockUp(now, food, target, price, cut.rawGrams(), rawPlate.times(eaters)),
                target == null ? null : target.perKilo().decimal());
    }

    /** The yield as typed; of a tin what is left when it is drained. */
    private static @Nullable String left(Snapshot now, BuyAsked asked) {
        boolean tin = now.book()
                .find(asked.food())
                .filter(food -> food.traits().cooked() == null)
                .map(food -> food.name().startsWith("tinned "))
                .orElse(false);
        return asked.cookedYield() == null && tin ? DRAINED.plain() : asked.cookedYield();
    }

    /** @param dinner grams of it that everybody eats in one dinner */
    private String stockUp(
            Snapshot now, Food food, StockUpPrices.Price target, Money price, Rational grams, Rational dinner) {
        Household household = now.household();
        LocalDate since = now.today().minusWeeks(WEEKS);
        BigDecimal used = uses.since(household, target.food(), since);
        Rational aWeek = used.signum() > 0 ? Rational.of(used).dividedBy(Rational.of(WEEKS)) : dinner.times(DINNERS);
        KeepingRule.Span frozen =
                reference.keeping(household).rule(food.keepingClass()).freezer();
        Money perKilo = Money.rounded(price.exact().times(KILO).dividedBy(grams), price.currency());
        return StockUp.of(
                        perKilo,
                        target.perKilo(),
                        snapshots.kitchen(household).roomOrUsual(),
                        frozen == null ? 0 : frozen.to(),
                        aWeek)
                .words();
    }

    /** The prices at or under which this household stocks up. */
    @GetMapping("/api/stretch/stock-up")
    List<StockUpView> stockUpPrices(Household household) {
        return prices.all(household).stream()
                .map(price -> new StockUpView(price.food(), price.perKilo().decimal()))
                .toList();
    }

    /** At or under this price of a kilo a food is stocked up. */
    @PostMapping("/api/stretch/stock-up")
    Said stockUp(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody StockUpInput input) {
        return acts.say(household, key, "stock-up", input, act -> {
            String typed = input.perKilo();
            Food food = snapshots
                    .of(household)
                    .book()
                    .find(input.food())
                    .orElseThrow(() ->
                            Problem.at("/food", "Nobody knows what “" + input.food() + "” is; describe it first."));
            if (typed == null || typed.isBlank()) {
                prices.set(act, food, null);
                return "No price to stock up at: " + food.name();
            }
            Money perKilo = Asked.money("/perKilo", typed, household.currency());
            if (perKilo.minor() == 0) {
                throw Problem.at("/perKilo", "A kilo costs something; leave it empty to forget the price.");
            }
            prices.set(act, food, perKilo);
            return "Stocked up at or under " + perKilo.decimal() + " a kilo: " + food.name();
        });
    }
}
