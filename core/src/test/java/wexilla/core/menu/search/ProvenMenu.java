package wexilla.core.menu.search;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wexilla.core.menu.MenuProblem;
import wexilla.core.menu.MenuProblem.Cooked;
import wexilla.core.menu.MenuProblem.Dish;
import wexilla.core.menu.MenuProblem.Food;
import wexilla.core.menu.MenuProblem.FromStock;
import wexilla.core.menu.MenuProblem.Lot;
import wexilla.core.menu.MenuProblem.Meal;
import wexilla.core.menu.MenuProblem.Packet;
import wexilla.core.menu.MenuProblem.Use;
import wexilla.core.menu.MenuWeights;
import wexilla.core.menu.MenuWishes;
import wexilla.core.plan.Eater;
import wexilla.core.pricing.PackTable;

/**
 * The same plan for the CP-SAT solver of OR-Tools, written from what counts and not from our search: the oracle. At most a
 * week of one meal a day, all of them open; whole portions, and amounts and prices that divide, so that nothing is rounded.
 */
final class ProvenMenu {

    private static final long MOST = 1L << 26;

    private final MenuProblem problem;
    private final MenuWishes wishes;
    private final CpModel model = new CpModel();
    private final LinearExprBuilder goal = LinearExpr.newBuilder();
    private final BoolVar[][][] cooked;
    private final BoolVar[][] packet;
    private final IntVar[][] plates;
    private final LinearExprBuilder[] week;
    private final LinearExprBuilder[] bigs;

    private ProvenMenu(MenuProblem problem) {
        Loader.loadNativeLibraries();
        this.problem = problem;
        wishes = problem.wishes();
        int meals = problem.meals().size();
        cooked = new BoolVar[meals][problem.dishes().size()][problem.days()];
        packet = new BoolVar[meals][problem.packets().size()];
        plates = new IntVar[problem.dishes().size()][problem.days()];
        bigs = new LinearExprBuilder[problem.days()];
        for (int day = 0; day < bigs.length; day++) {
            bigs[day] = LinearExpr.newBuilder();
        }
        week = new LinearExprBuilder[problem.weeks()];
        for (int i = 0; i < week.length; i++) {
            week[i] = LinearExpr.newBuilder();
        }
    }

    /** What the best plan counts, where it is proven within these seconds. */
    static Optional<Long> of(MenuProblem problem, double seconds) {
        return new ProvenMenu(problem).solve(seconds);
    }

