package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Guest;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.NewBatch;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.people.Appetite;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal.When;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.CookWords;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.Style;
import wexilla.core.stations.plan.Moving.At;

/**
 * A meal decided by hand; what is typed by name is found, or becomes a recipe of that name.
 *
 * @param kitchen with the meals of the day, what is there, and the recipes and batches that are named; where something is
 *     cooked ahead with every meal from today on
 * @param day of the act; {@code ids} of what is made, each asked for once
 */
public record Deciding(Kitchen kitchen, LocalDate day, Habits habits, Supplier<UUID> ids) {

    private static final int MOST_DISHES = 12;

    /**
     * A dish as chosen or typed.
     *
     * @param text its name, where it is chosen by neither
     * @param portions to make or to take; null for as many as eat
     * @param eaters who of the table eats of it; nobody named is everybody
     * @param ahead when it is cooked; null for the meal itself
     */
    public record Wanted(
            @Nullable UUID recipe,
            @Nullable UUID batch,
            String text,
            @Nullable Rational portions,
            List<UUID> eaters,
            boolean frozen,
            @Nullable Ahead ahead) {

        public Wanted {
            eaters = eaters.stream().distinct().toList();
        }
    }

    /**
     * Cooked ahead, once.
     *
     * @param style how far; {@code also} other meals that eat of it
     * @param makes portions in all, whoever eats of it; null for as many as its meals eat
     */
    public record Ahead(
            LocalDate on,
            Style style,
            List<At> also,
            @Nullable Rational makes) {

        public Ahead {
            also = also.stream().distinct().toList();
        }
    }

    /**
     * A meal as the cook wants it.
     *
     * @param beside sides and tasks, as read
     */
    public record Decided(
            When when,
            Kind kind,
            boolean locked,
            String note,
            List<UUID> people,
            List<Guest> guests,
            List<Wanted> dishes,
            List<Dish> beside) {

        public Decided {
            people = people.stream().distinct().toList();
        }
    }

