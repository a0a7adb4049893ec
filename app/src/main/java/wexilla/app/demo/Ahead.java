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
import wexilla.app.demo.Script.PriceScript;
import wexilla.app.demo.Script.StretchScript;
import wexilla.app.demo.Script.WeighingScript;
import wexilla.app.eat.EatInput;
import wexilla.app.eat.Eating;
import wexilla.app.household.Foods;
import wexilla.app.household.People;
import wexilla.app.household.People.Person;
import wexilla.app.household.Weighings;
import wexilla.app.onhand.BatchRows.State;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Offers;
import wexilla.app.plan.PlanViews.DishInput;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Household;
import wexilla.app.recipes.Recipes;
import wexilla.app.recipes.Sizes;
import wexilla.app.stretch.Stretches;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Weighing;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.Sized;

/** The evenings, batches, big buys and prices of the demo household. */
@Component
class Ahead {

    private final People people;
    private final Lots lots;
    private final Foods foods;
    private final Recipes recipes;
    private final Sizes sizes;
    private final Stretches stretches;
    private final Planning planning;
    private final Batches batches;
    private final Eating eating;
    private final Offers offers;
    private final Weighings weighings;
    private final Acts acts;

    Ahead(
            People people,
            Lots lots,
            Foods foods,
            Recipes recipes,
            Sizes sizes,
            Stretches stretches,
            Planning planning,
            Batches batches,
            Eating eating,
            Offers offers,
            Weighings weighings,
            Acts acts) {
        this.people = people;
        this.lots = lots;
        this.foods = foods;
        this.recipes = recipes;
        this.sizes = sizes;
        this.stretches = stretches;
        this.planning = planning;
        this.batches = batches;
        this.eating = eating;
        this.offers = offers;
        this.weighings = weighings;
        this.acts = acts;
    }

    void weighed(Household household, List<WeighingScript> weighed, Instant when) {
        acts.perform(household, Story.key(), "weighing", weighed, String.class, when, act -> {
            for (WeighingScript one : weighed) {
                Food food = foods.known(household).book().named(one.food()).orElseThrow();
                BigDecimal before = BigDecimal.valueOf(one.before());
                BigDecimal after = BigDecimal.valueOf(one.after());
                UUID row = foods.row(household, food);
                weighings.add(act, row, one.part(), before, after, Weighing.Grade.WEIGHED);
            }
            return new Acts.Done<>("Weighed before and after", "");
        });
    }

    void prices(Household household, List<PriceScript> seen, Instant when) {
        acts.perform(household, Story.key(), "price", seen, String.class, when, act -> {
            for (PriceScript price : seen) {
                Food food = foods.known(household).book().named(price.food()).orElseThrow();
                Amount pack = Asked.amount("/pack", price.pack());
                Amount base = Conversion.convert(food, pack, food.base(), household.measures())
                                instanceof Conversion.Converted converted
                        ? converted.amount()
                        : pack;
                Money paid = Money.parse(price.price(), household.currency());
                offers.record(act, foods.row(household, food), base, paid, act.day());
            }
            return new Acts.Done<>("Prices seen at the market", "");
        });
    }

    void meal(Household household, MealScript script, Instant when) {
        plan(household, script.plan(), when.minusSeconds(7200));
        List<UUID> not = people.active(household).stream()
                .filter(p -> script.not().contains(p.name()))
                .map(Person::id)
                .toList();
        String day = script.plan().day();
        EatInput input = new EatInput(day, script.how(), script.text(), null, script.left(), script.liked(), not);
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
            Recipes.Stored stored = recipes.current(household, recipe);
            Sized sized = sizes.kitchen(household).sized(stored.recipe(), Rational.of(script.factor()), null);
            LocalDate cookOn = LocalDate.parse(script.cookOn());
            Money none = Money.zero(household.currency());
            batches.write(act, UUID.randomUUID(), stored, sized, script.style(), State.PLANNED, cookOn, none);
            return new Acts.Done<>(
                    "To cook on " + Household.words(LocalDate.parse(script.cookOn())) + ": " + script.recipe(), "");
        });
    }

    void plan(Household household, PlanScript script, Instant when) {
        acts.perform(household, Story.key(), "plan", script, String.class, when, act -> {
            List<UUID> here = people.active(household).stream()
                    .filter(p -> !script.absent().contains(p.name()))
                    .map(Person::id)
                    .toList();
            List<DishInput> dishes = new ArrayList<>();
            if (!script.dish().isEmpty()) {
                dishes.add(new DishInput(null, null, script.dish(), null));
            }
            String subject = planning.plan(
                    act,
                    new EveningInput(
                            script.day(),
                            0,
                            script.kind(),
                            script.table(),
                            script.minutes(),
                            false,
                            script.note(),
                            here,
                            dishes,
                            String.join("; ", script.sides())));
            return new Acts.Done<>(subject, "");
        });
    }

    void stretch(Household household, StretchScript script, Instant when) {
        acts.perform(household, Story.key(), "stretch", script, String.class, when, act -> {
            UUID lot = lots.open(household).stream()
                    .filter(l -> l.name().equals(script.lot()))
                    .findFirst()
                    .map(Lots.Lot::id)
                    .orElse(null);
            stretches.save(act, UUID.randomUUID(), lot, script.asked());
            return new Acts.Done<>("Stretch: " + script.asked().food(), "");
        });
    }
}
