package wexilla.core.stations.eat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Written;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs.Want;
import wexilla.core.stations.cook.Cooking;
import wexilla.core.stations.cook.Stove;
import wexilla.core.stations.plan.Seeing;

/**
 * A meal as it was planned: cooked now when nobody did it through the station, and served.
 *
 * @param stove with the meal, its batches and recipes, prices and places
 * @param besides what each recipe gives beside its portions as it is written
 */
public record AsPlanned(Stove stove, Map<UUID, List<Stove.Besides>> besides) {

    public AsPlanned {
        besides = Map.copyOf(besides);
    }

    /** Serves every dish of a meal. @param left portions that stay of each @return what it cost */
    public Cost serve(Meal meal, Rational left) {
        PlannedMeal seen = new Seeing(stove.kitchen()).of(meal);
        Cost cost = nothing();
        int pos = 0;
        for (PlannedMeal.Dish dish : seen.dishes()) {
            UUID of = meal.dishes().get(pos++).of();
            if (dish instanceof PlannedMeal.FromStock stock) {
                UUID batch = UUID.fromString(stock.key().id());
                cookFirst(batch, meal.day());
                cost = cost.plus(wants(Want.of(stock.add(), seen.day(), stock.name())));
                cost = cost.plus(dish(batch, stock.portions(), left));
            } else if (dish instanceof PlannedMeal.Cook cook) {
                cost = cost.plus(cooked(Objects.requireNonNull(of), cook, seen, left));
            } else if (dish instanceof PlannedMeal.Side side) {
                cost = cost.plus(wants(PlanCheck.wants(seen, side)));
            }
        }
        return cost;
    }

    /** A batch that was planned for this day or before and nobody wrote down was cooked as planned. */
    private void cookFirst(UUID id, LocalDate day) {
        Kitchen kitchen = stove.kitchen();
        Batch batch = kitchen.planned().batches().get(id);
        if (batch == null
                || batch.state() != Batch.State.PLANNED
                || batch.recipe() == null
                || batch.cookOn().isAfter(day)) {
            return;
        }
        Written written = new Written(
                Objects.requireNonNull(batch.recipeId()),
                Objects.requireNonNull(batch.n()),
                0,
                Written.About.NOTHING,
                batch.recipe());
        Sized sized = batch.sized(kitchen.measures()).orElseThrow();
        cook(Cooking.Order.simply(kitchen, written, id, sized, batch.style(), batch.portions()));
    }

    private void cook(Cooking.Order order) {
        new Cooking(stove).cook(order);
        Rational factor = order.sized().size().factor();
        for (Stove.Besides one : besides.getOrDefault(order.written().id(), List.of())) {
            stove.besides(one.times(factor), order.written().recipe().title());
        }
    }

    /** Cooked that day through the station, or now, as written at its size; then eaten. */
    private Cost cooked(UUID recipe, PlannedMeal.Cook cook, PlannedMeal seen, Rational left) {
        Kitchen kitchen = stove.kitchen();
        UUID batch = kitchen.planned().done().get(recipe);
        Rational made = cook.sized().portions();
        Rational plates = seen.portions();
        // what was cooked for this table alone is all on the table
        Rational served = made.compareTo(Appetite.cooked(plates)) <= 0 ? made : plates;
        if (batch == null) {
            batch = stove.id();
            Written written = kitchen.planned().recipe(recipe);
            cook(Cooking.Order.simply(kitchen, written, batch, cook.sized(), Style.COOKED, made));
        }
        return dish(batch, served, left);
    }

    /** Eats portions of a dish. @param left that stay of them @return what the eaten portions cost */
    public Cost dish(UUID batch, Rational portions, Rational left) {
        Batch made = stove.kitchen().planned().batches().get(batch);
        List<Food> of = made == null ? List.of() : made.foods();
        return does(serving().dish(batch, of, portions, left, nothing()));
    }

    private Cost wants(List<Want> wants) {
        return wants.isEmpty() ? nothing() : does(serving().wants(wants, nothing()));
    }

    private Serving serving() {
        return new Serving(stove.kitchen(), stove.day(), stove::id);
    }

    private Cost does(Serving.Served served) {
        served.changes().forEach(stove::does);
        return served.cost();
    }

    private Cost nothing() {
        return Cost.zero(stove.kitchen().household().currency());
    }
}