    /** @throws Refused where somebody or something it names is not there */
    public Answer decide(Decided meal) {
        if (meal.dishes().size() > MOST_DISHES) {
            throw Refused.at("/dishes", meal.dishes().size() + " dishes; " + MOST_DISHES + " is the most a meal.");
        }
        List<UUID> known = kitchen.home().people().stream().map(Person::id).toList();
        if (!known.containsAll(meal.people())) {
            throw Refused.at("/people", "Somebody at the table does not eat in this household.");
        }
        List<Change> changes = new ArrayList<>();
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < meal.dishes().size(); i++) {
            Wanted wanted = meal.dishes().get(i);
            String at = "/dishes/" + i;
            if (!meal.people().containsAll(wanted.eaters())) {
                throw Refused.at(at + "/eaters", "Somebody who is to eat of it is not at the table.");
            }
            // who lives here, all of them, is everybody where nobody else comes
            boolean everybody = meal.guests().isEmpty() && wanted.eaters().containsAll(meal.people());
            dishes.add(dish(wanted, at, meal, changes)
                    .eatenBy(everybody ? List.of() : wanted.eaters())
                    .frozen(wanted.frozen()));
        }
        dishes.addAll(meal.beside());
        When when = meal.when();
        Optional<Meal> before = kitchen.planned().on(when.day(), when.meal());
        changes.add(new Change.MealSet(new Meal(
                before.map(Meal::id).orElseGet(ids),
                when,
                kind(meal.kind(), dishes),
                Meal.State.PLANNED,
                meal.locked(),
                meal.note(),
                before.map(Meal::version).orElse(0),
                meal.people(),
                meal.guests(),
                dishes)));
        Kitchen next = kitchen.after(changes);
        enough(next, meal, dishes);
        String what = dishes.isEmpty() ? meal.kind().name().toLowerCase(Locale.ROOT) : name(next, dishes.get(0));
        String which = when.meal() == MealOfDay.DINNER ? "" : ", " + when.meal().words();
        return new Answer(
                "Planned for " + Household.words(when.day()) + which + ": " + what,
                ahead(next) || ahead(kitchen) ? new Following(kitchen).with(changes) : changes);
    }

    /** What is said to make so much is enough for the meals that eat of it. */
    private static void enough(Kitchen next, Decided meal, List<Dish> dishes) {
        for (int i = 0; i < meal.dishes().size(); i++) {
            Ahead ahead = meal.dishes().get(i).ahead();
            UUID pot = dishes.get(i).of();
            if (ahead == null || ahead.makes() == null || pot == null) {
                continue;
            }
            Rational eaten = Following.eaten(next).getOrDefault(pot, Rational.ZERO);
            if (eaten.compareTo(ahead.makes()) > 0) {
                throw Refused.at(
                        "/dishes/" + i + "/makes",
                        CookWords.amount(Amount.of(ahead.makes(), Unit.PORTION)) + " are made, and "
                                + CookWords.amount(Amount.of(eaten, Unit.PORTION))
                                + " eaten of it: make more, or let it be as large as its meals.");
            }
        }
    }

    /** A dish that is there, or will be by then, becomes the dish of a meal. @throws Refused where it cannot */
    public Answer put(At to, UUID dish) {
        Batch batch = kitchen.planned().batches().get(dish);
        if (batch == null || batch.state() == Batch.State.DROPPED) {
            throw Refused.at("/batch", "There is no such dish in this household.");
        }
        if (batch.state() == Batch.State.PLANNED && batch.cookOn().isAfter(to.day())) {
            throw Refused.at(
                    "/to",
                    Household.words(to.day()) + " comes before " + Household.words(batch.cookOn())
                            + ": what is cooked then is eaten then or later.");
        }
        List<Change> changes = List.of(new Change.MealSet(with(to, dish, "/to")));
        return new Answer(
                "Planned for " + Household.words(to.day()) + ": " + batch.name(), new Following(kitchen).with(changes));
    }

    /** Whether anything is eaten of what is cooked ahead. */
    private static boolean ahead(Kitchen kitchen) {
        return Planned.ids(kitchen.planned().meals(), DishKind.BATCH).stream()
                .map(kitchen.planned().batches()::get)
                .anyMatch(batch -> batch != null && batch.state() == Batch.State.PLANNED && batch.follows());
    }

    /** A dish from the stock makes it an evening from stock, whatever was pressed. */
    private static Kind kind(Kind asked, List<Dish> dishes) {
        boolean stocked =
                asked == Kind.COOK && !dishes.isEmpty() && dishes.get(0).kind() == DishKind.BATCH;
        return stocked ? Kind.STOCK : asked;
    }

    private static String name(Kitchen kitchen, Dish dish) {
        UUID of = dish.of();
        if (of == null) {
            return dish.text();
        }
        if (dish.kind() == DishKind.RECIPE) {
            return kitchen.planned().recipe(of).recipe().title();
        }
        Batch batch = kitchen.planned().batch(of);
        return batch.state() == Batch.State.PLANNED
                ? batch.name() + ", cooked on " + Household.words(batch.cookOn())
                : batch.name();
    }

    private Dish dish(Wanted wanted, String at, Decided meal, List<Change> changes) {
        Kind kind = meal.kind();
        Ahead ahead = wanted.ahead();
        if (ahead != null && wanted.batch() == null) {
            return ahead(wanted, ahead, at, meal.when(), changes);
        }
        UUID batch = wanted.batch();
        if (batch != null) {
            if (!kitchen.planned().batches().containsKey(batch)) {
                throw Refused.at(at + "/batch", "There is no such dish in this household.");
            }
            return new Dish(DishKind.BATCH, batch, "", wanted.portions());
        }
        if (wanted.recipe() != null) {
            return new Dish(DishKind.RECIPE, wanted.recipe(), "", wanted.portions());
        }
        boolean stockFirst = kind == Kind.STOCK || kind == Kind.LEFTOVERS;
        return named(wanted, stockFirst, meal.when().day(), changes);
    }

    /** One pot for all meals that eat of it: the one that is planned for that day already, else a new one. */
    private Dish ahead(Wanted wanted, Ahead ahead, String at, When when, List<Change> changes) {
        if (ahead.on().isBefore(day)) {
            throw Refused.at(at + "/cookOn", Household.words(ahead.on()) + " is over; it is cooked today or later.");
        }
        List<LocalDate> eaten = Stream.concat(
                        Stream.of(when.day()), ahead.also().stream().map(At::day))
                .toList();
        eaten.stream().filter(ahead.on()::isAfter).findFirst().ifPresent(before -> {
            throw Refused.at(
                    at + "/cookOn",
                    Household.words(before) + " comes before " + Household.words(ahead.on())
                            + ": what is cooked then is eaten then or later.");
        });
        UUID recipe = wanted.recipe() != null ? wanted.recipe() : recipe(wanted, changes);
        Written written = kitchen.after(changes).planned().recipe(recipe);
        Optional<UUID> planned = kitchen.planned().batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED
                        && recipe.equals(batch.recipeId())
                        && batch.cookOn().equals(ahead.on())
                        && batch.style() == ahead.style())
                .map(Batch::id)
                .findFirst();
        UUID pot = planned.orElseGet(ids);
        Rational makes = ahead.makes();
        if (makes != null) {
            NewBatch fixed = Following.pot(kitchen, pot, written, makes, ahead.style(), ahead.on());
            changes.add(new Change.BatchSet(fixed));
        } else if (planned.isEmpty()) {
            Rational as = Rational.of(written.recipe().portions());
            changes.add(new Change.BatchSet(Following.ahead(kitchen, pot, written, as, ahead.style(), ahead.on())));
        }
        At own = new At(when.day(), when.meal());
        for (int i = 0; i < ahead.also().size(); i++) {
            if (!ahead.also().get(i).equals(own)) {
                changes.add(new Change.MealSet(with(ahead.also().get(i), pot, at + "/also/" + i)));
            }
        }
        return new Dish(DishKind.BATCH, pot, "", wanted.portions());
    }

    /** Another meal that eats of it: in place of its dish, with what goes beside it. */
    private Meal with(At other, UUID pot, String at) {
        Optional<Meal> there = kitchen.planned().on(other.day(), other.meal());
        there.filter(meal -> meal.locked() || meal.state() != Meal.State.PLANNED)
                .ifPresent(meal -> {
                    throw Refused.at(at, Household.words(other.day()) + " is locked or eaten already.");
                });
        Meal meal = there.orElseGet(() -> habits.of(other.day(), other.meal()).meal(ids.get(), other.day(), Kind.COOK));
        List<Dish> dishes = new ArrayList<>();
        dishes.add(new Dish(DishKind.BATCH, pot, "", null));
        meal.dishes().stream().filter(dish -> dish.of() == null).forEach(dishes::add);
        return meal.with(Kind.STOCK, dishes);
    }

    /** The recipe of that name, or a new one that has a name only. */
    private UUID recipe(Wanted wanted, List<Change> changes) {
        return known(wanted, changes).orElseGet(() -> added(wanted, changes));
    }

    private Optional<UUID> known(Wanted wanted, List<Change> changes) {
        return kitchen.after(changes).planned().recipes().values().stream()
                .filter(written -> written.recipe().title().equalsIgnoreCase(wanted.text()))
                .map(Written::id)
                .sorted()
                .findFirst();
    }

    /** What is cooked ahead of that name, a recipe, a dish in stock, or a new recipe that has a name only. */
    private Dish named(Wanted wanted, boolean stockFirst, LocalDate eaten, List<Change> changes) {
        Optional<UUID> recipe = known(wanted, changes);
        Optional<UUID> there = kitchen.open().stream()
                .filter(lot -> lot.name().equalsIgnoreCase(wanted.text()))
                .flatMap(lot -> Stream.ofNullable(lot.batch()))
                .findFirst();
        // nothing is bought twice: what is cooked ahead grows with its meals, or has portions nobody eats yet
        Optional<UUID> ahead = kitchen.planned().batches().values().stream()
                .filter(batch -> batch.state() == Batch.State.PLANNED
                        && (batch.follows() || free(batch))
                        && batch.name().equalsIgnoreCase(wanted.text())
                        && !batch.cookOn().isAfter(eaten))
                .max(Comparator.comparing(Batch::cookOn))
                .map(Batch::id);
        Optional<UUID> batch = stockFirst ? there.or(() -> ahead) : ahead;
        if (batch.isPresent()) {
            return new Dish(DishKind.BATCH, batch.get(), "", wanted.portions());
        }
        if (recipe.isPresent()) {
            return new Dish(DishKind.RECIPE, recipe.get(), "", wanted.portions());
        }
        return there.isPresent()
                ? new Dish(DishKind.BATCH, there.get(), "", wanted.portions())
                : new Dish(DishKind.RECIPE, added(wanted, changes), "", wanted.portions());
    }

    private boolean free(Batch batch) {
        Rational eaten = Following.eaten(kitchen).getOrDefault(batch.id(), Rational.ZERO);
        return eaten.compareTo(batch.portions()) < 0;
    }

    private UUID added(Wanted wanted, List<Change> changes) {
        int makes = Appetite.portions(kitchen.home().people().stream()
                        .filter(Person::active)
                        .map(Person::appetite)
                        .toList())
                .ceiling()
                .intValueExact();
        UUID added = ids.get();
        Recipe named = new Recipe(wanted.text(), makes, List.of(), List.of());
        changes.add(new Change.RecipeSet(new Written(added, 0, 0, Written.About.NOTHING, named)));
        return added;
    }
}
