package wexilla.core.menu;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.PackTable.Pack;
import wexilla.core.quantity.Unit;

/** Seeded weeks to plan: invented, with the proportions of a household that cooks in bulk. */
public final class Menus {

    private static final List<String> PROTEINS =
            List.of("beef", "pork", "poultry", "fish", "eggs", "lentils", "chickpeas", "beans", "cheese", "");

    private Menus() {}

    /** How large a problem is. */
    public record Size(int days, int mealsADay, int dishes, int foods, int packets, int uses) {
        /** Dishes of few foods that are bought. */
        public Size(int days, int mealsADay, int dishes, int foods, int packets) {
            this(days, mealsADay, dishes, foods, packets, 5);
        }

        /** A month as a family has it: everything that goes in is bought in packs. */
        public static final Size TILL = new Size(28, 1, 60, 150, 20, 10);

        public static final Size DINNERS = new Size(28, 1, 300, 150, 20);
        public static final Size FIVE_WEEKS = new Size(35, 3, 300, 150, 30);
    }

    public static MenuProblem of(long seed, Size size, MenuWishes wishes) {
        Random random = new Random(seed);
        List<Food> foods = new ArrayList<>();
        for (int i = 0; i < size.foods(); i++) {
            long amount = 200_000L + random.nextInt(1_500) * 1_000L;
            int until = random.nextInt(3) > 0 ? MenuProblem.NONE : random.nextInt(size.days() + 5);
            long price = 10_000 * (1 + random.nextInt(12));
            Lot lot = new Lot(amount, random.nextInt(5) == 0 ? 1 : 0, until, random.nextInt(60) == 0 && until > 2);
            int keeps = random.nextInt(3) == 0 ? 3 + random.nextInt(14) : MenuProblem.NONE;
            foods.add(new Food(
                    "food " + i,
                    Unit.G,
                    random.nextInt(5) == 0 ? 20_000 : price,
                    random.nextInt(4) == 0 || size.uses() < 6 ? List.of(lot) : List.of(),
                    packs(random, price),
                    keeps,
                    random.nextInt(10) == 0
                            ? List.of(new MenuProblem.Besides(random.nextInt(size.days()), 120_000))
                            : List.of()));
        }
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < size.dishes(); i++) {
            List<Use> uses = new ArrayList<>();
            for (int use = random.nextInt(size.uses()); use > 0 && size.foods() > 0; use--) {
                uses.add(new Use(random.nextInt(size.foods()), 1_000 * (40_000L + 1_000L * random.nextInt(120))));
            }
            int hands = 8 + random.nextInt(40);
            dishes.add(new Dish(
                    "dish " + i,
                    proteins(random),
                    random.nextInt(4) - 1,
                    random.nextInt(4) == 0,
                    hands / 2,
                    hands * 100 / 12,
                    hands + random.nextInt(80),
                    random.nextInt(6) == 0 ? 1 : 4,
                    random.nextInt(3) > 0,
                    12 + random.nextInt(12),
                    2_000 + 100L * random.nextInt(250),
                    0,
                    uses,
                    random.nextInt(10) == 0 ? 0b0010001 : 0));
        }
        List<Packet> packets = new ArrayList<>();
        for (int i = 0; i < size.packets(); i++) {
            boolean fridge = random.nextInt(4) == 0;
            packets.add(new Packet(
                    i % 3 == 0 && size.dishes() > 0 ? "dish " + random.nextInt(size.dishes()) : "packet " + i,
                    proteins(random),
                    random.nextInt(3),
                    100 * (2 + random.nextInt(7)),
                    fridge ? 0 : 1,
                    fridge ? 1 + random.nextInt(4) : MenuProblem.NONE,
                    fridge ? MenuProblem.NONE : 10 + random.nextInt(100),
                    5,
                    9_000 + 100L * random.nextInt(120)));
        }
        List<Integer> cookMinutes = new ArrayList<>();
        for (int day = 0; day < size.days(); day++) {
            cookMinutes.add(day % 7 == 6 ? 120 : 0);
        }
        return new MenuProblem(
                size.days(),
                meals(random, size),
                dishes,
                packets,
                foods,
                cookMinutes,
                List.of(size.mealsADay() * 4_500L),
                random.nextInt(2) == 0 ? MenuProblem.NONE : 4_000,
                wishes,
                random.nextInt(3) == 0 && size.dishes() > 3
                        ? List.of(
                                new MenuProblem.Often(Set.of(0, 1, 2), 0, Math.min(6, size.days() - 1), 1, 2, "fish"),
                                new MenuProblem.Often(Set.of(3), 0, 1, 0, 0, "no pasta"))
                        : List.of());
    }

    /** One size or two, the larger a little cheaper for its size; sometimes several together; sometimes no price is known. */
    private static List<Pack> packs(Random random, long price) {
        if (random.nextInt(8) == 0) {
            return List.of();
        }
        long small = 50_000L * (2 + random.nextInt(9));
        long cost = price * small / 1_000_000;
        List<Pack> packs = new ArrayList<>(List.of(new Pack(small, cost, 1)));
        if (random.nextBoolean()) {
            packs.add(new Pack(2 * small, 2 * cost * (80 + random.nextInt(20)) / 100, 1));
        }
        if (random.nextInt(6) == 0) {
            packs.add(new Pack(3 * small, 2 * cost + cost / 2, 3));
        }
        return packs;
    }

    private static Set<String> proteins(Random random) {
        String protein = PROTEINS.get(random.nextInt(PROTEINS.size()));
        return protein.isEmpty() ? Set.of() : Set.of(protein);
    }

    private static List<Meal> meals(Random random, Size size) {
        List<List<Integer>> tables = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            List<Integer> against = new ArrayList<>();
            for (int thing = 0; thing < size.dishes() + size.packets(); thing++) {
                against.add(random.nextInt(8) == 0 ? Eater.MUST_NOT : random.nextInt(6) == 0 ? 1 : 0);
            }
            tables.add(List.copyOf(against));
        }
        List<Meal> meals = new ArrayList<>();
        for (int day = 0; day < size.days(); day++) {
            for (int i = 0; i < size.mealsADay(); i++) {
                boolean weekend = day % 7 > 4;
                meals.add(new Meal(
                        day,
                        200 + 25 * random.nextInt(12),
                        weekend ? 80 : 20 + 5 * random.nextInt(6),
                        weekend ? 300 : 45 + 15 * random.nextInt(4),
                        tables.get(random.nextInt(tables.size())),
                        random.nextInt(12) > 0,
                        MenuProblem.UNDECIDED,
                        random.nextInt(4)));
            }
        }
        return meals;
    }

    /** The same with whole portions, amounts and prices that divide, every meal open, and nothing that must be used. */
    public static MenuProblem whole(MenuProblem problem) {
        return new MenuProblem(
                problem.days(),
                problem.meals().stream()
                        .map(meal -> new Meal(
                                meal.day(),
                                meal.plates() / 100 * 100,
                                meal.minutes(),
                                meal.clock(),
                                meal.against(),
                                true,
                                meal.stands(),
                                meal.who()))
                        .toList(),
                problem.dishes().stream()
                        .map(dish -> new Dish(
                                dish.name(),
                                dish.proteins(),
                                dish.liked(),
                                dish.untried(),
                                dish.hands(),
                                dish.handsEach() / 100 * 100,
                                dish.minutes(),
                                dish.keeps(),
                                dish.freezes(),
                                dish.most(),
                                dish.cost(),
                                0,
                                dish.uses(),
                                dish.notOn()))
                        .toList(),
                problem.packets(),
                // what is bought is worth nothing left, so that the cheapest packs are the best; what nobody knows the
                // price
                // of is there only where it passes its day, so that taking it is best
                problem.foods().stream()
                        .map(food -> new Food(
                                food.name(),
                                food.unit(),
                                food.packs().isEmpty() ? food.worth() : 0,
                                food.lots().stream()
                                        .filter(lot ->
                                                !food.packs().isEmpty() || MenuStock.last(lot.until()) < problem.days())
                                        .map(lot -> new Lot(lot.amount(), lot.from(), lot.until(), false))
                                        .toList(),
                                food.packs(),
                                food.keeps(),
                                List.of()))
                        .toList(),
                problem.cookMinutes(),
                problem.caps(),
                MenuProblem.NONE,
                problem.wishes(),
                problem.often());
    }

    /** The same with something in some dishes whose price nobody knows. */
    public static MenuProblem unpriced(MenuProblem problem) {
        return new MenuProblem(
                problem.days(),
                problem.meals(),
                problem.dishes().stream()
                        .map(dish -> dish.unpriced(dish.hands() % 3 * 4_000L))
                        .toList(),
                problem.packets(),
                problem.foods(),
                problem.cookMinutes(),
                problem.caps(),
                problem.room(),
                problem.wishes(),
                problem.often());
    }

    /** The same where every packet is two dishes put together: its own and that of the next. */
    public static MenuProblem together(MenuProblem problem) {
        List<Packet> packets = problem.packets();
        List<Packet> two = new ArrayList<>();
        for (int i = 0; i < packets.size(); i++) {
            two.add(MenuTogether.one(List.of(packets.get(i), packets.get((i + 1) % packets.size()))));
        }
        return new MenuProblem(
                problem.days(),
                problem.meals(),
                problem.dishes(),
                two,
                problem.foods(),
                problem.cookMinutes(),
                problem.caps(),
                problem.room(),
                problem.wishes(),
                problem.often());
    }
}
