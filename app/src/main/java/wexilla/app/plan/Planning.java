package wexilla.app.plan;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.People;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.DishInput;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** Writes a meal as the cook decided it; what is typed by name is found or becomes a recipe of that name. */
@Component
public class Planning {

    private static final int MOST_DISHES = 12;
    static final int LONGEST_NOTE = 300;

    /** Days ahead a meal can be planned. */
    static final int FURTHEST = 70;

    private final Meals slots;
    private final People people;
    private final Recipes recipes;
    private final Batches batches;
    private final Lots lots;
    private final Snapshots snapshots;
    private final Habits habits;

    Planning(
            Meals slots,
            Habits habits,
            People people,
            Recipes recipes,
            Batches batches,
            Lots lots,
            Snapshots snapshots) {
        this.habits = habits;
        this.snapshots = snapshots;
        this.slots = slots;
        this.people = people;
        this.recipes = recipes;
        this.batches = batches;
        this.lots = lots;
    }

    /** Plans one meal. */
    public String plan(Act act, EveningInput input) {
        Household household = act.household();
        LocalDate day = day(input.day(), act.day());
        MealOfDay meal = input.which();
        Optional<Meal> before = slots.on(household, day, meal);
        int seen = before.map(Meal::version).orElse(0);
        if (before.isPresent() && input.version() == 0) {
            throw Problem.changed(
                    Household.words(day) + " has a meal already; open it and add to it, or choose another day.");
        }
        if (seen != input.version()) {
            throw Problem.changed("This meal was changed in another window; look at it again.");
        }
        if (input.note().length() > LONGEST_NOTE) {
            throw Problem.at("/note", "A note has at most " + LONGEST_NOTE + " characters.");
        }
        List<UUID> people = atTable(household, input.people());
        List<Dish> dishes = dishes(act, input, people);
        slots.save(
                act,
                new Meal(
                        before.map(Meal::id).orElseGet(UUID::randomUUID),
                        MealTimes.when(day, meal, input.tableTime(), input.homeFrom(), input.minutes()),
                        kind(input, dishes),
                        Meal.State.PLANNED,
                        input.locked(),
                        input.note().strip(),
                        0,
                        people,
                        MealTimes.guests(input.guests() == null ? List.of() : input.guests()),
                        dishes));
        String what =
                dishes.isEmpty() ? input.kind().name().toLowerCase(java.util.Locale.ROOT) : name(act, dishes.get(0));
        return "Planned for " + Household.words(day) + (meal == MealOfDay.DINNER ? "" : ", " + meal.words()) + ": "
                + what;
    }

    /** A meal nobody planned, as it usually is. */
    public Meal undecided(Act act, LocalDate day, MealOfDay meal) {
        Meal slot = habits.usual(act.household(), day, meal).meal(UUID.randomUUID(), day, Kind.UNDECIDED);
        slots.save(act, slot);
        return slot;
    }

    /** A dish from the stock makes it an evening from stock, whatever was pressed. */
    private static Kind kind(EveningInput input, List<Dish> dishes) {
        if (input.kind() == Kind.COOK && !dishes.isEmpty() && dishes.get(0).kind() == DishKind.BATCH) {
            return Kind.STOCK;
        }
        return input.kind();
    }

    private String name(Act act, Dish dish) {
        return switch (dish.kind()) {
            case SIDE, TASK -> dish.text();
            case RECIPE ->
                recipes.current(act.household(), java.util.Objects.requireNonNull(dish.of()))
                        .recipe()
                        .title();
            case BATCH -> batches.name(act.household(), java.util.Objects.requireNonNull(dish.of()));
        };
    }

    /** A day that can be planned. */
    public static LocalDate day(String text, LocalDate today) {
        LocalDate day = date("/day", text);
        if (day.isBefore(today) || day.isAfter(today.plusDays(FURTHEST))) {
            throw Problem.at("/day", text + " cannot be planned: meals from today to ten weeks ahead can.");
        }
        return day;
    }

    public static LocalDate date(String field, String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }

    private List<UUID> atTable(Household household, List<UUID> asked) {
        List<UUID> known = people.all(household).stream().map(Person::id).toList();
        asked.stream().filter(id -> !known.contains(id)).findFirst().ifPresent(id -> {
            throw Problem.at("/people", "Somebody at the table does not eat in this household.");
        });
        return asked.stream().distinct().toList();
    }

    private List<Dish> dishes(Act act, EveningInput input, List<UUID> people) {
        if (input.dishes().size() > MOST_DISHES) {
            throw Problem.at("/dishes", input.dishes().size() + " dishes; " + MOST_DISHES + " is the most a meal.");
        }
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < input.dishes().size(); i++) {
            boolean stockFirst = input.kind() == Kind.STOCK || input.kind() == Kind.LEFTOVERS;
            DishInput one = input.dishes().get(i);
            Dish dish = dish(act, one, "/dishes/" + i, stockFirst);
            List<UUID> eaters = eaters(one, people, "/dishes/" + i + "/eaters");
            boolean alone = input.guests() == null || input.guests().isEmpty();
            // who lives here, all of them, is everybody where nobody else comes
            eaters = alone && eaters.containsAll(people) ? List.of() : eaters;
            dishes.add(dish.eatenBy(eaters).frozen(Boolean.TRUE.equals(one.frozen())));
        }
        String sides = input.sides() == null ? "" : input.sides();
        LineReader reader = snapshots.of(act.household()).reader();
        for (ReadLine side :
                Asked.at("/sides", () -> LineList.of(sides, reader)).lines()) {
            dishes.add(new Dish(DishKind.SIDE, null, Asked.name("/sides", side.text(), 120), null));
        }
        String tasks = input.tasks() == null ? "" : input.tasks();
        for (String task : tasks.split("[\\n;,]")) {
            if (!task.isBlank()) {
                dishes.add(new Dish(DishKind.TASK, null, Asked.name("/tasks", task, 120), null));
            }
        }
        return dishes;
    }

    /** Who of the table eats of a dish; nobody named is everybody. */
    private static List<UUID> eaters(DishInput dish, List<UUID> people, String at) {
        List<UUID> eaters = dish.eaters() == null ? List.of() : dish.eaters();
        if (!people.containsAll(eaters)) {
            throw Problem.at(at, "Somebody who is to eat of it is not at the table.");
        }
        return eaters.stream().distinct().toList();
    }

    private Dish dish(Act act, DishInput input, String at, boolean stockFirst) {
        Household household = act.household();
        Rational portions = input.portions() == null ? null : Portions.typed(at + "/portions", input.portions());
        if (input.batch() != null) {
            if (batches.byId(snapshots.of(household), List.of(input.batch())).isEmpty()) {
                throw Problem.at(at + "/batch", "There is no such dish in this household.");
            }
            return new Dish(DishKind.BATCH, input.batch(), "", portions);
        }
        if (input.recipe() != null) {
            recipes.current(household, input.recipe());
            return new Dish(DishKind.RECIPE, input.recipe(), "", portions);
        }
        String text = Asked.name(at + "/text", input.text() == null ? "" : input.text(), 120);
        return named(act, text, portions, stockFirst);
    }

    /** A recipe of that name, a dish in stock of that name, or a new recipe that has a name only. */
    private Dish named(Act act, String text, @Nullable Rational portions, boolean stockFirst) {
        Household household = act.household();
        Optional<UUID> recipe = recipes.named(household, text);
        Optional<UUID> batch = lots.open(household).stream()
                .filter(lot -> lot.batch() != null && lot.name().equalsIgnoreCase(text))
                .map(Lot::batch)
                .findFirst();
        if (recipe.isPresent() && !(stockFirst && batch.isPresent())) {
            return new Dish(DishKind.RECIPE, recipe.get(), "", portions);
        }
        if (batch.isPresent()) {
            return new Dish(DishKind.BATCH, batch.get(), "", portions);
        }
        int makes = Appetite.portions(
                        people.active(household).stream().map(Person::appetite).toList())
                .ceiling()
                .intValueExact();
        UUID added = recipes.add(act, new Recipe(text, makes, List.of(), List.of()), Written.About.NOTHING);
        return new Dish(DishKind.RECIPE, added, "", portions);
    }
}
