package wexilla.app.year;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Habit;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Person;
import wexilla.core.kitchen.house.Place;
import wexilla.core.kitchen.house.Tastes;
import wexilla.core.menu.MenuWishes;
import wexilla.core.money.Money;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlannedMeal;
import wexilla.core.plan.Served;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.shopping.Trips;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stations.propose.Building;
import wexilla.core.stations.propose.Menu;
import wexilla.core.stations.propose.Proposal;
import wexilla.core.stations.propose.Taking;
import wexilla.core.stations.propose.Till;
import wexilla.core.stations.propose.Wishing;

/**
 * Proposals for random households, mixtures and wishes, taken and then held against the rules of the job (design: handbook,
 * sections 2, 6, 7, 9 and 11; facts, section on diets) by nothing but what is written down then: who eats, which dishes,
 * cooked when, what lies there. None of the planner's own judgements is asked.
 */
class FromTheHandbookTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** The fewest of a build; the two hundred the design asks for take some minutes. */
    private static final int HOUSEHOLDS = Integer.getInteger("wexilla.handbook-households", 20);

    /** Adult portions a meal, a plate of stew of 375 ml for each (handbook, section 2; common practice, no source). */
    private static final double LITRES_A_PORTION = 0.375;

    private static final Set<Animal> FLESH = Set.of(
            Animal.BEEF,
            Animal.PORK,
            Animal.LAMB,
            Animal.VENISON,
            Animal.RABBIT,
            Animal.CHICKEN,
            Animal.TURKEY,
            Animal.DUCK,
            Animal.GAME_BIRD,
            Animal.MEAT);
    private static final Set<Animal> RED = Set.of(Animal.BEEF, Animal.PORK, Animal.LAMB, Animal.VENISON, Animal.MEAT);
    private static final Set<Animal> OF_THE_WATER =
            Set.of(Animal.WHITE_FISH, Animal.OILY_FISH, Animal.CRUSTACEAN, Animal.BIVALVE, Animal.CEPHALOPOD);
    private static final Set<Animal> FISH = Set.of(Animal.WHITE_FISH, Animal.OILY_FISH);

    private static final List<Asked> WISHES = List.of(
            new Asked("no red meat", (plan, days) -> plan.none(one -> one.of(RED))),
            new Asked("nothing with meat", (plan, days) -> plan.none(one -> one.of(FLESH))),
            new Asked("no mushrooms", (plan, days) -> plan.none(one -> one.called("mushroom"))),
            new Asked("no dairy", (plan, days) -> plan.none(one -> one.of(Set.of(Animal.MILK)))),
            new Asked(
                    "meatless Mondays",
                    (plan, days) -> plan.on(DayOfWeek.MONDAY).none(one -> one.of(FLESH))),
            new Asked("fish twice", (plan, days) -> plan.weeks(days).allMatch(week -> week.many(FISH) >= 2)),
            new Asked(
                    "meat at most three times",
                    (plan, days) -> plan.weeks(days).allMatch(week -> week.many(FLESH) <= 3)),
            new Asked(
                    "no oven on Tuesday",
                    (plan, days) -> plan.eaten().stream().noneMatch(one -> one.ovenOn(DayOfWeek.TUESDAY))));

    @Test
    void whatIsProposedKeepsTheHandbook() {
        List<String> violations = new ArrayList<>();
        int meals = 0;
        int told = 0;
        for (int seed = 1; seed <= HOUSEHOLDS; seed++) {
            Round round = new Round(seed);
            violations.addAll(round.violations());
            meals += round.meals;
            told += round.told ? 1 : 0;
        }
        assertThat(violations).isEmpty();
        assertThat(meals).as("decided meals").isGreaterThan(HOUSEHOLDS * 4);
        assertThat(told).as("households that were told what cannot be").isLessThan(HOUSEHOLDS / 2);
    }

    private interface Holds {
        boolean in(Plan plan, int days);
    }

    private record Asked(String words, Holds holds) {}

    /** A food on a plate with what is written of it. */
    private record Part(Food food) {
        boolean of(Set<Animal> some) {
            return food.traits().animals().stream().anyMatch(some::contains);
        }

        boolean called(String word) {
            return food.name().toLowerCase(Locale.ROOT).contains(word);
        }
    }

    /** A dish of a meal. @param cookedOn null for what lay there already */
    private record Eaten(
            LocalDate day,
            String name,
            List<Food> foods,
            @Nullable LocalDate cookedOn,
            @Nullable Recipe recipe) {

        boolean any(Predicate<Part> what) {
            return foods.stream().map(Part::new).anyMatch(what);
        }

        boolean ovenOn(DayOfWeek day) {
            return cookedOn != null
                    && recipe != null
                    && cookedOn.getDayOfWeek() == day
                    && recipe.steps().stream()
                            .anyMatch(
                                    step -> step.text().toLowerCase(Locale.ROOT).contains("oven"));
        }
    }

    private record Plan(List<Eaten> eaten) {
        boolean none(Predicate<Part> what) {
            return eaten.stream().noneMatch(one -> one.any(what));
        }

        Plan on(DayOfWeek weekday) {
            return new Plan(eaten.stream()
                    .filter(one -> one.day().getDayOfWeek() == weekday)
                    .toList());
        }

        long many(Set<Animal> of) {
            return eaten.stream()
                    .filter(one -> one.any(part -> part.of(of)))
                    .map(Eaten::day)
                    .distinct()
                    .count();
        }

        /** The whole weeks of it. */
        Stream<Plan> weeks(int days) {
            List<Plan> weeks = new ArrayList<>();
            for (LocalDate from = DAY; !from.plusDays(7).isAfter(DAY.plusDays(days)); from = from.plusDays(7)) {
                LocalDate first = from;
                weeks.add(new Plan(eaten.stream()
                        .filter(one -> !one.day().isBefore(first) && one.day().isBefore(first.plusDays(7)))
                        .toList()));
            }
            return weeks.stream();
        }
    }

    /** One household with its wishes. */
    private static final class Round {
        private final Random random;
        private final MadeHouse house;
        private final String name;
        private final List<String> violations = new ArrayList<>();
        private int meals;
        private boolean told;

        Round(int seed) {
            random = new Random(7000 + seed);
            MadeHouse.Kind kind = MadeHouse.Kind.values()[seed % 3];
            house = new MadeHouse(9000 + seed, kind, DAY);
            name = kind + " " + seed;
        }

        List<String> violations() {
            Kitchen kitchen = new FilledHouse(house, random).kitchen();
            Habits habits = habits();
            int days = 5 + random.nextInt(10);
            List<Asked> asked = new ArrayList<>();
            while (random.nextInt(2) == 0 && asked.size() < 3) {
                asked.add(WISHES.get(random.nextInt(WISHES.size())));
            }
            MenuWishes mixture = mixture();
            Money cap = random.nextInt(3) == 0 ? Money.of(3000 + random.nextInt(9000), MadeHouse.EUR) : null;
            Menu menu = asked(kitchen, habits, days, asked, mixture, cap);
            Proposal proposal = Proposal.of(menu, 1, 1_500, (spent, total) -> false);
            Trips proposed = Till.of(proposal, kitchen, habits, house::id);
            Kitchen taken = kitchen.after(new Taking(kitchen, DAY, habits, house::id)
                    .take(proposal.picks())
                    .changes());
            LocalDate last = DAY.plusDays(days - 1L);
            Looked looked = Looked.of(taken, last);
            if (!proposed.equals(Till.of(taken, DAY, last))) {
                broken("proposal and plan cost otherwise");
            }
            Plan plan = plan(taken);
            told = !proposal.fits();
            for (Asked one : told ? List.<Asked>of() : asked) {
                if (!one.holds().in(plan, days)) {
                    broken("“" + one.words() + "” of " + days + " days: " + plan.eaten());
                }
            }
            for (int week = 0; !told && cap != null && week < proposed.trips().size(); week++) {
                if (proposed.trips().get(week).cost().known().minor() > cap.minor()) {
                    broken("week " + week + " is above " + cap);
                }
            }
            eaters(taken);
            kept(taken);
            there(taken);
            raw(looked);
            inTime(taken, looked);
            room(taken, days);
            return violations;
        }

        private void broken(String words) {
            violations.add(name + ": " + words);
        }

        private Menu asked(
                Kitchen kitchen, Habits habits, int days, List<Asked> asked, MenuWishes mixture, @Nullable Money cap) {
            while (true) {
                Wishing wishing = Wishing.read(
                        kitchen,
                        DAY,
                        mixture,
                        cap,
                        asked.stream().map(Asked::words).toList(),
                        List.of(),
                        List.of());
                Menu menu = Building.of(
                        kitchen,
                        Looked.of(kitchen, DAY.plusDays(days - 1L)),
                        habits,
                        new Tastes(Map.of(), Map.of(), Map.of()),
                        MadeHouse.recipes(),
                        new Menu.Asked(DAY, days, true, wishing));
                try {
                    wishing.hold(menu);
                    return menu;
                } catch (Refused refused) {
                    int at = Integer.parseInt(
                            Objects.requireNonNull(refused.field()).replace("/asks/", ""));
                    asked.remove(at);
                }
            }
        }

        private MenuWishes mixture() {
            return switch (random.nextInt(4)) {
                case 0 -> MenuWishes.CHEAP;
                case 1 -> MenuWishes.EASY;
                case 2 -> MenuWishes.VARIED;
                default ->
                    new MenuWishes(
                            random.nextInt(5),
                            random.nextInt(5),
                            random.nextInt(5),
                            random.nextInt(5),
                            random.nextInt(5),
                            random.nextInt(5),
                            random.nextInt(5));
            };
        }

        /** Somebody is home from some time on; on two evenings of the week late. */
        private Habits habits() {
            List<UUID> all = house.people.stream().map(Person::id).toList();
            List<Habit> said = new ArrayList<>();
            for (int weekday = 1; weekday <= 7; weekday++) {
                LocalTime home = random.nextInt(3) == 0 ? LocalTime.of(17, 50) : LocalTime.of(16, 30);
                said.add(new Habit(
                        house.id(),
                        MealOfDay.DINNER,
                        weekday,
                        LocalTime.of(18, 30),
                        random.nextInt(4) == 0 ? null : home,
                        20 + random.nextInt(40),
                        Meal.Kind.COOK,
                        "",
                        all));
            }
            return new Habits(said, house.habits().usual());
        }

        private Plan plan(Kitchen taken) {
            List<Eaten> eaten = new ArrayList<>();
            for (Meal meal : taken.planned().meals()) {
                for (Meal.Dish dish : meal.dishes()) {
                    UUID of = Objects.requireNonNull(dish.of());
                    meals++;
                    if (dish.kind() == Meal.DishKind.RECIPE) {
                        Recipe recipe = taken.planned().recipe(of).recipe();
                        eaten.add(new Eaten(meal.day(), recipe.title(), foods(recipe), meal.day(), recipe));
                    } else {
                        Batch batch =
                                Objects.requireNonNull(taken.planned().batches().get(of));
                        boolean ahead = batch.state() == Batch.State.PLANNED;
                        List<Food> foods = batch.recipe() == null ? List.of() : foods(batch.recipe());
                        eaten.add(new Eaten(
                                meal.day(), batch.name(), foods, ahead ? batch.cookOn() : null, batch.recipe()));
                    }
                }
            }
            return new Plan(eaten);
        }

        private static List<Food> foods(Recipe recipe) {
            return recipe.withMade().stream()
                    .flatMap(line -> line.read().saidFood().stream())
                    .toList();
        }

        /** Nobody meets what she must not eat; what is put on at the table is left off her plate. */
        private void eaters(Kitchen taken) {
            for (Meal meal : taken.planned().meals()) {
                for (Meal.Dish dish : meal.dishes()) {
                    UUID of = Objects.requireNonNull(dish.of());
                    Batch batch = taken.planned().batches().get(of);
                    Recipe recipe = dish.kind() == Meal.DishKind.RECIPE
                            ? taken.planned().recipe(of).recipe()
                            : batch == null ? null : batch.recipe();
                    if (recipe == null) {
                        continue;
                    }
                    List<Food> apart = Served.of(recipe).apart();
                    for (Person person : house(taken, meal)) {
                        foods(recipe).stream()
                                .filter(food -> !apart.contains(food))
                                .filter(food -> mustNot(person, food))
                                .forEach(food -> broken(person.name() + " meets " + food.name() + " in "
                                        + recipe.title() + ": " + person.diets() + person.allergens()));
                    }
                }
            }
        }

        private static List<Person> house(Kitchen taken, Meal meal) {
            return taken.home().people().stream()
                    .filter(person -> meal.people().contains(person.id()))
                    .toList();
        }

        private static boolean mustNot(Person person, Food food) {
            Set<Allergen> has = new HashSet<>(food.traits().contents().allergens(null));
            Collection<Animal> of = food.traits().animals();
            boolean allergen = person.allergens().stream().anyMatch(has::contains);
            return allergen || person.diets().stream().anyMatch(diet -> against(diet, of));
        }

        private static boolean against(Diet diet, Collection<Animal> of) {
            return switch (diet) {
                case VEGAN -> !of.isEmpty();
                case VEGETARIAN -> of.stream().anyMatch(one -> FLESH.contains(one) || OF_THE_WATER.contains(one));
                case NO_MEAT -> of.stream().anyMatch(FLESH::contains);
                case NO_PORK, HALAL -> of.contains(Animal.PORK);
                case NO_BEEF -> of.contains(Animal.BEEF);
                case KOSHER ->
                    of.contains(Animal.PORK)
                            || of.contains(Animal.RABBIT)
                            || of.contains(Animal.CRUSTACEAN)
                            || of.contains(Animal.BIVALVE);
            };
        }

        /** Cooked ahead: to the end of the fourth day, with rice in it the next (handbook, section 6), else frozen. */
        private void kept(Kitchen taken) {
            for (Meal meal : taken.planned().meals()) {
                for (Meal.Dish dish : meal.dishes()) {
                    Batch batch = taken.planned().batches().get(Objects.requireNonNull(dish.of()));
                    if (batch == null || batch.state() != Batch.State.PLANNED) {
                        continue;
                    }
                    long days = ChronoUnit.DAYS.between(batch.cookOn(), meal.day());
                    boolean rice = foods(Objects.requireNonNull(batch.recipe())).stream()
                            .anyMatch(food -> food.name().matches("(?i).*\\brice$"));
                    if (!dish.frozen() && days > (rice ? 1 : 4)) {
                        broken(batch.name() + " is " + days + " days old on " + meal.day());
                    }
                    if (days < 0 || dish.frozen() && days < 1) {
                        broken(batch.name() + " is eaten before it can be");
                    }
                }
            }
        }

        /** What is eaten of a dish is cooked or lies there: in the fridge within its dates, frozen with a night to thaw. */
        private void there(Kitchen taken) {
            Map<UUID, List<Lot>> lots = new HashMap<>();
            taken.open().stream()
                    .filter(lot -> lot.batch() != null)
                    .forEach(lot -> lots.computeIfAbsent(lot.batch(), own -> new ArrayList<>())
                            .add(lot));
            Map<UUID, Double> left = new HashMap<>();
            lots.values()
                    .forEach(own -> own.forEach(lot ->
                            left.put(lot.id(), lot.amount().value().toDecimal(6).doubleValue())));
            Map<UUID, Double> cooked = new HashMap<>();
            for (Meal meal : taken.planned().meals()) {
                for (Meal.Dish dish : meal.dishes()) {
                    Batch batch = taken.planned().batches().get(Objects.requireNonNull(dish.of()));
                    if (batch == null) {
                        continue;
                    }
                    double wanted =
                            Objects.requireNonNull(dish.portions()).toDecimal(6).doubleValue();
                    if (batch.state() == Batch.State.PLANNED) {
                        double size = batch.portions().toDecimal(6).doubleValue();
                        double before = cooked.merge(batch.id(), wanted, Double::sum);
                        if (before > size + 0.005) {
                            broken(before + " portions of " + batch.name() + ", " + size + " are cooked");
                        }
                        continue;
                    }
                    for (Lot lot : lots.getOrDefault(batch.id(), List.of())) {
                        LocalDate last = lot.dates().last().orElse(LocalDate.MAX);
                        boolean fits = lot.storage() == Storage.FREEZER
                                ? meal.day().isAfter(DAY)
                                : !meal.day().isAfter(last);
                        double take = fits ? Math.min(wanted, left.get(lot.id())) : 0;
                        left.merge(lot.id(), -take, Double::sum);
                        wanted -= take;
                    }
                    if (wanted > 0.005) {
                        broken(wanted + " portions of " + batch.name() + " are not there on " + meal.day());
                    }
                }
            }
        }

        /** Nothing is taken after its last day, nor before it can be thawed. */
        private void raw(Looked looked) {
            for (PlanCheck.Checked checked : looked.check().checked()) {
                checked.met()
                        .forEach(met -> met.takes().forEach(take -> {
                            LocalDate day = met.want().day();
                            boolean frozen = take.lot().frozenAs() != null;
                            LocalDate last = take.lot().limit();
                            if (!frozen && last != null && day.isAfter(last)) {
                                broken(met.want().name() + " of " + last + " is used on " + day);
                            }
                            if (frozen
                                    && take.lot().hoursToThaw(take.amount())
                                            > 9 + 24 * ChronoUnit.DAYS.between(DAY, day)) {
                                broken(met.want().name() + " is not thawed by " + day);
                            }
                        }));
            }
        }

        /** From when somebody is home, at the size of the table: what is cooked that evening is ready. */
        private void inTime(Kitchen taken, Looked looked) {
            for (Meal meal : taken.planned().meals()) {
                for (Meal.Dish dish : meal.dishes()) {
                    if (dish.kind() != Meal.DishKind.RECIPE || meal.when().homeFrom() == null || told) {
                        continue;
                    }
                    Recipe recipe = taken.planned()
                            .recipe(Objects.requireNonNull(dish.of()))
                            .recipe();
                    PlannedMeal seen = looked.of(meal).orElseThrow().evening();
                    Rational factor = seen.portions().dividedBy(Rational.of(recipe.portions()));
                    int minutes = ScaledStep.time(Sized.of(recipe, Size.of(factor), taken.measures())
                                    .steps())
                            .minutes();
                    long there = ChronoUnit.MINUTES.between(meal.when().homeFrom(), meal.table());
                    if (minutes > there) {
                        broken(recipe.title() + " takes " + minutes + " of " + there + " minutes on " + meal.day());
                    }
                }
            }
        }

        /** What is frozen for a later evening has room beside what lies there, evening by evening. */
        private void room(Kitchen taken, int days) {
            double litres = Objects.requireNonNull(taken.places()).stream()
                    .filter(place -> place.kind() == Storage.FREEZER)
                    .map(Place::litres)
                    .mapToDouble(one -> Objects.requireNonNull(one).doubleValue())
                    .sum();
            double full = taken.open().stream()
                    .filter(lot -> lot.storage() == Storage.FREEZER)
                    .mapToDouble(lot -> lot.room().toDecimal(6).doubleValue() / 1000)
                    .sum();
            for (int day = 0; day < days; day++) {
                LocalDate on = DAY.plusDays(day);
                double frozen = 0;
                for (Meal meal : taken.planned().meals()) {
                    for (Meal.Dish dish : meal.dishes()) {
                        Batch batch = taken.planned().batches().get(Objects.requireNonNull(dish.of()));
                        boolean lies = batch != null
                                && batch.state() == Batch.State.PLANNED
                                && dish.frozen()
                                && !batch.cookOn().isAfter(on)
                                && meal.day().isAfter(on);
                        frozen += lies
                                ? Objects.requireNonNull(dish.portions())
                                                .toDecimal(6)
                                                .doubleValue()
                                        * LITRES_A_PORTION
                                : 0;
                    }
                }
                if (frozen > 0.01 && full + frozen > litres) {
                    broken("the freezer of " + litres + " l holds " + (full + frozen) + " l on " + on);
                }
            }
        }
    }
}
