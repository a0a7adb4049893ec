package wexilla.core.menu;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Undecided;
import wexilla.core.plan.Eater;

/**
 * What a whole plan costs, takes and leaves, counted once through from the start. The search counts the same in pieces;
 * this is what it is held against.
 *
 * @param total what counts against it, all together; smaller is better
 * @param parts of the total
 * @param bought hundredths of minor units of money for each week
 * @param minutes of hands, all together
 * @param over minutes of hands that are not there
 * @param wasted worth of what passes its date uneaten, in hundredths of minor units
 * @param broken how many hard rules
 * @param open meals nobody decided
 */
public record MenuScore(
        long total,
        Map<Part, Long> parts,
        List<Long> bought,
        int minutes,
        int over,
        long wasted,
        int broken,
        int open) {

    /** What counts against a plan, by what it is about. */
    public enum Part {
        RULES,
        OPEN,
        MONEY,
        CAP,
        HANDS,
        REPEATS,
        TASTE,
        NEW,
        WASTE,
        CHANGES,
        EVENINGS,
        FRESH,
        PRICES,
        SIZE
    }

    /** How much this part counts. */
    public long of(Part part) {
        return parts.getOrDefault(part, 0L);
    }

    /** Money to be paid all together, hundredths of minor units. */
    public long cost() {
        return bought.stream().mapToLong(Long::longValue).sum();
    }

    /** @param choices one for each meal */
    public static MenuScore of(MenuProblem problem, List<? extends Choice> choices) {
        return new Count(problem, choices).score();
    }

    private static final class Count {
        private final MenuProblem problem;
        private final MenuWishes wishes;
        private final List<? extends Choice> choices;
        private final List<MenuCooking> cookings;
        private final int[] mealHands;
        private final int[] session;
        private final long[] bought;
        private final Map<Part, Long> parts = new EnumMap<>(Part.class);
        private long wasted;
        private int over;
        private int broken;
        private int open;

        Count(MenuProblem problem, List<? extends Choice> choices) {
            this.problem = problem;
            this.wishes = problem.wishes();
            this.choices = choices;
            this.cookings = MenuCooking.all(problem, choices);
            this.mealHands = new int[choices.size()];
            this.session = new int[problem.days()];
            this.bought = new long[problem.weeks()];
        }

        MenuScore score() {
            for (int i = 0; i < choices.size(); i++) {
                meal(i);
            }
            cookings.forEach(this::cooking);
            neighbours();
            for (int day = 0; day < problem.days(); day++) {
                day(day);
            }
            for (int food = 0; food < problem.foods().size(); food++) {
                food(food);
            }
            for (int packet = 0; packet < problem.packets().size(); packet++) {
                packet(packet);
            }
            freezer();
            evenings();
            for (MenuProblem.Often asked : problem.often()) {
                int off = asked.off(problem.often(asked, choices));
                broken += off > 0 ? 1 : 0;
                add(Part.RULES, MenuWeights.HARD * off);
            }
            for (int week = 0; week < bought.length; week++) {
                add(Part.MONEY, MenuWishes.factor(wishes.cheap()) * bought[week]);
                add(Part.CAP, MenuWeights.overCap(problem, week, bought[week]));
            }
            int minutes = java.util.Arrays.stream(mealHands).sum()
                    + java.util.Arrays.stream(session).sum();
            return new MenuScore(
                    parts.values().stream().mapToLong(Long::longValue).sum(),
                    Map.copyOf(parts),
                    java.util.Arrays.stream(bought).boxed().toList(),
                    minutes,
                    over,
                    wasted,
                    broken,
                    open);
        }

        private void add(Part part, long more) {
            parts.merge(part, more, Long::sum);
        }

        private void meal(int at) {
            Meal meal = problem.meals().get(at);
            Choice choice = choices.get(at);
            int against = problem.against(meal, choice);
            if (meal.open()) {
                boolean late = choice instanceof Cooked cooked && !problem.keeps(cooked, meal.day())
                        || choice instanceof FromStock stock && !problem.there(stock, meal.day());
                if (against == Eater.MUST_NOT || late) {
                    broken++;
                    add(Part.RULES, MenuWeights.HARD);
                } else {
                    add(Part.TASTE, MenuWeights.ALWAYS * against * MenuWeights.DISLIKED);
                }
                if (choice instanceof Undecided) {
                    open++;
                    add(Part.OPEN, MenuWeights.OPEN);
                }
                boolean changed =
                        !(meal.stands() instanceof Undecided) && !meal.stands().equals(choice);
                add(Part.CHANGES, changed ? MenuWeights.changed(problem, meal.day()) : 0);
            }
            if (choice instanceof FromStock stock) {
                Packet packet = problem.packets().get(stock.packet());
                mealHands[at] = packet.minutes();
                add(Part.TASTE, MenuWeights.pastBest(packet, meal.day()));
            }
            if (choice instanceof Cooked cooked) {
                add(Part.PRICES, MenuWeights.unpriced(problem, problem.dishes().get(cooked.dish()), meal.plates()));
            }
            add(Part.TASTE, -MenuWishes.factor(wishes.favourites()) * problem.liked(choice) * MenuWeights.LIKED);
        }

        private void cooking(MenuCooking one) {
            Dish dish = problem.dishes().get(one.of().dish());
            int hands = MenuWeights.hands(dish, one.plates());
            int fresh = one.fresh(problem);
            one.meals().forEach(meal -> mealHands[meal] = MenuWeights.REHEAT);
            if (fresh == MenuProblem.NONE) {
                session[one.of().day()] += hands;
            } else {
                mealHands[fresh] = hands;
                Meal meal = problem.meals().get(fresh);
                if (meal.open() && problem.late(one.of(), meal) > 0) {
                    broken++;
                    add(Part.RULES, MenuWeights.late(problem.late(one.of(), meal)));
                }
            }
            bought[one.of().day() / 7] += dish.cost() * one.plates() / 100;
            add(Part.NEW, dish.untried() ? MenuWishes.factor(wishes.fewNew()) * MenuWeights.UNTRIED : 0);
            int tooMany = Math.max(0, one.plates() - 100 * dish.most());
            add(Part.SIZE, MenuWeights.ALWAYS * tooMany * MenuWeights.PORTION_SHORT / 100);
        }

        private void neighbours() {
            for (int i = 0; i < choices.size(); i++) {
                for (int j = i + 1; j < choices.size(); j++) {
                    int gap = problem.meals().get(j).day()
                            - problem.meals().get(i).day();
                    if (gap >= MenuWeights.DISH_DAYS) {
                        break;
                    }
                    boolean meet = problem.meals().get(i).meets(problem.meals().get(j));
                    add(
                            Part.REPEATS,
                            meet ? MenuWeights.varied(wishes, gap) * pair(choices.get(i), choices.get(j), gap) : 0);
                }
            }
        }

        private long pair(Choice one, Choice other, int gap) {
            if (one instanceof Undecided || other instanceof Undecided) {
                return 0;
            }
            boolean same = problem.same(one, other);
            boolean protein = problem.proteins(one).stream().anyMatch(problem.proteins(other)::contains);
            return MenuWeights.pair(gap, same, one.equals(other), protein);
        }

        private void day(int day) {
            int spare = problem.cookMinutes().get(day);
            for (int i = 0; i < choices.size(); i++) {
                Meal meal = problem.meals().get(i);
                if (meal.day() == day) {
                    spare += Math.max(0, meal.minutes() - mealHands[i]);
                    over(mealHands[i] - meal.minutes());
                    add(Part.HANDS, MenuWishes.factor(wishes.quick()) * mealHands[i] * MenuWeights.HAND_MINUTE);
                }
            }
            over(session[day] - spare);
            add(Part.HANDS, MenuWishes.factor(wishes.quick()) * session[day] * MenuWeights.HAND_MINUTE);
        }

        private void over(int minutes) {
            int more = Math.max(0, minutes);
            over += more;
            add(Part.HANDS, MenuWishes.factor(wishes.quick()) * more * MenuWeights.MINUTE_OVER);
        }

        private void food(int at) {
            MenuStock stock = MenuStock.of(problem, cookings, at);
            Food food = problem.foods().get(at);
            for (int week = 0; week < bought.length; week++) {
                bought[week] += stock.trips().get(week).cost();
            }
            // what would keep is worth half: an empty cupboard is no saving, and what a pack leaves in it is not lost
            add(
                    Part.MONEY,
                    MenuWishes.factor(wishes.cheap())
                            * (MenuWeights.worth(stock.kept(problem.days()), food.worth()) / 2
                                    - MenuWeights.worth(stock.spared(problem.days()), food.worth()) / 2));
            long spoilt = MenuWeights.worth(stock.spoilt(problem.days()), food.worth());
            wasted += spoilt;
            add(Part.WASTE, MenuWishes.factor(wishes.useUp()) * spoilt);
            for (MenuStock.Left left : stock.lost(problem.days())) {
                long worth = MenuWeights.worth(left.amount(), food.worth());
                wasted += worth;
                add(Part.WASTE, MenuWishes.factor(wishes.useUp()) * worth);
                add(
                        Part.RULES,
                        left.lot().must()
                                ? MenuWeights.must(left.amount(), left.lot().amount())
                                : 0);
                if (left.missed()) {
                    broken++;
                }
            }
        }

        private void packet(int at) {
            Packet packet = problem.packets().get(at);
            int taken = 0;
            for (int i = 0; i < choices.size(); i++) {
                if (choices.get(i) instanceof FromStock stock && stock.packet() == at) {
                    taken += problem.meals().get(i).plates();
                }
            }
            MenuStock.PacketUse use = MenuStock.PacketUse.of(packet, taken, problem.days());
            wasted += use.wasted();
            add(Part.SIZE, use.tooFew());
            add(Part.WASTE, MenuWishes.factor(wishes.useUp()) * use.wasted());
            add(Part.MONEY, MenuWishes.factor(wishes.cheap()) * use.kept());
        }

        private void evenings() {
            long[] big = new long[problem.days()];
            cookings.stream()
                    .filter(one -> one.big(problem))
                    .forEach(one -> big[one.of().day()]++);
            for (long day : big) {
                add(Part.EVENINGS, MenuWeights.big(day));
            }
            long[] fresh = new long[problem.weeks()];
            for (int at = 0; at < choices.size(); at++) {
                int day = problem.meals().get(at).day();
                fresh[day / 7] += choices.get(at) instanceof Cooked cooked && cooked.day() == day ? 1 : 0;
            }
            for (int week = 0; week < fresh.length; week++) {
                add(Part.FRESH, MenuWeights.fresh(fresh[week], problem.whole(week)));
            }
        }

        private void freezer() {
            if (problem.room() == MenuProblem.NONE) {
                return;
            }
            long[] frozen = new long[problem.days()];
            for (MenuCooking one : cookings) {
                for (int meal : one.meals()) {
                    Meal eaten = problem.meals().get(meal);
                    boolean freezes = eaten.day() - one.of().day()
                            > problem.dishes().get(one.of().dish()).keeps();
                    for (int day = one.of().day(); freezes && day < eaten.day(); day++) {
                        frozen[day] += eaten.plates();
                    }
                }
            }
            for (long day : frozen) {
                add(Part.SIZE, MenuWeights.noRoom(problem, day));
            }
        }
    }
}
