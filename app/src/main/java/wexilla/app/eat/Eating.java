package wexilla.app.eat;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.eat.EatInput.How;
import wexilla.app.plan.Meals;
import wexilla.app.plan.Planning;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Cost;
import wexilla.core.plan.MealOfDay;
import wexilla.core.quantity.Rational;

/** What was eaten leaves the stock, and what became of the evening is written down. */
@Component
public class Eating {

    private final Meals slots;
    private final Planning planning;
    private final Eaten eaten;
    private final Ratings ratings;
    private final Batches batches;

    Eating(Meals slots, Planning planning, Eaten eaten, Ratings ratings, Batches batches) {
        this.slots = slots;
        this.planning = planning;
        this.eaten = eaten;
        this.ratings = ratings;
        this.batches = batches;
    }

    /** Says what became of an evening. */
    public String eat(Act act, LocalDate day, EatInput input) {
        Meal slot = slot(act, day, input.which());
        if (slot.state() != State.PLANNED) {
            throw Problem.at("/day", "This evening is written down already; undo that first.");
        }
        Rational left = input.stays();
        Cost cost = Cost.zero(act.household().currency());
        String what = input.words();
        if (input.how() == How.PLANNED) {
            Eaten.Served served = eaten.asPlanned(act, slot, left);
            cost = served.cost();
            what = served.name().isEmpty() ? what : served.name();
        } else if (input.how() == How.OTHER && input.batch() != null) {
            cost = eaten.instead(act, slot, input.batch(), left);
        }
        ratings.rate(act, slot, input);
        slots.state(act, slot.id(), input.how().state(), instead(act, input));
        String used = cost.known().minor() == 0 ? "" : ", " + cost.known().decimal() + " used";
        return "Eaten: " + what + used;
    }

    private @Nullable String instead(Act act, EatInput input) {
        return input.how() == How.OTHER && input.typed().isEmpty() && input.batch() != null
                ? batches.name(act.household(), input.batch())
                : input.how() == How.OTHER ? input.typed() : null;
    }

    /** Nobody said anything: as planned, as far as the stock has it. */
    String assume(Act act, Meal slot) {
        eaten.asPlanned(act, slot, Rational.ZERO);
        slots.state(act, slot.id(), State.ASSUMED, null);
        return "Assumed eaten as planned on " + Household.words(slot.day());
    }

    private Meal slot(Act act, LocalDate day, MealOfDay meal) {
        Optional<Meal> known = slots.on(act.household(), day, meal);
        if (known.isPresent()) {
            return known.get();
        }
        if (day.isAfter(act.day()) || day.isBefore(act.day().minusDays(30))) {
            throw Problem.at("/day", "Only evenings of the last 30 days can be written down, not " + day + ".");
        }
        return planning.undecided(act, day, meal);
    }
}
