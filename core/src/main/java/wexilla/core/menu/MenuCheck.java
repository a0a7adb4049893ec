package wexilla.core.menu;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import wexilla.core.menu.MenuProblem.Choice;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Undecided;
import wexilla.core.plan.Eater;
import wexilla.core.plan.Remark;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.text.CookWords;

/** The hard rules of a proposed plan, asked one by one without its score: every plan passes here before it is shown. */
public final class MenuCheck {

    /** @param meal its place; {@link MenuProblem#NONE} for the whole plan. @param words in the cook's words */
    public record Broken(int meal, String words) {}

    private final MenuProblem problem;
    private final List<? extends Choice> choices;
    private final LocalDate start;
    private final List<Broken> broken = new ArrayList<>();

    private MenuCheck(MenuProblem problem, List<? extends Choice> choices, LocalDate start) {
        this.problem = problem;
        this.choices = choices;
        this.start = start;
    }

    /** What this plan breaks; empty for one that can be taken. @param start the day that is day 0 */
    public static List<Broken> of(MenuProblem problem, List<? extends Choice> choices, LocalDate start) {
        MenuCheck check = new MenuCheck(problem, choices, start);
        for (int i = 0; i < choices.size(); i++) {
            check.meal(i);
        }
        check.packets();
        check.musts();
        check.late();
        check.often();
        return List.copyOf(check.broken);
    }

    private void meal(int at) {
        Meal meal = problem.meals().get(at);
        Choice choice = choices.get(at);
        if (!meal.open()) {
            if (!choice.equals(meal.stands())) {
                broken.add(new Broken(at, day(meal.day()) + " was decided and has changed"));
            }
            return;
        }
        String name = problem.name(choice);
        if (choice instanceof Undecided) {
            broken.add(new Broken(at, "nothing fits " + day(meal.day())));
        } else if (problem.against(meal, choice) == Eater.MUST_NOT) {
            broken.add(new Broken(at, name + " is not for everybody who eats on " + day(meal.day())));
        }
        if (choice instanceof Cooked cooked
                && !problem.dishes().get(cooked.dish()).cooks(cooked.day())) {
            broken.add(new Broken(at, name + " is not to be cooked on " + day(cooked.day())));
        } else if (choice instanceof Cooked cooked && !problem.keeps(cooked, meal.day())) {
            broken.add(new Broken(
                    at,
                    name + " of " + day(cooked.day()) + " keeps to "
                            + day(cooked.day()
                                    + problem.dishes().get(cooked.dish()).keeps()) + ", planned for "
                            + day(meal.day())));
        }
        if (choice instanceof FromStock stock && !problem.there(stock, meal.day())) {
            broken.add(new Broken(at, name + " cannot be eaten on " + day(meal.day())));
        }
    }

    private void packets() {
        for (int i = 0; i < problem.packets().size(); i++) {
            int taken = 0;
            int last = MenuProblem.NONE;
            for (int at = 0; at < choices.size(); at++) {
                if (choices.get(at) instanceof FromStock stock && stock.packet() == i) {
                    taken += problem.meals().get(at).plates();
                    last = at;
                }
            }
            int missing = taken - problem.packets().get(i).plates();
            if (missing > 0) {
                broken.add(new Broken(
                        last,
                        Rational.of(missing, 100).plain() + " portions of "
                                + problem.packets().get(i).name() + " are not there"));
            }
        }
    }

    private void musts() {
        List<MenuCooking> cookings = MenuCooking.all(problem, choices);
        for (int food = 0; food < problem.foods().size(); food++) {
            String name = problem.foods().get(food).name();
            // what may wait beyond the plan is not missed by it
            MenuStock.of(problem, cookings, food).lost(problem.days()).stream()
                    .filter(MenuStock.Left::missed)
                    .forEach(left -> broken.add(new Broken(
                            MenuProblem.NONE,
                            name + " is not used by " + day(left.lot().until()))));
        }
    }

    private void late() {
        for (MenuCooking one : MenuCooking.all(problem, choices)) {
            int at = one.fresh(problem);
            Meal meal = at == MenuProblem.NONE ? null : problem.meals().get(at);
            if (meal != null && meal.open() && problem.late(one.of(), meal) > 0) {
                broken.add(new Broken(
                        at,
                        one.dish(problem).name() + " takes "
                                + CookWords.minutes(one.dish(problem).minutes()) + ", and on " + day(meal.day())
                                + " there are " + CookWords.minutes(meal.clock()) + " before the table"));
            }
        }
    }

    private void often() {
        for (MenuProblem.Often asked : problem.often()) {
            int often = problem.often(asked, choices);
            if (asked.off(often) > 0) {
                String when = asked.from() == asked.to()
                        ? "on " + day(asked.from())
                        : "from " + day(asked.from()) + " to " + day(asked.to());
                broken.add(new Broken(MenuProblem.NONE, "“" + asked.words() + "”: " + often + " " + when));
            }
        }
    }

    private String day(int day) {
        return Remark.day(start.plusDays(day));
    }
}
