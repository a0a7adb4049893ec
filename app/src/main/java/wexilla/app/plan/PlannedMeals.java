package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.app.cook.Batches;
import wexilla.app.household.People.Person;
import wexilla.app.onhand.BatchRows.State;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.Slots.Dish;
import wexilla.app.plan.Slots.DishKind;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.kitchen.Lot;
import wexilla.core.people.Appetite;
import wexilla.core.plan.Eater;
import wexilla.core.plan.Evening;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;

/**
 * Meals as they are stored, with all that is needed to see them as the core does: read at once.
 *
 * @param recipes the current ones the meals name; @param batches they name, and those that are planned
 * @param done what was cooked today of these recipes, and waits for its meal
 */
record PlannedMeals(
        Snapshot now,
        List<Person> people,
        Sizes.Kitchen kitchen,
        Map<UUID, Recipes.Stored> recipes,
        Map<UUID, Batches.Batch> batches,
        Map<UUID, UUID> done) {

    private static final int MOST_CHILLI = 3;

    /** A meal as the core sees it. */
    Evening evening(Slot slot) {
        List<Eater> eaters = new ArrayList<>(eaters(slot.people()));
        slot.guests().forEach(guest -> eaters.add(guest(guest, now.household())));
        List<Evening.Dish> dishes = new ArrayList<>();
        List<List<Eater>> only = new ArrayList<>();
        for (Dish dish : slot.eatsHere() ? slot.dishes() : List.<Dish>of()) {
            List<Eater> own = eaters(dish.eaters());
            List<Eater> eat = own.isEmpty() ? eaters : own;
            dishes.add(dish(
                    dish, Appetite.portions(eat.stream().map(Eater::appetite).toList()), slot.day()));
            only.add(own);
        }
        return new Evening(slot.when(), eaters, dishes, only);
    }

    /** What was eaten in the days in which a dish is not wanted again; what nobody has said was as planned. */
    static List<Slot> lately(Snapshot now, List<Slot> before, List<Slot> ahead) {
        return Stream.concat(
                        before.stream(),
                        ahead.stream()
                                .filter(slot -> slot.day().equals(now.today()) && slot.state() != Slots.State.PLANNED))
                .filter(slot -> slot.state() != Slots.State.OUT && slot.state() != Slots.State.OTHER)
                .toList();
    }

    private List<Eater> eaters(List<UUID> here) {
        return people.stream()
                .filter(person -> here.contains(person.id()))
                .map(person -> person.eater(now.household(), now.book()))
                .toList();
    }

    private static Eater guest(Slots.Guest guest, Household household) {
        return new Eater(
                guest.name(),
                guest.appetite(),
                new HashSet<>(guest.allergens()),
                Set.of(),
                List.of(),
                MOST_CHILLI,
                household.country());
    }

    private Evening.Dish dish(Dish dish, Rational plates, LocalDate day) {
        if (dish.kind() == DishKind.SIDE) {
            return side(dish.text());
        }
        if (dish.kind() == DishKind.TASK) {
            return new Evening.Task(dish.text(), StepTime.read(dish.text()));
        }
        UUID id = Objects.requireNonNull(dish.of());
        Rational portions = dish.portions() == null ? plates : dish.portions();
        UUID cooked = dish.kind() == DishKind.RECIPE && day.equals(now.today()) && feeds(done.get(id), portions)
                ? done.get(id)
                : null;
        if (dish.kind() == DishKind.RECIPE && cooked == null) {
            Recipe recipe = Objects.requireNonNull(recipes.get(id)).recipe();
            Rational whole = dish.portions() == null ? Appetite.cooked(plates) : portions;
            Rational factor = whole.dividedBy(Rational.of(recipe.portions()));
            return new Evening.Cook(kitchen.sized(recipe, factor, null));
        }
        Batches.Batch batch = Objects.requireNonNull(batches.get(cooked == null ? id : cooked));
        Optional<Sized> sized = batch.sized(portions, now.household().measures());
        return new Evening.FromStock(
                batch.key(),
                batch.name(),
                cookedForIt(batch, day)
                        ? batch.sized(now.household().measures())
                                .map(Sized::steps)
                                .orElse(List.of())
                        : sized.map(all -> all.stepsAfter(batch.style())).orElse(List.of()),
                sized.map(all -> all.onTheNight(batch.style())).orElse(List.of()),
                batch.foods(),
                portions);
    }

    /** Whether what was cooked today is for this meal: some of it is in its pot still, or all that is wanted is there. */
    private boolean feeds(@Nullable UUID batch, Rational portions) {
        List<Lot> there = now.open().stream()
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
    private boolean cookedForIt(Batches.Batch batch, LocalDate day) {
        return batch.state() == State.PLANNED
                && batch.cookOn().equals(day)
                && batches.values().stream()
                                .filter(other -> other.state() == State.PLANNED
                                        && other.cookOn().equals(day))
                                .count()
                        == 1;
    }

    private Evening.Side side(String text) {
        return Evening.Side.of(now.reader().readStored(text), now.household().measures());
    }
}
