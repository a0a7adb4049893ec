package wexilla.app.demo;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.demo.Script.HabitScript;
import wexilla.app.household.Equipped;
import wexilla.app.household.Equipped.Equipment;
import wexilla.app.household.People;
import wexilla.app.plan.HabitRows;
import wexilla.app.plan.PlanViews.HabitInput;
import wexilla.app.platform.Acts;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;

/** Who lives in the demo household, what there is to cook with, and which meals are the same every week. */
@Component
class HomeStory {

    private final People people;
    private final Equipped equipped;
    private final HabitRows habits;
    private final Acts acts;

    HomeStory(People people, Equipped equipped, HabitRows habits, Acts acts) {
        this.people = people;
        this.equipped = equipped;
        this.habits = habits;
        this.acts = acts;
    }

    void settle(Household household, Script script, Instant when) {
        acts.perform(household, Story.key(), "person", script.people(), String.class, when, act -> {
            script.people()
                    .forEach(p -> people.save(
                            act,
                            new Person(
                                    act.newId(),
                                    p.name(),
                                    p.appetite(),
                                    p.allergens(),
                                    p.flags(),
                                    p.dislikes(),
                                    p.chilli(),
                                    p.diets(),
                                    true,
                                    0)));
            script.equipment()
                    .forEach(e ->
                            equipped.save(act, new Equipment(act.newId(), e.name(), e.kind(), e.size(), e.count(), 0)));
            return new Acts.Done<>("Household: who eats, and what there is to cook with", "");
        });
    }

    void habit(Household household, HabitScript script, Instant when) {
        List<UUID> eats = people.active(household).stream()
                .filter(person -> script.eats().contains(person.name()))
                .map(Person::id)
                .toList();
        HabitInput input = new HabitInput(
                script.meal(),
                script.weekday(),
                script.table(),
                script.homeFrom(),
                script.minutes(),
                script.kind(),
                script.note(),
                eats);
        acts.perform(
                household,
                Story.key(),
                "plan",
                script,
                String.class,
                when,
                act -> new Acts.Done<>(habits.say(act, input), ""));
    }
}