    private Optional<Long> solve(double seconds) {
        for (int at = 0; at < cooked.length; at++) {
            meal(at);
        }
        for (int i = 0; i < problem.packets().size(); i++) {
            stock(i);
        }
        hands();
        pairs();
        problem.often().forEach(this::often);
        for (int i = 0; i < problem.foods().size(); i++) {
            food(i);
        }
        for (LinearExprBuilder one : week) {
            IntVar paid = model.newIntVar(0, MOST, "paid");
            model.addEquality(paid, one.build());
            goal.addTerm(paid, MenuWishes.factor(wishes.cheap()));
            if (problem.cap(0).isPresent()) {
                goal.addTerm(
                        over(
                                LinearExpr.newBuilder().add(paid).build(),
                                problem.cap(0).getAsLong() * MenuWeights.MINOR),
                        MenuWeights.OVER_BUDGET * MenuWeights.ALWAYS);
            }
        }
        model.minimize(goal.build());
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2);
        boolean proven = solver.solve(model) == CpSolverStatus.OPTIMAL;
        return proven ? Optional.of(Math.round(solver.objectiveValue())) : Optional.empty();
    }

    private IntVar over(LinearExpr what, long most) {
        IntVar over = model.newIntVar(0, MOST, "over");
        model.addGreaterOrEqual(
                LinearExpr.newBuilder()
                        .add(over)
                        .addTerm(LinearExpr.constant(1), most)
                        .build(),
                what);
        return over;
    }

    private void meal(int at) {
        Meal meal = problem.meals().get(at);
        List<BoolVar> one = new ArrayList<>();
        for (int dish = 0; dish < problem.dishes().size(); dish++) {
            for (int day = 0; day <= meal.day(); day++) {
                if (problem.keeps(new Cooked(dish, day), meal.day())) {
                    cooked[at][dish][day] = chosen(
                            one,
                            meal.against().get(dish),
                            problem.dishes().get(dish).liked());
                }
            }
        }
        for (int i = 0; i < problem.packets().size(); i++) {
            if (problem.there(new FromStock(i), meal.day())) {
                Packet own = problem.packets().get(i);
                packet[at][i] = chosen(one, meal.against().get(problem.dishes().size() + i), own.liked());
                boolean old = own.best() != MenuProblem.NONE && meal.day() > own.best();
                goal.addTerm(packet[at][i], old ? MenuWeights.ALWAYS * MenuWeights.PAST_BEST : 0);
            }
        }
        model.addExactlyOne(one.toArray(BoolVar[]::new));
    }

    private BoolVar chosen(List<BoolVar> one, int against, int liked) {
        BoolVar chosen = model.newBoolVar("");
        if (against == Eater.MUST_NOT) {
            model.addEquality(chosen, 0);
        }
        goal.addTerm(
                chosen,
                MenuWeights.ALWAYS * Math.max(0, against) * MenuWeights.DISLIKED
                        - MenuWishes.factor(wishes.favourites()) * liked * MenuWeights.LIKED);
        one.add(chosen);
        return chosen;
    }

    private void stock(int i) {
        Packet own = problem.packets().get(i);
        LinearExprBuilder taken = LinearExpr.newBuilder();
        for (int at = 0; at < packet.length; at++) {
            if (packet[at][i] != null) {
                taken.addTerm(packet[at][i], problem.meals().get(at).plates());
            }
        }
        IntVar missing = over(taken.build(), own.plates());
        goal.addTerm(missing, MenuWeights.ALWAYS * MenuWeights.PORTION_SHORT / 100);
        // what is eaten of it, at most what there is
        LinearExpr eaten =
                LinearExpr.newBuilder().add(taken).addTerm(missing, -1).build();
        boolean limit = own.until() != MenuProblem.NONE && own.until() < problem.days();
        boolean best = own.best() != MenuProblem.NONE && own.best() < problem.days();
        long each = limit
                ? -MenuWishes.factor(wishes.useUp()) * own.worth() / 100
                : best
                        ? -MenuWishes.factor(wishes.useUp()) * own.worth() / 200
                        : MenuWishes.factor(wishes.cheap()) * own.worth() / 200;
        goal.addTerm(eaten, each);
        goal.add(limit || best ? -each * own.plates() : 0);
    }

    /** Each cooking: its portions, minutes fresh or ahead, and what it costs. */
    private void hands() {
        LinearExprBuilder[] ahead = new LinearExprBuilder[problem.days()];
        LinearExprBuilder[] at = new LinearExprBuilder[problem.days()];
        for (int day = 0; day < problem.days(); day++) {
            ahead[day] = LinearExpr.newBuilder();
            at[day] = LinearExpr.newBuilder();
        }
        for (int dish = 0; dish < problem.dishes().size(); dish++) {
            for (int day = 0; day < problem.days(); day++) {
                cooking(dish, day, at, ahead);
            }
        }
        evenings();
        for (int meal = 0; meal < packet.length; meal++) {
            for (int i = 0; i < problem.packets().size(); i++) {
                if (packet[meal][i] != null) {
                    at[meal].addTerm(packet[meal][i], problem.packets().get(i).minutes());
                }
            }
        }
        long quick = MenuWishes.factor(wishes.quick());
        for (int day = 0; day < problem.days(); day++) {
            int minutes = problem.meals().get(day).minutes();
            IntVar over = over(at[day].build(), minutes);
            // minutes left at the table = minutes − hands + over
            LinearExpr both = LinearExpr.newBuilder()
                    .add(ahead[day])
                    .add(at[day])
                    .addTerm(over, -1)
                    .build();
            IntVar more = over(both, minutes + problem.cookMinutes().get(day));
            IntVar plain = over(ahead[day].build(), 0);
            goal.addTerm(at[day].build(), quick * MenuWeights.HAND_MINUTE);
            goal.addTerm(plain, quick * MenuWeights.HAND_MINUTE);
            goal.addTerm(over, quick * MenuWeights.MINUTE_OVER).addTerm(more, quick * MenuWeights.MINUTE_OVER);
        }
    }

    private void evenings() {
        LinearExprBuilder fresh = LinearExpr.newBuilder();
        for (int day = 0; day < problem.days(); day++) {
            IntVar more = over(bigs[day].build(), 1);
            goal.addTerm(more, MenuWeights.big(2));
            for (int dish = 0; dish < problem.dishes().size(); dish++) {
                if (cooked[day][dish][day] != null) {
                    fresh.add(cooked[day][dish][day]);
                }
            }
        }
        BoolVar none = model.newBoolVar("nothing fresh");
        model.addGreaterOrEqual(LinearExpr.newBuilder().add(fresh).add(none).build(), 1);
        goal.addTerm(none, MenuWeights.fresh(0, problem.whole(0)));
    }

    private void cooking(int at, int day, LinearExprBuilder[] atTable, LinearExprBuilder[] ahead) {
        Dish dish = problem.dishes().get(at);
        BoolVar any = model.newBoolVar("any");
        LinearExprBuilder count = LinearExpr.newBuilder();
        LinearExprBuilder eaten = LinearExpr.newBuilder();
        for (int meal = 0; meal < cooked.length; meal++) {
            if (cooked[meal][at][day] != null) {
                eaten.addTerm(cooked[meal][at][day], problem.meals().get(meal).plates() / 100);
                model.addImplication(cooked[meal][at][day], any);
                count.add(cooked[meal][at][day]);
                if (meal != day) {
                    atTable[meal].addTerm(cooked[meal][at][day], MenuWeights.REHEAT);
                }
            }
        }
        plates[at][day] = model.newIntVar(0, 1_000, "plates");
        model.addEquality(plates[at][day], eaten.build());
        BoolVar fresh = cooked[day][at][day] == null ? model.newBoolVar("never") : cooked[day][at][day];
        if (cooked[day][at][day] == null) {
            model.addEquality(fresh, 0);
        }
        IntVar here = model.newIntVar(0, 1_000, "here");
        model.addEquality(here, plates[at][day]).onlyEnforceIf(fresh);
        model.addEquality(here, 0).onlyEnforceIf(fresh.not());
        atTable[day].addTerm(fresh, dish.hands()).addTerm(here, dish.handsEach() / 100);
        ahead[day]
                .addTerm(any, dish.hands())
                .addTerm(fresh, -dish.hands())
                .addTerm(plates[at][day], dish.handsEach() / 100)
                .addTerm(here, -dish.handsEach() / 100);
        if (dish.minutes() > problem.meals().get(day).clock()) {
            model.addEquality(fresh, 0);
        }
        if (problem.cookMinutes().get(day) == 0) {
            BoolVar big = model.newBoolVar("big");
            // ahead
            model.addGreaterOrEqual(LinearExpr.newBuilder().add(big).add(fresh).build(), any);
            // or for several meals
            model.addLessOrEqual(
                    count.build(),
                    LinearExpr.newBuilder().addTerm(big, cooked.length).add(1).build());
            bigs[day].add(big);
        }
        goal.addTerm(any, dish.untried() ? MenuWishes.factor(wishes.fewNew()) * MenuWeights.UNTRIED : 0);
        IntVar tooMany = over(LinearExpr.newBuilder().add(plates[at][day]).build(), dish.most());
        goal.addTerm(tooMany, MenuWeights.ALWAYS * MenuWeights.PORTION_SHORT);
        week[day / 7].addTerm(plates[at][day], dish.cost());
    }

    private void often(MenuProblem.Often asked) {
        LinearExprBuilder count = LinearExpr.newBuilder();
        for (int at = 0; at < cooked.length; at++) {
            int day = problem.meals().get(at).day();
            for (Eaten one : day >= asked.from() && day <= asked.to() ? eaten(at) : List.<Eaten>of()) {
                if (asked.things().contains(problem.thing(one.choice()))) {
                    count.add(one.chosen());
                }
            }
        }
        model.addGreaterOrEqual(count.build(), asked.least());
        if (asked.most() != MenuProblem.NONE) {
            model.addLessOrEqual(count.build(), asked.most());
        }
    }

    private void pairs() {
        for (int one = 0; one < cooked.length; one++) {
            for (int other = one + 1; other < cooked.length; other++) {
                for (Eaten a :
                        problem.meals().get(one).meets(problem.meals().get(other)) ? eaten(one) : List.<Eaten>of()) {
                    for (Eaten b : eaten(other)) {
                        pair(a, b, other - one);
                    }
                }
            }
        }
    }

    private record Eaten(MenuProblem.Choice choice, BoolVar chosen) {}

    private List<Eaten> eaten(int at) {
        List<Eaten> all = new ArrayList<>();
        for (int dish = 0; dish < problem.dishes().size(); dish++) {
            for (int day = 0; day < problem.days(); day++) {
                if (cooked[at][dish][day] != null) {
                    all.add(new Eaten(new Cooked(dish, day), cooked[at][dish][day]));
                }
            }
        }
        for (int i = 0; i < problem.packets().size(); i++) {
            if (packet[at][i] != null) {
                all.add(new Eaten(new FromStock(i), packet[at][i]));
            }
        }
        return all;
    }

    private void pair(Eaten one, Eaten other, int gap) {
        boolean same = problem.name(one.choice()).equals(problem.name(other.choice()));
        boolean protein = problem.proteins(one.choice()).stream().anyMatch(problem.proteins(other.choice())::contains);
        long counts = MenuWeights.pair(gap, same, one.choice().equals(other.choice()), protein);
        if (gap < MenuWeights.DISH_DAYS && counts > 0) {
            BoolVar both = model.newBoolVar("both");
            model.addBoolOr(new BoolVar[] {both}).onlyEnforceIf(new BoolVar[] {one.chosen(), other.chosen()});
            goal.addTerm(both, MenuWeights.varied(wishes, gap) * counts);
        }
    }

    /** What is taken of each lot by each cooking is the solver's to choose. */
    private void food(int at) {
        Food food = problem.foods().get(at);
        LinearExprBuilder[] left = new LinearExprBuilder[food.lots().size()];
        for (int lot = 0; lot < left.length; lot++) {
            left[lot] = LinearExpr.newBuilder().add(food.lots().get(lot).amount() / 1_000);
        }
        LinearExprBuilder lacking = LinearExpr.newBuilder();
        long worth = food.worth() / 1_000;
        for (int dish = 0; dish < problem.dishes().size(); dish++) {
            long each = problem.dishes().get(dish).uses().stream()
                            .filter(use -> use.food() == at)
                            .mapToLong(Use::each)
                            .sum()
                    / 1_000;
            if (each > 0) {
                for (int day = 0; day < problem.days(); day++) {
                    LinearExprBuilder bought = LinearExpr.newBuilder().addTerm(plates[dish][day], each / 1_000);
                    for (int i = 0; i < left.length; i++) {
                        Lot lot = food.lots().get(i);
                        boolean keeps = lot.until() == MenuProblem.NONE || lot.until() >= problem.days();
                        if (day >= lot.from() && (keeps || lot.until() >= day)) {
                            IntVar take = model.newIntVar(0, lot.amount() / 1_000, "take");
                            bought.addTerm(take, -1);
                            left[i].addTerm(take, -1);
                            goal.addTerm(take, keeps ? MenuWishes.factor(wishes.cheap()) * worth / 2 : 0);
                        }
                    }
                    IntVar paid = model.newIntVar(0, MOST, "bought");
                    model.addEquality(paid, bought.build());
                    // a hundredth of what a cooking wants is not missed
                    BoolVar near = model.newBoolVar("near");
                    IntVar buys = model.newIntVar(0, MOST, "buys");
                    LinearExpr hundred = LinearExpr.newBuilder()
                            .addTerm(paid, 100)
                            .addTerm(plates[dish][day], -each / 1_000)
                            .build();
                    model.addLessOrEqual(hundred, 0).onlyEnforceIf(near);
                    model.addGreaterThan(hundred, 0).onlyEnforceIf(near.not());
                    model.addEquality(buys, 0).onlyEnforceIf(near);
                    model.addEquality(buys, paid).onlyEnforceIf(near.not());
                    lacking.add(buys);
                }
            }
        }
        // whole packs, of which a hundredth may be short
        LinearExprBuilder covered = LinearExpr.newBuilder();
        for (PackTable.Pack pack : food.packs()) {
            IntVar many = model.newIntVar(0, 1_000, "packs");
            covered.addTerm(many, pack.amount() / 10);
            week[0].addTerm(many, pack.price());
        }
        if (!food.packs().isEmpty()) {
            model.addGreaterOrEqual(
                    covered.build(),
                    LinearExpr.newBuilder().addTerm(lacking.build(), 99).build());
        }
        for (int i = 0; i < left.length; i++) {
            IntVar rest = model.newIntVar(0, MOST, "rest");
            model.addEquality(rest, left[i].build());
            int until = food.lots().get(i).until();
            boolean lost = until != MenuProblem.NONE && until < problem.days();
            goal.addTerm(rest, lost ? MenuWishes.factor(wishes.useUp()) * worth : 0);
        }
    }
}
