package wexilla.app.eat;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.Cooking;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.platform.Act;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Household;
import wexilla.core.kitchen.Meal;
import wexilla.core.money.Cost;
import wexilla.core.people.Appetite;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs;

/** An evening as it was planned: cooked now when nobody did it through the station, and served. */
@Component
class AsPlanned {

    private final PlanKitchen evenings;
    private final Snapshots snapshots;
    private final Cooking cooking;
    private final Recipes recipes;
    private final Batches batches;
    private final Lots lots;
    private final Served served;

    AsPlanned(
            PlanKitchen evenings,
            Snapshots snapshots,
            Cooking cooking,
            Recipes recipes,
            Batches batches,
            Lots lots,
            Served served) {
        this.evenings = evenings;
        this.snapshots = snapshots;
        this.cooking = cooking;
        this.recipes = recipes;
        this.batches = batches;
        this.lots = lots;
        this.served = served;
    }

    /** The evening as the core sees it now. */
    PlannedMeal evening(Act act, Meal slot) {
        return evenings.one(snapshots.of(act.household()), slot);
    }

    /** Serves every dish of an evening. @param left portions that stay @return what it cost */
    Cost serve(Act act, Meal slot, Rational left) {
        PlannedMeal evening = evening(act, slot);
        Cost cost = Cost.zero(act.household().currency());
        int pos = 0;
        for (PlannedMeal.Dish dish : evening.dishes()) {
            UUID of = slot.dishes().get(pos++).of();
            if (dish instanceof PlannedMeal.FromStock stock) {
                UUID batch = UUID.fromString(stock.key().id());
                cookFirst(act, batch, slot);
                cost = cost.plus(onTheNight(act, evening, stock));
                cost = cost.plus(served.dish(act, batch, stock.portions(), left));
            } else if (dish instanceof PlannedMeal.Cook cook) {
                cost = cost.plus(cooked(act, Objects.requireNonNull(of), cook, evening, left));
            } else if (dish instanceof PlannedMeal.Side side) {
                cost = cost.plus(served.wants(act, PlanCheck.wants(evening, side)));
            }
        }
        return cost;
    }

    /** A batch that was planned for this day or before and nobody wrote down was cooked as planned. */
    private void cookFirst(Act act, UUID id, Meal slot) {
        Batch batch = batches.byId(snapshots.of(act.household()), List.of(id)).get(id);
        if (batch == null
                || batch.state() != State.PLANNED
                || batch.recipeId() == null
                || batch.cookOn().isAfter(slot.day())) {
            return;
        }
        Rational size = batch.size().factor();
        cooking.cook(
                act,
                new CookInput(
                        batch.recipeId(),
                        Objects.requireNonNull(batch.n()),
                        batch.style(),
                        size.numerator() + "/" + size.denominator(),
                        batch.size().vessels(),
                        batch.portions().toDecimal(Change.DECIMALS),
                        List.of(),
                        id,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null));
    }

    /** What is added on the night leaves the stock, as far as it is there. */
    private Cost onTheNight(Act act, PlannedMeal evening, PlannedMeal.FromStock stock) {
        return served.wants(act, Needs.Want.of(stock.add(), evening.day(), stock.name()));
    }

    /** Cooked that day through the station, or now, as written at its size; then eaten. */
    private Cost cooked(Act act, UUID recipe, PlannedMeal.Cook cook, PlannedMeal evening, Rational left) {
        Household household = act.household();
        UUID batch = batches.cookedOn(household, List.of(recipe), evening.day()).get(recipe);
        Rational made = cook.sized().portions();
        Rational plates = evening.portions();
        // what was cooked for this table alone is all on the table
        Rational served = made.compareTo(Appetite.cooked(plates)) <= 0 ? made : plates;
        if (batch == null) {
            int n = recipes.current(household, recipe).n();
            Rational size = cook.sized().size().factor();
            String factor = size.numerator() + "/" + size.denominator();
            Cooked cooked = cooking.cook(act, CookInput.simply(recipe, n, Style.COOKED, factor, made))
                    .answer();
            UUID dish = UUID.fromString(cooked.lot());
            batch = Objects.requireNonNull(
                    lots.byId(household, dish).orElseThrow().batch());
        }
        return this.served.dish(act, batch, served, left);
    }
}
