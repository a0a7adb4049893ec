package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import wexilla.core.cookday.CookDay;
import wexilla.core.keeping.DishKeeping;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Written;
import wexilla.core.plan.Countdown;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.ahead.CookedAhead;
import wexilla.core.recipe.DishWeight;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.Supply;

/**
 * Meals with what is made of those that are planned: an earlier one has the stock first.
 *
 * @param meals all of these days from today on
 * @param batches and {@code recipes} they name, and batches that are planned
 * @param ahead what is cooked or stretched on days of its own
 * @param keeping how each planned batch keeps once it is cooked
 * @param eaten the meals of the last days, the earliest first
 */
public record Looked(
        List<Meal> meals,
        Map<UUID, Batch> batches,
        Map<UUID, Written> recipes,
        List<PlanCheck.Batch> ahead,
        Map<UUID, DishKeeping> keeping,
        List<PlannedMeal> eaten,
        PlanCheck check) {

    /** How a dish of these meals is called. */
    public String name(Meal.Dish dish) {
        UUID of = dish.of();
        if (of != null && batches.containsKey(of)) {
            return batches.get(of).name();
        }
        return of != null && recipes.containsKey(of) ? recipes.get(of).recipe().title() : dish.text();
    }

    /** This meal as checked; empty where it is over. */
    public Optional<PlanCheck.Checked> of(Meal meal) {
        return check.checked().stream()
                .filter(one -> one.evening().when().equals(meal.when()))
                .findFirst();
    }

    /**
     * Checks the meals from today on.
     *
     * @param kitchen with the meals since {@link Repeats#DAYS} ago
     * @param to the last day whose cookings are looked at
     */
    public static Looked of(Kitchen kitchen, LocalDate to) {
        return new Looking(kitchen, to).look();
    }

    private record Looking(
            Kitchen kitchen, LocalDate to, List<Meal> planned, List<PlannedMeal> seen, List<Batch> cookDays) {

        Looking(Kitchen kitchen, LocalDate to) {
            this(
                    kitchen,
                    to,
                    ahead(kitchen).stream()
                            .filter(meal -> meal.state() == Meal.State.PLANNED)
                            .toList());
        }

        private Looking(Kitchen kitchen, LocalDate to, List<Meal> planned) {
            this(
                    kitchen,
                    to,
                    planned,
                    planned.stream().map(new Seeing(kitchen)::of).toList(),
                    kitchen.planned().batches().values().stream()
                            .filter(batch -> batch.state() == Batch.State.PLANNED
                                    && !batch.cookOn().isBefore(kitchen.today()))
                            .toList());
        }

        private static List<Meal> ahead(Kitchen kitchen) {
            return kitchen.planned().meals().stream()
                    .filter(meal -> !meal.day().isBefore(kitchen.today()))
                    .toList();
        }

        Looked look() {
            Planned plan = kitchen.planned();
            List<Meal> before = plan.meals().stream()
                    .filter(meal -> meal.day().isBefore(kitchen.today()))
                    .toList();
            Seeing seeing = new Seeing(kitchen);
            List<PlannedMeal> eaten = Seeing.lately(kitchen, before, ahead(kitchen)).stream()
                    .map(seeing::of)
                    .toList();
            List<PlanCheck.Batch> ahead = cookings();
            ahead.addAll(stretched());
            Map<UUID, DishKeeping> asNew = keeping(batch -> List.of());
            PlanCheck first = check(ahead, asNew, eaten);
            // a dish is as old as the oldest cooked thing that goes into it, and that is known once its wants are met
            Map<UUID, DishKeeping> keeping =
                    keeping(batch -> first.goesInto(batch.id().toString(), batch.cookOn()));
            PlanCheck then = keeping.equals(asNew) ? first : check(ahead, keeping, eaten);
            return new Looked(ahead(kitchen), plan.batches(), plan.recipes(), ahead, keeping, eaten, then);
        }

        private PlanCheck check(List<PlanCheck.Batch> ahead, Map<UUID, DishKeeping> keeping, List<PlannedMeal> eaten) {
            List<Supply.Ahead> willBe = new ArrayList<>();
            cookDays.forEach(batch ->
                    willBe(batch, keeping).forEach(lot -> willBe.add(new Supply.Ahead(batch.key(), lot, List.of()))));
            kitchen.planned()
                    .buys()
                    .forEach(buy -> willBe.addAll(buy.ahead(kitchen.foods().book())));
            boolean severalHot = seen.stream().anyMatch(meal -> Countdown.hot(meal) > 1);
            return PlanCheck.of(
                    seen,
                    ahead,
                    new PlanCheck.Kitchen(
                            kitchen.supply(willBe),
                            kitchen.measures(),
                            kitchen.now(),
                            severalHot ? kitchen.home().gear() : List.of(),
                            freezes(planned) ? kitchen.room().orElse(null) : null,
                            eaten));
        }

        private Map<UUID, DishKeeping> keeping(Function<Batch, List<KeepingGuide.Ingredient>> aged) {
            Map<UUID, DishKeeping> keeping = new HashMap<>();
            for (Batch batch : cookDays) {
                keeping.put(
                        batch.id(),
                        batch.sized(kitchen.measures())
                                .map(sized ->
                                        DishKeeping.Dish.of(sized, batch.style(), aged.apply(batch), batch.cookOn()))
                                .map(dish -> DishKeeping.of(dish, kitchen.guide()))
                                .orElseGet(() -> new DishKeeping(KeepingGuide.COOKED_DISH, batch.cookOn(), "")));
            }
            return keeping;
        }

        /** Joints to be stretched in these days, with what their parts are stretched with. */
        private List<PlanCheck.Batch> stretched() {
            List<String> cooked = seen.stream()
                    .flatMap(meal -> meal.dishes().stream())
                    .filter(PlannedMeal.Cook.class::isInstance)
                    .map(PlannedMeal.Dish::name)
                    .toList();
            return kitchen.planned().buys().stream()
                    .flatMap(buy -> buy.wants(kitchen.reader(), CookDay.BEGIN, cooked).stream())
                    .filter(want -> !want.begin().toLocalDate().isAfter(to))
                    .toList();
        }

        private List<PlanCheck.Batch> cookings() {
            List<PlanCheck.Batch> ahead = new ArrayList<>();
            for (Batch batch : cookDays) {
                if (!batch.cookOn().isAfter(to)) {
                    batch.sized(kitchen.measures())
                            .ifPresent(sized -> ahead.add(new PlanCheck.Batch(
                                    batch.id().toString(),
                                    "cook day: " + batch.name(),
                                    sized.goesIn(batch.style()),
                                    batch.cookOn().atTime(CookDay.BEGIN))));
                }
            }
            return ahead;
        }

        /** What a planned batch will be once it is cooked: there for the meals after. */
        private List<OpenLot> willBe(Batch batch, Map<UUID, DishKeeping> keeping) {
            DishKeeping keeps = Objects.requireNonNull(keeping.get(batch.id()));
            List<CookedAhead.Wanted> wanted = new ArrayList<>();
            for (int meal = 0; meal < planned.size(); meal++) {
                List<PlannedMeal.Dish> dishes = seen.get(meal).dishes();
                for (int dish = 0; dish < dishes.size(); dish++) {
                    boolean frozen = planned.get(meal).dishes().get(dish).frozen();
                    if (frozen
                            && dishes.get(dish) instanceof PlannedMeal.FromStock stock
                            && stock.key().equals(batch.key())) {
                        wanted.add(new CookedAhead.Wanted(planned.get(meal).day(), stock.portions()));
                    }
                }
            }
            return new CookedAhead(
                            batch.id().toString(),
                            batch.portions(),
                            keeps.keepingClass(),
                            keeps.from(),
                            batch.cookOn(),
                            batch.sized(kitchen.measures())
                                    .map(sized -> DishWeight.portion(sized, batch.style(), kitchen.measures()))
                                    .orElse(null))
                    .lots(wanted, kitchen.guide(), kitchen.household().currency());
        }
    }

    /** Whether something of these meals is to be frozen: only then anybody asks for room. */
    public static boolean freezes(List<Meal> meals) {
        return meals.stream()
                .filter(meal -> meal.state() == Meal.State.PLANNED)
                .anyMatch(meal -> meal.dishes().stream().anyMatch(Meal.Dish::frozen));
    }
}
