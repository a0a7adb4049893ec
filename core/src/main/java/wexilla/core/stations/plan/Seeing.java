package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Warming;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;

/** Meals as they are decided, seen with who eats, what is cooked for them and what is taken from stock. */
public record Seeing(Kitchen kitchen) {

    private static final int MOST_CHILLI = 3;

    /** A meal as the core sees it. */
    public PlannedMeal of(Meal meal) {
        List<Eater> eaters = new ArrayList<>(eaters(meal.people()));
        meal.guests().forEach(guest -> eaters.add(guest(guest, kitchen.household())));
        List<PlannedMeal.Dish> dishes = new ArrayList<>();
        List<List<Eater>> only = new ArrayList<>();
        for (Dish dish : meal.eatsHere() ? meal.dishes() : List.<Dish>of()) {
            List<Eater> own = eaters(dish.eaters());
            List<Eater> eat = own.isEmpty() ? eaters : own;
            dishes.add(dish(
                    dish, Appetite.portions(eat.stream().map(Eater::appetite).toList()), meal.day()));
            only.add(own);
        }
        return new PlannedMeal(meal.when(), eaters, dishes, only);
    }

    /** What was eaten in the days in which a dish is not wanted again; what nobody has said was as planned. */
    static List<Meal> lately(Kitchen kitchen, List<Meal> before, List<Meal> ahead) {
        return Stream.concat(
                        before.stream(),
                        ahead.stream()
                                .filter(meal ->
                                        meal.day().equals(kitchen.today()) && meal.state() != Meal.State.PLANNED))
                .filter(meal -> meal.state() != Meal.State.OUT && meal.state() != Meal.State.OTHER)
                .toList();
    }

    private List<Eater> eaters(List<UUID> here) {
        return kitchen.home().people().stream()
                .filter(person -> here.contains(person.id()))
                .map(person -> person.eater(kitchen.household(), kitchen.foods().book()))
                .toList();
    }

    private static Eater guest(Meal.Guest guest, Household household) {
        return new Eater(
                guest.name(),
                guest.appetite(),
                new HashSet<>(guest.allergens()),
                Set.of(),
                List.of(),
                MOST_CHILLI,
                Set.of(),
                household.country());
    }

    private PlannedMeal.Dish dish(Dish dish, Rational plates, LocalDate day) {
        if (dish.kind() == DishKind.SIDE) {
            return side(dish.text());
        }
        if (dish.kind() == DishKind.TASK) {
            return new PlannedMeal.Task(dish.text(), StepTime.read(dish.text()));
        }
        UUID id = Objects.requireNonNull(dish.of());
        Rational portions = dish.portions() == null ? plates : dish.portions();
        UUID cooked = dish.kind() == DishKind.RECIPE
                        && day.equals(kitchen.today())
                        && feeds(kitchen.planned().done().get(id), portions)
                ? kitchen.planned().done().get(id)
                : null;
        if (dish.kind() == DishKind.RECIPE && cooked == null) {
            Recipe recipe =
                    Objects.requireNonNull(kitchen.planned().recipes().get(id)).recipe();
            Rational whole = dish.portions() == null ? Appetite.cooked(plates) : portions;
            Rational factor = whole.dividedBy(Rational.of(recipe.portions()));
            return new PlannedMeal.Cook(kitchen.home().pots().sized(recipe, factor, null));
        }
        Batch batch = Objects.requireNonNull(kitchen.planned().batches().get(cooked == null ? id : cooked));
        Optional<Sized> sized = batch.sized(portions, kitchen.measures());
        List<ScaledStep> last = cookedForIt(batch, day)
                ? batch.sized(kitchen.measures()).map(Sized::steps).orElse(List.of())
                : sized.map(all -> all.stepsAfter(batch.style())).orElse(List.of());
        return new PlannedMeal.FromStock(
                batch.key(),
                batch.name(),
                fromItsPot(batch, day) ? List.of() : Warming.before(batch.name(), batch.recipe(), last, portions),
                last,
                sized.map(all -> all.onTheNight(batch.style())).orElse(List.of()),
                batch.served(),
                portions);
    }

    /** Cooked that day, and not put away before the meal. */
    private boolean fromItsPot(Batch batch, LocalDate day) {
        return batch.cookOn().equals(day)
                && (batch.state() == State.PLANNED
                        || kitchen.open().stream()
                                .anyMatch(lot -> batch.id().equals(lot.batch()) && lot.storage() == Storage.COUNTER));
    }

    /** Whether what was cooked today is for this meal: some of it is in its pot still, or all that is wanted is there. */
    private boolean feeds(@Nullable UUID batch, Rational portions) {
        List<Lot> there = kitchen.open().stream()
                .filter(lot -> batch != null
                        && batch.equals(lot.batch())
                        && lot.amount().unit().equals(Unit.PORTION))
                .toList();
        return there.stream().anyMatch(lot -> lot.packet().code() == null)
                || batch != null
                        && there.stream()
                                        .map(lot -> lot.amount().value())
                                        .reduce(Rational.ZERO, Rational::plus)
                                        .compareTo(portions)
                                >= 0;
    }

    /** The only thing that is cooked that day, and not yet: it is cooked for the meal itself, with more for other days. */
    private boolean cookedForIt(Batch batch, LocalDate day) {
        return batch.state() == State.PLANNED
                && batch.cookOn().equals(day)
                && kitchen.planned().batches().values().stream()
                                .filter(other -> other.state() == State.PLANNED
                                        && other.cookOn().equals(day))
                                .count()
                        == 1;
    }

    private PlannedMeal.Side side(String text) {
        return PlannedMeal.Side.of(kitchen.reader().readStored(text), kitchen.measures());
    }
}
