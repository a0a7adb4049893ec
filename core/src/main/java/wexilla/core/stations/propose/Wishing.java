package wexilla.core.stations.propose;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.FoodWord;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Refused;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuWishes;
import wexilla.core.menu.WishReader;
import wexilla.core.menu.WishReader.CookOn;
import wexilla.core.menu.WishReader.FewNew;
import wexilla.core.menu.WishReader.ForTheWeek;
import wexilla.core.menu.WishReader.Often;
import wexilla.core.menu.WishReader.UseBy;
import wexilla.core.menu.WishReader.Wish;
import wexilla.core.menu.WishReader.Without;
import wexilla.core.money.Money;
import wexilla.core.quantity.Unfit;

/**
 * What is wanted of a proposal: how much each thing counts, what was asked, what of the one before stays.
 *
 * @param budget for each week; null for none
 * @param meant what the words of bans and of what is wished so often mean, by those words
 */
public record Wishing(
        MenuWishes weights,
        @Nullable Money budget,
        List<Wish> wishes,
        Map<String, Meant> meant,
        List<Pick> kept,
        List<Pick> before) {

    private static final int MOST_ASKS = 12;

    /**
     * What was asked, as a cook says it.
     *
     * @param from the first day of the plan
     * @throws Refused that names the wish that cannot be read
     */
    public static Wishing read(
            Kitchen now,
            LocalDate from,
            MenuWishes weights,
            @Nullable Money budget,
            List<String> asks,
            List<Pick> kept,
            List<Pick> before) {
        if (asks.size() > MOST_ASKS) {
            throw Refused.at("/asks", asks.size() + " wishes; " + MOST_ASKS + " is the most.");
        }
        WishReader reader = new WishReader(now.today(), from, now.household().currency());
        List<Wish> wishes = new ArrayList<>();
        for (int i = 0; i < asks.size(); i++) {
            try {
                wishes.add(called(now, reader.read(asks.get(i))));
            } catch (Unfit unread) {
                throw Refused.at("/asks/" + i, String.valueOf(unread.getMessage()));
            }
        }
        Map<String, Meant> meant = new HashMap<>();
        for (Wish wish : wishes) {
            String what = wish instanceof Without without
                    ? without.what()
                    : wish instanceof Often often ? often.what() : null;
            if (what != null) {
                meant.put(what, Meant.of(what, now.foods().book()));
            }
        }
        boolean fewNew = wishes.stream().anyMatch(FewNew.class::isInstance);
        return new Wishing(fewNew ? weights.fewNewAboveAll() : weights, budget, wishes, meant, kept, before);
    }

    /** A food that is to be used up, as it is called on hand: "turkey mince" is minced turkey. */
    private static Wish called(Kitchen now, Wish wish) {
        if (!(wish instanceof UseBy use) || now.open().stream().anyMatch(lot -> named(lot.name(), use.food()))) {
            return wish;
        }
        return new UseBy(use.text(), now.reader().read(use.food()).foodName(), use.by());
    }

    /** @throws Refused where a food that is to be used up is not there, or no dish uses it, and where nothing is what is wished for */
    public void hold(Menu menu) {
        for (int i = 0; i < wishes.size(); i++) {
            if (wishes.get(i) instanceof Often often
                    && often.least() > 0
                    && menu.seen().stream().noneMatch(dish -> is(often.what(), dish))) {
                throw Refused.at(
                        "/asks/" + i, "No dish of the book, and nothing that is there, is " + often.what() + ".");
            }
            if (wishes.get(i) instanceof UseBy use
                    && menu.problem().foods().stream().noneMatch(food -> named(food.name(), use.food()))) {
                throw Refused.at(
                        "/asks/" + i,
                        "No " + use.food()
                                + " is there that is not spoken for and that a recipe of the book uses; look at On hand.");
            }
        }
    }

    /** The same without one of the wishes. */
    public Wishing without(Wish wish) {
        return new Wishing(
                weights, budget, wishes.stream().filter(one -> one != wish).toList(), meant, kept, before);
    }

    /** Whether a wish forbids this dish on this day. */
    boolean banned(Meant.Seen dish, LocalDate day) {
        return wishes.stream()
                .anyMatch(wish -> wish instanceof Without without
                        && !cookedWith(without)
                        && without.on(day)
                        && is(without.what(), dish));
    }

    /** Whether it is about what stands in the kitchen: it forbids the day of cooking, not that of the meal. */
    private boolean cookedWith(Without without) {
        Meant one = meant.get(without.what());
        return one != null && one.gear() != null;
    }

    /** The dishes with the days they must not be cooked on. */
    private List<Dish> dishes(MenuProblem open, Menu menu) {
        List<Dish> dishes = new ArrayList<>();
        for (int i = 0; i < open.dishes().size(); i++) {
            Meant.Seen seen = menu.seen().get(i);
            long notOn = 0;
            for (int day = 0; day < open.days(); day++) {
                LocalDate on = menu.start().plusDays(day);
                boolean without = wishes.stream()
                        .anyMatch(wish ->
                                wish instanceof Without one && cookedWith(one) && one.on(on) && is(one.what(), seen));
                notOn |= without ? 1L << day : 0;
            }
            dishes.add(open.dishes().get(i).notOn(notOn));
        }
        return dishes;
    }

    /** The first wish that forbids this dish on some day, as it was said. */
    Optional<String> against(Meant.Seen dish) {
        return wishes.stream()
                .filter(wish -> wish instanceof Without without && is(without.what(), dish))
                .map(Wish::text)
                .findFirst();
    }

    private boolean is(String what, Meant.Seen dish) {
        Meant one = meant.get(what);
        return one != null && one.is(dish);
    }

    /** What is to be eaten how often: of these dishes and packets, in each seven days or on each of its days. */
    private List<MenuProblem.Often> often(Menu menu, int days) {
        List<Meant.Seen> seen = menu.seen();
        List<MenuProblem.Often> all = new ArrayList<>();
        for (Wish wish : wishes) {
            if (wish instanceof Often often) {
                Set<Integer> things = IntStream.range(0, seen.size())
                        .filter(thing -> is(often.what(), seen.get(thing)))
                        .boxed()
                        .collect(Collectors.toSet());
                for (int from = 0; from < days; from += often.days().isEmpty() ? 7 : 1) {
                    int to = often.days().isEmpty() ? Math.min(days, from + 7) - 1 : from;
                    DayOfWeek day = menu.start().plusDays(from).getDayOfWeek();
                    // of a week that is cut off its part is asked
                    int least = often.days().isEmpty() ? often.least() * (to - from + 1) / 7 : often.least();
                    if (often.days().isEmpty() || often.days().contains(day)) {
                        all.add(new MenuProblem.Often(things, from, to, least, often.most(), often.text()));
                    }
                }
            }
        }
        return all;
    }

    /** What the bans leave out of what there is to choose, in words; a ban that meets nothing says so. */
    public List<String> told(Menu menu) {
        List<String> told = new ArrayList<>();
        for (Wish wish : wishes) {
            if (wish instanceof Without without) {
                long out = menu.seen().stream()
                        .filter(dish -> is(without.what(), dish))
                        .count();
                told.add(
                        out == 0
                                ? "“" + wish.text() + "” leaves nothing out: no dish there is has it in it"
                                : Menu.dishes(out) + " left out: " + wish.text());
            }
        }
        return told;
    }

    /** The problem with these meals, and what was asked of it. */
    MenuProblem onto(MenuProblem open, List<Meal> meals, Menu menu) {
        List<Meal> all = new ArrayList<>();
        for (int i = 0; i < meals.size(); i++) {
            all.add(meal(meals.get(i), menu.places().get(i), menu));
        }
        return new MenuProblem(
                open.days(),
                all,
                dishes(open, menu),
                open.packets(),
                foods(open, menu),
                cookMinutes(open.days(), menu.start()),
                List.of(mostAWeek()),
                open.room(),
                weights,
                often(menu, open.days()));
    }

    private List<Integer> cookMinutes(int days, LocalDate start) {
        List<Integer> minutes = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            LocalDate on = start.plusDays(day);
            minutes.add(wishes.stream()
                    .filter(wish -> wish instanceof CookOn cook && cook.on(on))
                    .mapToInt(wish -> ((CookOn) wish).minutes())
                    .sum());
        }
        return minutes;
    }

    private long mostAWeek() {
        return wishes.stream()
                .filter(ForTheWeek.class::isInstance)
                .mapToLong(wish -> ((ForTheWeek) wish).most().minor())
                .min()
                .orElse(budget == null ? MenuProblem.NONE : budget.minor());
    }

    private Meal meal(Meal meal, Menu.Place place, Menu menu) {
        if (!meal.open()) {
            return meal;
        }
        Choice stays = choice(kept, place, menu);
        Choice was = choice(before, place, menu);
        Choice stands = stays != null ? stays : was != null ? was : meal.stands();
        return new Meal(
                meal.day(),
                meal.plates(),
                meal.minutes(),
                meal.clock(),
                meal.against(),
                stays == null,
                stands,
                meal.who());
    }

    private static @Nullable Choice choice(List<Pick> choices, Menu.Place place, Menu menu) {
        return choices.stream()
                .filter(one -> one.day().equals(place.meal().day())
                        && one.meal() == place.meal().meal())
                .findFirst()
                .flatMap(one -> of(one, menu))
                .orElse(null);
    }

    /** What a choice that was answered stands for. */
    static Optional<Choice> of(Pick choice, Menu menu) {
        if (choice.batch() != null) {
            return menu.choice(DishKind.BATCH, choice.batch(), 0);
        }
        if (choice.recipe() == null) {
            return Optional.empty();
        }
        int day = menu.offset(choice.cookOn() == null ? choice.day() : choice.cookOn());
        return menu.choice(DishKind.RECIPE, choice.recipe(), day)
                .filter(one -> one instanceof Cooked cooked
                        && cooked.day() >= 0
                        && cooked.day() < menu.problem().days());
    }

    private List<Food> foods(MenuProblem open, Menu menu) {
        List<Food> foods = new ArrayList<>(open.foods());
        for (Wish wish : wishes) {
            if (wish instanceof UseBy use) {
                int by = menu.offset(use.by());
                foods.replaceAll(food -> named(food.name(), use.food())
                        ? food.with(
                                food.lots().stream().map(lot -> sooner(lot, by)).toList())
                        : food);
            }
        }
        return foods;
    }

    /** Whether what was said is this food, or names it: "the rest of the leeks". */
    static boolean named(String food, String said) {
        return new FoodWord(said, null).isIn(food) || new FoodWord(food, null).isIn(said);
    }

    private static Lot sooner(Lot lot, int by) {
        int until = lot.until() == MenuProblem.NONE ? by : Math.min(by, lot.until());
        return new Lot(lot.amount(), lot.from(), until, true);
    }
}
