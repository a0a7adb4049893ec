package wexilla.app.day;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.household.Equipped;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.onhand.Snapshot;
import wexilla.core.clock.DayProblem.Person;
import wexilla.core.cookday.CookDay;
import wexilla.core.cookday.CookDay.Pot;
import wexilla.core.cookday.DayDishes;
import wexilla.core.cookday.DayHeat;
import wexilla.core.cookday.DayTasks;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.house.Household;
import wexilla.core.people.Appetite;
import wexilla.core.recipe.Wording;
import wexilla.core.recipe.check.SafetyCheck;

/** What a day has to be cooked, as jobs of this household: its batches and joints, its gear, its pace. */
@Component
class DayBuild {

    private final Batches batches;
    private final DayBefore dayBefore;
    private final Equipped equipped;
    private final People people;
    private final TimedSteps timed;
    private final Reference reference;
    private final Vessels vessels;

    DayBuild(
            Batches batches,
            DayBefore dayBefore,
            Equipped equipped,
            People people,
            TimedSteps timed,
            Reference reference,
            Vessels vessels) {
        this.batches = batches;
        this.dayBefore = dayBefore;
        this.equipped = equipped;
        this.people = people;
        this.timed = timed;
        this.reference = reference;
        this.vessels = vessels;
    }

    /** The jobs of everything that is cooked on a day. */
    DayTasks.Made of(Snapshot now, LocalDate on, List<Person> cooks) {
        return of(now, pots(now, on), dayBefore.joints(now, on), cooks);
    }

    /** The jobs of some batches and joints. */
    DayTasks.Made of(Snapshot now, List<Pot> pots, List<DayTasks.Dish> joints, List<Person> cooks) {
        Household household = now.household();
        CookDay cookDay = CookDay.of(pots, household.measures());
        DayDishes dishes = DayDishes.of(
                pots,
                cookDay.preparations(),
                joints,
                Wording.of(household.system(), household.measures()),
                timed.pace(household),
                new DayHeat(reference.heat(), now.book(), household.country(), vessels.pressure()));
        return DayTasks.of(dishes.dishes(), dishes.once(), cooks, Equipped.gear(equipped.all(household)));
    }

    /** What could make somebody ill of what is cooked on a day, dish by dish. */
    List<String> mind(Snapshot now, LocalDate on) {
        return pots(now, on).stream()
                .map(pot -> pot.sized().recipe())
                .flatMap(recipe ->
                        SafetyCheck.of(recipe, List.of()).stream().map(flag -> recipe.title() + ": " + flag.words()))
                .distinct()
                .toList();
    }

    List<Pot> pots(Snapshot now, LocalDate on) {
        List<Pot> pots = new ArrayList<>();
        for (Batch batch : batches.withRecipes(now, batches.named(now, List.of(), on, on))) {
            batch.sized(now.household().measures())
                    .ifPresent(sized -> pots.add(new Pot(
                            batch.id().toString(), sized, batch.style(), Key.dish(String.valueOf(batch.recipeId())))));
        }
        return pots;
    }

    /** Those who are big enough, in the order they were written down. */
    List<String> cooks(Household household) {
        return people.active(household).stream()
                .filter(person -> person.appetite() == Appetite.ADULT || person.appetite() == Appetite.TEENAGER)
                .map(person -> person.name())
                .toList();
    }
}
