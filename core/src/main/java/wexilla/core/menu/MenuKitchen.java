package wexilla.core.menu;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.Form;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Thaw;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.money.Cost;
import wexilla.core.plan.Eater;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.Offer;
import wexilla.core.pricing.PackTable;
import wexilla.core.pricing.WholePacks;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/** Recipes and stock of a household as a {@link MenuProblem} sees them: what each dish takes, costs and needs. */
public final class MenuKitchen {

    private static final Rational THOUSAND = Rational.of(1000);
    private static final Rational MILLION = Rational.of(1_000_000);
    private static final long UNPRICED = MenuWeights.MINOR * Trade.whole("menu.unpriced-thousand");
    private final Supply supply;
    private final CostSheet.Known prices;
    private final LocalDateTime now;
    private final LocalTime begins;
    private final LocalDate start;
    private final KeepingGuide guide;
    private final Map<Place, Integer> places = new HashMap<>();
    private final List<Stocked> foods = new ArrayList<>();
    private final List<Cost> priced = new ArrayList<>();
    private final Map<Unit, List<Rational>> usual = new HashMap<>();

    /**
     * @param supply what is there and nobody has spoken for
     * @param prices of what must be bought: with nothing in stock, the best offer of each food first
     * @param guide how long what is left of a pack keeps
     * @param begins when work for the earliest meal begins: what is frozen has to be thawed by then
     * @param start the day that is day 0
     */
    public MenuKitchen(
            Supply supply,
            CostSheet.Known prices,
            KeepingGuide guide,
            LocalDateTime now,
            LocalTime begins,
            LocalDate start) {
        this.guide = guide;
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
     * @param most portions that are cooked at once
     */
    public record Candidate(
            Sized once, Sized twice, int keeps, boolean freezes, int liked, boolean untried, int most) {}

    /** The foods that the dishes asked for so far use. */
    public List<MenuProblem.Food> foods() {
        return foods.stream().map(Stocked::food).toList();
    }

    /** For each dish asked for so far, what goes in costs, with the prices that are missing. */
    public List<Cost> priced() {
        return List.copyOf(priced);
    }

    /** A recipe as a dish of the plan. */
    public Dish dish(Candidate candidate) {
        Sized once = candidate.once();
        int portions = once.recipe().portions();
        priced.add(CostSheet.of(CostSheet.Wanted.of(once), prices).total());
        Takes takes = takes(once, Rational.of(portions));
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
                candidate.most(),
                0,
                takes.unpriced(),
                takes.uses());
    }

    private boolean leftovers(Sized dish) {
        return dish.lines().stream()
                .flatMap(line -> Stream.ofNullable(line.read().food()))
                .flatMap(food -> supply.left(food.key()).stream())
                .anyMatch(lot -> lot.cooked()
                        && lot.frozenAs() == null
                        && !lot.amount().value().isZero());
    }

    /**
     * What goes into a portion: of what is in stock or can be bought, and what the rest weighs.
     *
     * @param unpriced of what nobody knows the price of; never told, never money
     */
    public record Takes(List<Use> uses, long unpriced) {}

    /** What a portion of this takes; seasonings are no purchase of a dish. @param portions it makes */
    public Takes takes(Sized dish, Rational portions) {
        List<Use> uses = new ArrayList<>();
        long unpriced = 0;
        for (Needs.Want want : Needs.Want.of(dish.lines(), start, dish.recipe().title())) {
            Use there = there(want, portions);
            if (there != null) {
                uses.add(there);
                continue;
            }
            for (Needs.Item item :
                    Needs.of(List.of(want), supply.bare(), prices.measures()).items()) {
                for (Amount lacking : item.lacking()) {
                    int place = place(item.food(), lacking.unit());
                    if (foods.get(place).priced()) {
                        uses.add(use(place, lacking, portions));
                    } else {
                        unpriced += usual(lacking);
                    }
                }
            }
        }
        return new Takes(uses, Rational.of(unpriced).dividedBy(portions).floor().longValueExact());
    }

    /** What is bought whatever is chosen: what stands in the plan and stock does not meet. @param last day of the plan */
    public void besides(Needs wants, LocalDate last) {
        for (Needs.Met met : wants.met()) {
            Amount lacking = met.lacking();
            Needs.Want want = met.want();
            if (lacking != null
                    && want.food() != null
                    && want.made() == null
                    && want.bought()
                    && !want.day().isBefore(start)
                    && !want.day().isAfter(last)) {
                Stocked food = foods.get(place(want.food(), lacking.unit()));
                food.besides.add(new MenuProblem.Besides(offset(want.day()), thousandths(lacking)));
            }
        }
    }

