package wexilla.core.menu;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuScore.Part;
import wexilla.core.money.Money;
import wexilla.core.plan.Remark;
import wexilla.core.quantity.text.CookWords;

/**
 * What another choice at one meal changes, part by part of what counts: the reasons of a proposal are these differences and
 * nothing else.
 *
 * @param worse what speaks against the other choice, the weightiest first
 * @param total how much more counts against the plan with it; less than zero where it is the better one
 */
public record MenuDifference(List<Reason> worse, long total) {

    /** @param weight how much more this part counts, above zero; @param words in the cook's words */
    public record Reason(Part part, long weight, String words) {}

    public MenuDifference {
        worse = List.copyOf(worse);
    }

    /** The reasons in words, so many at most. */
    public String words(int most) {
        return String.join(", ", worse.stream().limit(most).map(Reason::words).toList());
    }

    /**
     * The difference to these choices with another one at a meal.
     *
     * @param now what they count
     * @param start the day that is day 0
     */
    public static MenuDifference of(
            MenuProblem problem,
            List<Choice> choices,
            MenuScore now,
            int at,
            Choice other,
            LocalDate start,
            Currency currency) {
        List<Choice> changed = new ArrayList<>(choices);
        changed.set(at, other);
        MenuScore then = MenuScore.of(problem, changed);
        Words words = new Words(problem, choices, changed, now, then, at, start, currency);
        List<Reason> worse = new ArrayList<>();
        for (Part part : Part.values()) {
            long more = then.of(part) - now.of(part);
            if (more > 0) {
                worse.add(new Reason(part, more, words.of(part)));
            }
        }
        worse.sort(Comparator.comparingLong((Reason one) -> -one.weight()));
        return new MenuDifference(worse, then.total() - now.total());
    }

    private record Words(
            MenuProblem problem,
            List<Choice> choices,
            List<Choice> changed,
            MenuScore now,
            MenuScore then,
            int at,
            LocalDate start,
            Currency currency) {

        String of(Part part) {
            return switch (part) {
                case RULES -> rule();
                case OPEN -> "the meal would be open";
                case MONEY -> money();
                case CAP -> money(paidOver(then) - paidOver(now)) + " more above what a week may cost";
                case HANDS -> hands();
                case REPEATS -> again();
                case TASTE -> taste();
                case NEW -> "nobody here has cooked it yet";
                case WASTE -> money(then.wasted() - now.wasted()) + " more passes its date";
                case CHANGES -> "it changes what stands";
                case EVENINGS -> "two big cookings on one evening";
                case FRESH -> "a week of which nothing is cooked fresh";
                case PRICES -> "more of it has no price anybody knows";
                case SIZE -> "there is too little of it, or no room for it";
            };
        }

        private String rule() {
            List<String> before = MenuCheck.of(problem, choices, start).stream()
                    .map(MenuCheck.Broken::words)
                    .toList();
            return MenuCheck.of(problem, changed, start).stream()
                    .map(MenuCheck.Broken::words)
                    .filter(words -> !before.contains(words))
                    .findFirst()
                    .orElse("more of what must be used is left");
        }

        private String money() {
            long more = then.cost() - now.cost();
            return more > 0
                    ? money(more) + " more at the till"
                    : money((then.of(Part.MONEY) - now.of(Part.MONEY))
                                    / MenuWishes.factor(problem.wishes().cheap()))
                            + " more of what is there and would keep";
        }

        private long paidOver(MenuScore score) {
            long over = 0;
            for (int week = 0; week < problem.weeks(); week++) {
                long most = problem.cap(week).orElse(Long.MAX_VALUE / MenuWeights.MINOR);
                over += Math.max(0, score.bought().get(week) - most * MenuWeights.MINOR);
            }
            return over;
        }

        private String hands() {
            int more = then.minutes() - now.minutes();
            return more > 0
                    ? CookWords.minutes(more) + " more of hands"
                    : CookWords.minutes(Math.max(0, then.over() - now.over())) + " more than there are on the day";
        }

        /** What it follows too soon, the weightiest of all. */
        private String again() {
            Meal meal = problem.meals().get(at);
            Choice own = changed.get(at);
            long worst = 0;
            String words = "something comes again too soon";
            for (int other = 0; other < changed.size(); other++) {
                int gap = Math.abs(problem.meals().get(other).day() - meal.day());
                Choice beside = changed.get(other);
                boolean counts = other != at
                        && gap < MenuWeights.DISH_DAYS
                        && meal.meets(problem.meals().get(other))
                        && problem.thing(beside) != MenuProblem.NONE
                        && problem.thing(own) != MenuProblem.NONE;
                boolean same = counts && problem.same(own, beside);
                boolean protein = counts && problem.proteins(own).stream().anyMatch(problem.proteins(beside)::contains);
                long weight = counts ? MenuWeights.pair(gap, same, own.equals(beside), protein) : 0;
                if (weight > worst) {
                    worst = weight;
                    String what = same
                            ? "the same dish"
                            : problem.proteins(own).stream()
                                    .filter(problem.proteins(beside)::contains)
                                    .findFirst()
                                    .orElse("the same");
                    words = what + " on "
                            + Remark.day(
                                    start.plusDays(problem.meals().get(other).day())) + " too";
                }
            }
            return words;
        }

        private String taste() {
            Meal meal = problem.meals().get(at);
            int more = Math.max(0, problem.against(meal, changed.get(at)))
                    - Math.max(0, problem.against(meal, choices.get(at)));
            if (more > 0) {
                return more == 1
                        ? "somebody would rather not, or ate it lately"
                        : "more would rather not, or ate it lately";
            }
            return problem.liked(changed.get(at)) < problem.liked(choices.get(at))
                    ? "it is liked less"
                    : "it is past its best";
        }

        private String money(long hundredths) {
            return Money.of(Math.max(0, hundredths) / MenuWeights.MINOR, currency)
                    .decimal();
        }
    }
}
