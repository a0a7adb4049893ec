package wexilla.core.menu.search;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wexilla.core.menu.MenuCooking;
import wexilla.core.menu.MenuDifference;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Undecided;
import wexilla.core.menu.MenuScore;
import wexilla.core.menu.MenuStock;
import wexilla.core.menu.MenuTill;
import wexilla.core.menu.MenuWeights;
import wexilla.core.money.Money;
import wexilla.core.plan.Remark;
import wexilla.core.quantity.text.CookWords;

/** Why a proposed plan is as it is: for each meal, for the whole, and what it would cost to have it otherwise. */
public final class MenuReasons {

    private static final int MOST_LOST = 4;
    private static final int MOST_RATHER = 2;

    private final MenuProblem problem;
    private final List<Choice> choices;
    private final MenuTill till;
    private final MenuScore score;
    private final LocalDate start;
    private final Currency currency;
    private final List<MenuCooking> cookings;
    private final Map<Cooked, MenuCooking> cookingOf = new HashMap<>();
    private final List<MenuStock> stocks = new ArrayList<>();
    private final MenuSwaps swaps;

    /** A plan of which nobody knows more than the search does. @param start the day that is day 0 */
    public MenuReasons(MenuProblem problem, List<Choice> choices, LocalDate start, Currency currency) {
        this(problem, choices, MenuTill.of(problem, choices, start), start, currency);
    }

    /** @param till what it comes to; @param start the day that is day 0 */
    public MenuReasons(MenuProblem problem, List<Choice> choices, MenuTill till, LocalDate start, Currency currency) {
        this.till = till;
        this.problem = problem;
        this.choices = List.copyOf(choices);
        this.start = start;
        this.currency = currency;
        score = MenuScore.of(problem, choices);
        swaps = new MenuSwaps(problem, choices, currency);
        cookings = MenuCooking.all(problem, choices);
        cookings.forEach(cooking -> cookingOf.put(cooking.of(), cooking));
        for (int food = 0; food < problem.foods().size(); food++) {
            stocks.add(MenuStock.of(problem, cookings, food));
        }
    }

    /** Why this is eaten at this meal, the weightiest first. */
    public List<String> meal(int at) {
        Choice choice = choices.get(at);
        Meal meal = problem.meals().get(at);
        List<String> why = new ArrayList<>();
        if (!meal.open()) {
            why.add("decided by you");
            return why;
        }
        if (choice instanceof Undecided) {
            why.add("nothing fits: too little is known that everybody there eats and that is ready in time");
        } else if (choice instanceof FromStock stock) {
            packet(problem.packets().get(stock.packet()), why);
        } else if (choice instanceof Cooked cooked) {
            cooked(cooked, at, why);
        }
        if (meal.stands().equals(choice)) {
            why.add("as it stood");
        }
        swaps.of(at).stream().findFirst().ifPresent(next -> rather(at, next, why));
        return List.copyOf(why);
    }

    /** What speaks against the next best, by what it would count. */
    private void rather(int at, MenuSwaps.Swap next, List<String> why) {
        MenuDifference than = against(at, next.choice());
        if (than.total() > 0 && !than.worse().isEmpty()) {
            why.add("rather than " + next.name() + ": " + than.words(MOST_RATHER));
        }
    }

    /** What another choice at this meal would change. */
    public MenuDifference against(int at, Choice other) {
        return MenuDifference.of(problem, choices, score, at, other, start, currency);
    }

    private void packet(Packet packet, List<String> why) {
        why.add("there already: nothing to buy, " + CookWords.minutes(packet.minutes()));
        if (packet.until() != MenuProblem.NONE) {
            why.add("keeps to " + day(packet.until()));
        } else if (packet.best() != MenuProblem.NONE && packet.best() < problem.days()) {
            why.add("best before " + day(packet.best()));
        }
    }

    private void cooked(Cooked cooked, int at, List<String> why) {
        MenuCooking cooking = cookingOf.get(cooked);
        Dish dish = problem.dishes().get(cooked.dish());
        Meal meal = problem.meals().get(at);
        if (cooking == null) {
            return;
        }
        if (meal.day() != cooked.day()) {
            why.add((cooking.frozenFor(problem, at) ? "frozen, of " : "of ") + day(cooked.day()) + ": "
                    + MenuWeights.REHEAT + " min to warm, no second cooking");
        } else if (cooking.fresh(problem) == at) {
            fromStock(cooking, why);
            int hands = MenuWeights.hands(dish, cooking.plates());
            why.add(hands + " min of " + meal.minutes());
            if (cooking.meals().size() > 1) {
                why.add("cooked once for " + CookWords.counted(cooking.meals().size(), "meal"));
            }
        } else {
            why.add("of the same day");
        }
        if (dish.liked() > 0) {
            why.add("liked");
        }
    }

