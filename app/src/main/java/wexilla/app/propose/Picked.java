package wexilla.app.propose;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.HabitRows;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Problem;
import wexilla.app.propose.MenuViews.MealChoice;
import wexilla.app.propose.MenuViews.TakeProposal;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.stations.propose.Pick;
import wexilla.core.stations.propose.Taking;

/** Reads what the meals of a proposal look at, and writes down what is taken of it. */
@Component
class Picked {

    private static final int MOST = 60;

    private final PlanKitchen kitchens;
    private final HabitRows habits;
    private final Recipes recipes;
    private final Snapshots snapshots;
    private final Changes changes;

    Picked(PlanKitchen kitchens, HabitRows habits, Recipes recipes, Snapshots snapshots, Changes changes) {
        this.kitchens = kitchens;
        this.habits = habits;
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.changes = changes;
    }

    String take(Act act, TakeProposal input) {
        List<MealChoice> meals = input.meals();
        if (meals.isEmpty() || meals.size() > MOST) {
            throw Problem.at("/meals", "Take 1 to " + MOST + " meals, not " + meals.size() + ".");
        }
        meals.forEach(choice -> Planning.day(choice.day(), act.day()));
        List<Pick> picks = MealChoice.picks("/meals", meals);
        Snapshot now = snapshots.of(act.household());
        Kitchen kitchen = kitchens.taking(now, picks);
        picks.stream().flatMap(pick -> Stream.ofNullable(pick.recipe())).forEach(id -> recipes.current(now, id));
        Answer answer = new Taking(kitchen, act.day(), habits.known(now), act::newId).take(picks);
        changes.write(act, answer.changes());
        return answer.words();
    }
}
