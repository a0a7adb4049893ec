package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Written;
import wexilla.core.people.Appetite;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.ahead.BigBuy;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

/**
 * What is cooked ahead for meals is as large as they are, and is not cooked once nobody eats of it; the part of a big buy
 * that goes into a meal is where it is eaten.
 *
 * @param kitchen with every meal from today on, their batches and recipes, and the pots
 */
public record Following(Kitchen kitchen) {

    /** These changes, with what follows from them. */
    public List<Change> with(List<Change> changes) {
        Kitchen next = kitchen.after(changes);
        Map<UUID, Rational> had = eaten(kitchen);
        Map<UUID, Rational> now = eaten(next);
        List<Change> all = new ArrayList<>(changes);
        all.addAll(parts(next));
        for (Batch batch : next.planned().batches().values()) {
            Rational wanted = now.get(batch.id());
            if (batch.state() != Batch.State.PLANNED || !batch.follows()) {
                continue;
            }
            if (wanted == null) {
                if (had.containsKey(batch.id())) {
                    all.add(new Change.BatchDropped(batch.id()));
                }
            } else if (!Appetite.cooked(wanted).equals(batch.portions())) {
                all.add(new Change.BatchSet(sized(next, batch, Appetite.cooked(wanted))));
            }
        }
        return all;
    }

    /** Parts whose dish went from its meal to another one go with it. */
    private List<Change> parts(Kitchen next) {
        List<Change> moved = new ArrayList<>();
        for (BigBuy buy : next.planned().buys()) {
            for (int i = 0; i < buy.parts().size(); i++) {
                BigBuy.Part part = buy.parts().get(i);
                Predicate<Meal> was = meal -> part.eaten(meal.day(), meal.meal());
                List<Meal> before = serving(kitchen, part.name());
                List<Meal> after = serving(next, part.name());
                if (before.stream().noneMatch(was) || after.stream().anyMatch(was)) {
                    continue;
                }
                int at = i;
                after.stream()
                        .filter(meal ->
                                before.stream().noneMatch(had -> had.id().equals(meal.id())))
                        .findFirst()
                        .ifPresent(meal -> moved.add(
                                new Change.PartMoved(UUID.fromString(buy.id()), at, meal.day(), meal.meal())));
            }
        }
        return moved;
    }

    /** Planned meals at which a dish of this name is cooked. */
    private static List<Meal> serving(Kitchen kitchen, String name) {
        return kitchen.planned().meals().stream()
                .filter(meal -> meal.state() == Meal.State.PLANNED && meal.eatsHere())
                .filter(meal -> meal.dishes().stream()
                        .anyMatch(dish -> dish.kind() == DishKind.RECIPE && called(kitchen, dish.of(), name)))
                .toList();
    }

    private static boolean called(Kitchen kitchen, @Nullable UUID recipe, String name) {
        Written written = recipe == null ? null : kitchen.planned().recipes().get(recipe);
        return written != null && written.recipe().title().equalsIgnoreCase(name.strip());
    }

    /** What meals that are planned eat of each batch. */
    static Map<UUID, Rational> eaten(Kitchen kitchen) {
        Seeing seeing = new Seeing(kitchen);
        Map<UUID, Rational> eaten = new LinkedHashMap<>();
        for (Meal meal : kitchen.planned().meals()) {
            if (meal.state() == Meal.State.PLANNED && meal.eatsHere()) {
                List<PlannedMeal.Dish> seen = seeing.of(meal).dishes();
                for (int i = 0; i < seen.size(); i++) {
                    Meal.Dish dish = meal.dishes().get(i);
                    if (dish.kind() == DishKind.BATCH && seen.get(i) instanceof PlannedMeal.FromStock stock) {
                        eaten.merge(Objects.requireNonNull(dish.of()), stock.portions(), Rational::plus);
                    }
                }
            }
        }
        return eaten;
    }

    private static NewBatch sized(Kitchen kitchen, Batch batch, Rational portions) {
        Recipe recipe = Objects.requireNonNull(batch.recipe());
        Written written = new Written(
                Objects.requireNonNull(batch.recipeId()),
                Objects.requireNonNull(batch.n()),
                0,
                Written.About.NOTHING,
                recipe);
        return ahead(kitchen, batch.id(), written, portions, batch.style(), batch.cookOn());
    }

    /** A batch that is as large as its meals. */
    public static NewBatch ahead(
            Kitchen kitchen, UUID id, Written written, Rational portions, Style style, LocalDate cookOn) {
        return pot(kitchen, id, written, portions, style, cookOn).following();
    }

    /** A batch of so many portions, whoever eats of it. */
    static NewBatch pot(Kitchen kitchen, UUID id, Written written, Rational portions, Style style, LocalDate cookOn) {
        Rational factor = portions.dividedBy(Rational.of(written.recipe().portions()));
        Sized sized = kitchen.home().pots().sized(written.recipe(), factor, null);
        return NewBatch.of(
                id,
                written,
                sized,
                sized.portions(),
                style,
                Batch.State.PLANNED,
                cookOn,
                kitchen.household().flat());
    }
}
