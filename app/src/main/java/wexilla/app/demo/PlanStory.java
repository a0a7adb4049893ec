package wexilla.app.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.demo.Script.BatchScript;
import wexilla.app.demo.Script.MealScript;
import wexilla.app.demo.Script.PlanScript;
import wexilla.app.eat.EatInput;
import wexilla.app.eat.Eating;
import wexilla.app.household.People;
import wexilla.app.plan.PlanViews.DishInput;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Acts;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Written;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;

/** The evenings and batches of the demo household. */
@Component
class PlanStory {

    private final People people;
    private final Recipes recipes;
    private final Sizes sizes;
    private final Planning planning;
    private final Batches batches;
    private final Eating eating;
    private final Acts acts;

    PlanStory(
            People people, Recipes recipes, Sizes sizes, Planning planning, Batches batches, Eating eating, Acts acts) {
        this.people = people;
        this.recipes = recipes;
        this.sizes = sizes;
        this.planning = planning;
        this.batches = batches;
        this.eating = eating;
        this.acts = acts;
    }

    void plan(Household household, PlanScript script, Instant when) {
        acts.perform(household, Story.key(), "plan", script, String.class, when, act -> {
            List<UUID> here = people.active(household).stream()
                    .filter(p -> !script.absent().contains(p.name()))
                    .map(Person::id)
                    .toList();
            List<DishInput> dishes = new ArrayList<>();
            if (!script.dish().isEmpty()) {
                dishes.add(DishInput.named(script.dish()));
            }
            String subject = planning.plan(
                    act,
                    new EveningInput(
                            script.day(),
                            0,
                            script.kind(),
                            script.meal(),
                            script.table(),
                            null,
                            script.minutes(),
                            false,
                            script.note(),
                            here,
                            null,
                            dishes,
                            String.join("; ", script.sides()),
                            null));
            return new Acts.Done<>(subject, "");
        });
    }

    void meal(Household household, MealScript script, Instant when) {
        plan(household, script.plan(), when.minusSeconds(7200));
        List<UUID> not = people.active(household).stream()
                .filter(p -> script.not().contains(p.name()))
                .map(Person::id)
                .toList();
        String day = script.plan().day();
        EatInput input = new EatInput(
                day, null, script.how(), script.text(), null, BigDecimal.valueOf(script.left()), script.liked(), not);
        acts.perform(
                household,
                Story.key(),
                "eat",
                script,
                String.class,
                when,
                act -> new Acts.Done<>(eating.eat(act, LocalDate.parse(day), input), ""));
    }

    void batch(Household household, BatchScript script, UUID recipe, Instant when) {
        acts.perform(household, Story.key(), "batch", script, String.class, when, act -> {
            Written stored = recipes.current(household, recipe);
            Sized sized = sizes.pots(household).sized(stored.recipe(), Rational.of(script.factor()), null);
            LocalDate cookOn = LocalDate.parse(script.cookOn());
            Money none = Money.zero(household.currency());
            batches.write(act, act.newId(), stored, sized, script.style(), State.PLANNED, cookOn, none);
            return new Acts.Done<>(
                    "To cook on " + Household.words(LocalDate.parse(script.cookOn())) + ": " + script.recipe(), "");
        });
    }
}