    /** The foods of the stock this cooking takes, those that pass their date first. */
    private void fromStock(MenuCooking cooking, List<String> why) {
        Set<String> dated = new LinkedHashSet<>();
        Set<String> there = new LinkedHashSet<>();
        for (int food = 0; food < stocks.size(); food++) {
            String name = problem.foods().get(food).name();
            stocks.get(food).needs().stream()
                    .filter(need -> need.cooking().equals(cooking))
                    .flatMap(need -> need.takes().stream())
                    .forEach(take -> {
                        int until = take.lot().until();
                        if (MenuStock.last(until) < problem.days()) {
                            dated.add(name + ", which keeps to " + day(until));
                        } else {
                            there.add(name);
                        }
                    });
        }
        if (!dated.isEmpty()) {
            why.add("uses the " + String.join("; the ", dated));
        }
        if (!there.isEmpty()) {
            why.add("you have " + String.join(", ", there));
        }
    }

    /** What the plan comes to, and what was traded for what. */
    public List<String> whole() {
        List<String> whole = new ArrayList<>();
        long paid = till.paid();
        long stocked = choices.stream().filter(FromStock.class::isInstance).count();
        whole.add(money(paid) + " to buy for " + CookWords.counted(choices.size(), "meal") + ", "
                + CookWords.counted(cookings.size(), "cooking")
                + (stocked > 0 ? ", " + CookWords.counted(stocked, "meal") + " from what is there" : ""));
        for (int week = 0; week < till.weeks().size(); week++) {
            long most = problem.cap(week).orElse(Long.MAX_VALUE);
            long more = till.weeks().get(week) - most;
            if (more > 0) {
                whole.add("week from " + day(7 * week) + ": " + money(more) + " above the " + money(most) + " you set");
            }
        }
        if (score.over() > 0) {
            whole.add(CookWords.minutes(score.over()) + " more than there are, all together");
        }
        long wasted = score.wasted() / MenuWeights.MINOR;
        whole.add(
                wasted > 0
                        ? "about " + money(wasted) + " of what you have passes its date uneaten: " + lost()
                        : "nothing you have passes its date uneaten");
        traded(whole);
        return List.copyOf(whole);
    }

    /** What passes its date, the dearest first. */
    private String lost() {
        record Lost(String words, long worth) {}
        List<Lost> lost = new ArrayList<>();
        for (int i = 0; i < stocks.size(); i++) {
            MenuProblem.Food food = problem.foods().get(i);
            stocks.get(i).spare().stream()
                    .filter(one -> MenuStock.last(one.until()) < problem.days())
                    .forEach(one -> lost.add(new Lost(
                            food.name() + " of a pack (" + day(one.until()) + ")",
                            MenuWeights.worth(one.amount(), food.worth()))));
            for (MenuStock.Left left : stocks.get(i).lost(problem.days())) {
                long worth = MenuWeights.worth(left.amount(), food.worth());
                lost.add(new Lost(food.name() + " (" + day(left.lot().until()) + ")", worth));
            }
        }
        for (int i = 0; i < problem.packets().size(); i++) {
            Packet packet = problem.packets().get(i);
            int at = i;
            int taken = 0;
            for (int meal = 0; meal < choices.size(); meal++) {
                boolean own = choices.get(meal) instanceof FromStock stock && stock.packet() == at;
                taken += own ? problem.meals().get(meal).plates() : 0;
            }
            int until = packet.until() == MenuProblem.NONE ? packet.best() : packet.until();
            long worth = MenuStock.PacketUse.of(packet, taken, problem.days()).wasted();
            lost.add(new Lost(packet.name() + " (" + day(until) + ")", worth));
        }
        return lost.stream()
                .filter(one -> one.worth() > 0)
                .sorted(java.util.Comparator.comparingLong(one -> -one.worth()))
                .limit(MOST_LOST)
                .map(Lost::words)
                .collect(java.util.stream.Collectors.joining(", "));
    }

    /** The cheapest other choice that was not taken for its minutes or for what it repeats. */
    private void traded(List<String> whole) {
        record Traded(int at, MenuSwaps.Swap swap) {}
        List<Traded> cheaper = new ArrayList<>();
        for (int at = 0; at < choices.size(); at++) {
            if (problem.meals().get(at).open()) {
                for (MenuSwaps.Swap swap : swaps.of(at)) {
                    if (swap.cost() < 0 && swap.wasted() <= 0) {
                        cheaper.add(new Traded(at, swap));
                    }
                }
            }
        }
        cheaper.stream()
                .min(java.util.Comparator.comparingLong(one -> one.swap().cost()))
                .ifPresent(one -> {
                    MenuDifference than = against(one.at(), one.swap().choice());
                    if (!than.worse().isEmpty()) {
                        whole.add(money(-one.swap().cost()) + " less with "
                                + one.swap().name() + " on "
                                + day(problem.meals().get(one.at()).day()) + ", but " + than.words(1));
                    }
                });
    }

    /** The next best choices for each meal, with what they cost. */
    public MenuSwaps swaps() {
        return swaps;
    }

    private String money(long minor) {
        return Money.of(minor, currency).decimal();
    }

    private String day(int day) {
        return Remark.day(start.plusDays(day));
    }
}
