package wexilla.core.menu;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.keeping.Thaw;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.money.Cost;
import wexilla.core.plan.Eater;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.LineCost;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** Recipes and stock of a household as a {@link MenuProblem} sees them: what each dish takes, costs and needs. */
public final class MenuKitchen {

    private static final Rational THOUSAND = Rational.of(1000);
    private static final long UNPRICED = MenuWeights.MINOR * Trade.whole("menu.unpriced-thousand");
    /** Cookings of a recipe at once, at most. */
    private static final int MOST_TIMES = 3;

    private final Supply supply;
    private final CostSheet.Known prices;
    private final LocalDateTime now;
    private final LocalTime begins;
    private final LocalDate start;
    private final Map<Key, Integer> places = new LinkedHashMap<>();
    private final List<MenuProblem.Food> foods = new ArrayList<>();
    private final List<Cost> priced = new ArrayList<>();
    private final Map<Unit, List<Rational>> usual = new HashMap<>();

    /**
     * @param supply what is there and nobody has spoken for
     * @param prices of what must be bought: with nothing in stock, the best offer of each food first
     * @param begins when work for the earliest meal begins: what is frozen has to be thawed by then
     * @param start the day that is day 0
     */
    public MenuKitchen(Supply supply, CostSheet.Known prices, LocalDateTime now, LocalTime begins, LocalDate start) {
        this.begins = begins;
        this.supply = supply;
        this.prices = prices;
        this.now = now;
        this.start = start;
    }

    /**
     * A recipe that may be cooked.
     *
     * @param once as written, {@code twice} at double the size: between them lies what a portion more takes
     * @param keeps the last day in the fridge after the day of cooking
     * @param liked from −2, not eaten, to 2, again soon
     */
    public record Candidate(Sized once, Sized twice, int keeps, boolean freezes, int liked, boolean untried) {}

    /** The foods of the stock that the dishes asked for so far use. */
    public List<MenuProblem.Food> foods() {
        return List.copyOf(foods);
    }

    /** For each dish asked for so far, what goes in costs, with the prices that are missing. */
    public List<Cost> priced() {
        return List.copyOf(priced);
    }

    /** A recipe as a dish of the plan. */
    public Dish dish(Candidate candidate) {
        Sized once = candidate.once();
        int portions = once.recipe().portions();
        List<Use> uses = new ArrayList<>();
        long cost = 0;
        long unpriced = 0;
        CostSheet sheet = CostSheet.of(CostSheet.Wanted.of(once), prices);
        priced.add(sheet.total());
        for (int i = 0; i < sheet.lines().size(); i++) {
            Use use = use(once.lines().get(i), portions);
            LineCost line = sheet.lines().get(i);
            if (use == null) {
                cost += line.cost().known().minor();
                unpriced += line.cost().complete() ? 0 : usual(line.need());
            } else {
                uses.add(use);
            }
        }
        cost += sheet.flat().minor();
        StepTime time = ScaledStep.time(once.steps());
        int hands = time.handsMin();
        int more = Math.max(0, ScaledStep.time(candidate.twice().steps()).handsMin() - hands);
        int fixed = Math.max(0, hands - more);
        return new Dish(
                once.recipe().title(),
                PlannedMeal.proteins(Eater.foods(once.recipe())),
                candidate.liked(),
                candidate.untried(),
                fixed,
                100 * more / portions,
                time.minutes(),
                // with leftovers in it, it is as old as they are: what is not eaten that day is frozen
                leftovers(once) ? 0 : candidate.keeps(),
                candidate.freezes(),
                MOST_TIMES * portions,
                MenuWeights.MINOR * cost / portions,
                unpriced / portions,
                uses);
    }

    private boolean leftovers(Sized dish) {
        return dish.lines().stream()
                .flatMap(line -> Stream.ofNullable(line.read().food()))
                .flatMap(food -> supply.left(food.key()).stream())
                .anyMatch(lot -> lot.cooked()
                        && lot.frozenAs() == null
                        && !lot.amount().value().isZero());
    }

    /** What a portion takes of what is in stock; null where nothing of it, nor of what silently stands in for it, is there. */
    private @Nullable Use use(Sized.Line line, int portions) {
        Food food = line.read().food();
        Amount wanted = line.wanted();
        if (food == null || wanted == null || line.line().made() != null || supply.has(food.key())) {
            return null;
        }
        Amount need = supply.reckon(food, wanted, prices.measures()).need();
        if (need == null) {
            return null;
        }
        Use own = use(food, need, portions);
        return own != null || !need.unit().equals(food.base())
                ? own
                : supply.silent(food).stream()
                        .flatMap(form -> Stream.ofNullable(use(
                                form.by(),
                                Amount.of(
                                        need.value().dividedBy(form.gives()),
                                        form.by().base()),
                                portions)))
                        .findFirst()
                        .orElse(null);
    }

    private @Nullable Use use(Food food, Amount need, int portions) {
        List<OpenLot> left = supply.left(food.key()).stream()
                .filter(lot -> lot.pin() == null && !lot.amount().value().isZero() && !lot.pastLimit(start))
                .toList();
        if (left.stream().noneMatch(lot -> lot.amount().unit().equals(need.unit()))) {
            return null;
        }
        int place = places.computeIfAbsent(food.key(), key -> {
            long price = price(food, need);
            List<Lot> lots = left.stream()
                    .filter(lot -> lot.amount().unit().equals(need.unit()))
                    .map(this::lot)
                    .toList();
            foods.add(new MenuProblem.Food(food.name(), price, price == 0 ? UNPRICED : price, lots));
            return foods.size() - 1;
        });
        return new Use(
                place,
                need.value()
                        .times(THOUSAND)
                        .dividedBy(Rational.of(portions))
                        .floor()
                        .longValueExact());
    }

    private Lot lot(OpenLot lot) {
        LocalDate ready = Thaw.ready(now, lot.hoursToThaw(lot.amount()), begins);
        return new Lot(
                lot.amount().value().times(THOUSAND).floor().longValueExact(),
                Math.max(0, offset(ready)),
                lot.limit() == null ? MenuProblem.NONE : Math.max(0, offset(lot.limit())),
                false);
    }

    private int offset(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(start, day);
    }

    /**
     * What weighs for so much of something nobody knows the price of: the middle one of all prices known in its unit, so that
     * a dish is not the cheaper for it. Hundredths of minor units; 0 where no price is known at all. Own definition.
     */
    private long usual(@Nullable Amount need) {
        if (need == null) {
            return 0;
        }
        List<Rational> known = usual.computeIfAbsent(
                need.unit(),
                unit -> prices.offers().values().stream()
                        .flatMap(offers -> offers.stream()
                                .filter(offer -> offer.pack().unit().equals(unit))
                                .limit(1))
                        .map(offer -> Objects.requireNonNull(offer.unitPrice()).minorPerUnit())
                        .sorted()
                        .toList());
        return known.isEmpty()
                ? 0
                : known.get(known.size() / 2)
                        .times(need.value())
                        .times(Rational.of(MenuWeights.MINOR))
                        .floor()
                        .longValueExact();
    }

    /** Hundredths of minor units for a thousand base units by the best offer; 0 where nobody knows one. */
    private long price(Food food, Amount need) {
        return prices.offers().getOrDefault(food.key(), List.of()).stream()
                .filter(offer -> offer.pack().unit().equals(need.unit()))
                .findFirst()
                .map(Offer::unitPrice)
                .map(price -> Objects.requireNonNull(price)
                        .minorPerUnit()
                        .times(Rational.of(100_000))
                        .floor()
                        .longValueExact())
                .orElse(0L);
    }
}