    /** What a portion takes of what is in stock; null where nothing of it, nor of what silently stands in for it, is there. */
    private @Nullable Use there(Needs.Want want, Rational portions) {
        Food food = want.food();
        Amount wanted = want.amount();
        if (food == null || wanted == null || want.made() != null) {
            return null;
        }
        Amount need = supply.reckon(food, wanted, prices.measures()).need();
        if (need == null) {
            return null;
        }
        if (!lots(food, need.unit()).isEmpty()) {
            return use(place(food, need.unit()), need, portions);
        }
        if (!need.unit().equals(food.base())) {
            return null;
        }
        return supply.silent(food).stream()
                .filter(form -> !lots(form.by(), form.by().base()).isEmpty())
                .findFirst()
                .map(form -> use(
                        place(food, form),
                        Amount.of(
                                need.value().dividedBy(form.gives()), form.by().base()),
                        portions))
                .orElse(null);
    }

    private static Use use(int place, Amount need, Rational portions) {
        return new Use(
                place, need.value().times(MILLION).dividedBy(portions).floor().longValueExact());
    }

    private List<OpenLot> lots(Food food, Unit unit) {
        return supply.left(food.key()).stream()
                .filter(lot -> lot.pin() == null && !lot.amount().value().isZero() && !lot.pastLimit(start))
                .filter(lot -> lot.amount().unit().equals(unit))
                .toList();
    }

    /** A food as the problem has it, under way. */
    private static final class Stocked {
        private final String name;
        private final Unit unit;
        private final List<Lot> lots;
        private final List<PackTable.Pack> packs;
        private final long worth;
        private final int keeps;
        private final List<MenuProblem.Besides> besides = new ArrayList<>();

        Stocked(String name, Unit unit, List<Lot> lots, List<PackTable.Pack> packs, int keeps) {
            this.name = name;
            this.unit = unit;
            this.lots = lots;
            this.packs = packs;
            this.keeps = keeps;
            worth = packs.stream()
                    .mapToLong(pack -> pack.price() * 1_000_000 / pack.amount())
                    .min()
                    .orElse(UNPRICED);
        }

        boolean priced() {
            return !packs.isEmpty() || !lots.isEmpty();
        }

        MenuProblem.Food food() {
            List<MenuProblem.Besides> sorted = besides.stream()
                    .sorted(Comparator.comparingInt(MenuProblem.Besides::day))
                    .toList();
            return new MenuProblem.Food(name, unit, worth, lots, packs, keeps, sorted);
        }
    }

    private record Place(Key food, Unit unit) {}

    private int place(Food food, Unit unit) {
        return places.computeIfAbsent(
                new Place(food.key(), unit),
                key -> add(food, unit, lots(food, unit), WholePacks.items(kinds(food, unit), MenuWeights.MINOR)));
    }

    /** What stands in for a food: taken where it is there, bought as the food itself is. */
    private int place(Food food, Form form) {
        Food by = form.by();
        return places.computeIfAbsent(new Place(by.key(), by.base()), key -> {
            List<PackTable.Pack> own = WholePacks.items(kinds(food, food.base()), MenuWeights.MINOR).stream()
                    .map(pack -> new PackTable.Pack(
                            Rational.of(pack.amount())
                                    .dividedBy(form.gives())
                                    .ceiling()
                                    .longValueExact(),
                            pack.price(),
                            pack.packs()))
                    .toList();
            return add(by, by.base(), lots(by, by.base()), own);
        });
    }

    private int add(Food food, Unit unit, List<OpenLot> lots, List<PackTable.Pack> packs) {
        Optional<LocalDate> until = guide.spareUntil(food.keepingClass(), start);
        foods.add(new Stocked(
                food.name(),
                unit,
                lots.stream().map(this::lot).toList(),
                packs,
                until.map(this::offset).orElse(MenuProblem.NONE)));
        return foods.size() - 1;
    }

    private List<WholePacks> kinds(Food food, Unit unit) {
        return prices.offers().getOrDefault(food.key(), List.of()).stream()
                .filter(offer -> offer.pack().unit().equals(unit))
                .map(Offer::packs)
                .toList();
    }

    private Lot lot(OpenLot lot) {
        LocalDate ready = Thaw.ready(now, lot.hoursToThaw(lot.amount()), begins);
        return new Lot(
                thousandths(lot.amount()),
                Math.max(0, offset(ready)),
                lot.limit() == null ? MenuProblem.NONE : Math.max(0, offset(lot.limit())),
                false);
    }

    private static long thousandths(Amount amount) {
        return amount.value().times(THOUSAND).floor().longValueExact();
    }

    private int offset(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(start, day);
    }

    /**
     * What weighs for so much of something nobody knows the price of: the middle one of all prices known in its unit, so that
     * a dish is not the cheaper for it. Hundredths of minor units; 0 where no price is known at all. Own definition.
     */
    private long usual(Amount need) {
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
}
