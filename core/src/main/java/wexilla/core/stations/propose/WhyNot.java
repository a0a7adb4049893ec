package wexilla.core.stations.propose;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wexilla.core.food.book.FoodWord;
import wexilla.core.menu.MenuDifference;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.search.MenuReasons;
import wexilla.core.menu.search.MenuSwaps;
import wexilla.core.plan.Eater;
import wexilla.core.plan.Remark;

/** Why a dish is not in a proposal: who must not eat it, what forbids it, or what it would cost where it would fit best. */
public final class WhyNot {

    private static final int MOST_REASONS = 3;

    private WhyNot() {}

    private record Best(int at, MenuSwaps.Swap swap) {}

    /** @param dish as a cook calls it */
    public static String of(Proposal proposal, MenuReasons reasons, Wishing wishing, String dish) {
        Menu menu = proposal.menu();
        MenuProblem problem = menu.problem();
        FoodWord called = new FoodWord(dish, null);
        List<Integer> things = IntStream.range(0, menu.seen().size())
                .filter(thing -> called.isIn(menu.seen().get(thing).name()))
                .boxed()
                .toList();
        if (things.isEmpty()) {
            return "No dish of the book, and nothing that is there, is called “" + dish + "”.";
        }
        List<Choice> choices = proposal.found().choices();
        String days = IntStream.range(0, choices.size())
                .filter(at -> things.contains(problem.thing(choices.get(at))))
                .mapToObj(at -> day(menu, at))
                .distinct()
                .collect(Collectors.joining(", "));
        if (!days.isEmpty()) {
            return "It is in: " + days + ".";
        }
        List<Integer> open = IntStream.range(0, choices.size())
                .filter(at -> problem.meals().get(at).open())
                .boxed()
                .toList();
        boolean never = open.stream()
                .allMatch(at -> things.stream()
                        .allMatch(thing -> problem.meals().get(at).against().get(thing) == Eater.MUST_NOT));
        if (never) {
            return never(menu, wishing, menu.seen().get(things.get(0)));
        }
        Optional<Best> best = open.stream()
                .flatMap(at -> reasons
                        .swaps()
                        .best(at, choice -> things.contains(problem.thing(choice)))
                        .map(swap -> new Best(at, swap))
                        .stream())
                .min(Comparator.comparingLong(
                        one -> reasons.against(one.at(), one.swap().choice()).total()));
        return best.map(one -> costs(proposal, reasons, one))
                .orElse("It is ready on none of these days: nobody is at home long enough before the table.");
    }

    private static String costs(Proposal proposal, MenuReasons reasons, Best best) {
        MenuDifference than = reasons.against(best.at(), best.swap().choice());
        String instead =
                proposal.menu().problem().name(proposal.found().choices().get(best.at()));
        String where = best.swap().name() + " fits best on " + day(proposal.menu(), best.at()) + ", instead of "
                + (instead.isEmpty() ? "nothing" : instead);
        return than.total() <= 0 || than.worse().isEmpty()
                ? where + ", and would do as well there: keep it and ask again."
                : where + ": " + than.words(MOST_REASONS) + ".";
    }

    private static String never(Menu menu, Wishing wishing, Meant.Seen dish) {
        for (Eater eater : menu.eaters()) {
            Optional<String> must = eater.mustNot(dish.name(), dish.served());
            if (must.isPresent()) {
                return dish.name() + " is not for " + eater.name() + ": " + must.get() + ".";
            }
        }
        return wishing.against(dish)
                .map(wish -> dish.name() + " is left out: you asked for “" + wish + "”.")
                .orElse(dish.name() + " is no dish for these meals.");
    }

    private static String day(Menu menu, int at) {
        return Remark.day(menu.start().plusDays(menu.problem().meals().get(at).day()));
    }
}
