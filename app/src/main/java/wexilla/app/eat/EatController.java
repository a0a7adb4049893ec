package wexilla.app.eat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.eat.EatInput.How;
import wexilla.app.household.People;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.Meals;
import wexilla.app.plan.PlanKitchen;
import wexilla.app.platform.Acts;
import wexilla.app.platform.Acts.Said;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.State;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Person;
import wexilla.core.plan.Countdown;
import wexilla.core.plan.MealOfDay;
import wexilla.core.plan.PlannedMeal;

/** Eat: tonight, and the evenings nobody has said anything about. */
@RestController
class EatController {

    private static final int BACK = 14;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private final Eating eating;
    private final Meals slots;
    private final PlanKitchen evenings;
    private final People people;
    private final Acts acts;
    private final Ratings ratings;
    private final Snapshots snapshots;

    EatController(
            Eating eating,
            Meals slots,
            PlanKitchen evenings,
            People people,
            Acts acts,
            Ratings ratings,
            Snapshots snapshots) {
        this.eating = eating;
        this.slots = slots;
        this.evenings = evenings;
        this.people = people;
        this.acts = acts;
        this.ratings = ratings;
        this.snapshots = snapshots;
    }

    /** One step counted back from table time. */
    record StepAt(String at, String dish, String words, int minutes) {}

    record EaterView(String id, String name) {}

    /** A dish that is cooked for the meal. @param factor of the recipe as written, exactly */
    record CookView(String recipe, String name, String factor) {}

    /**
     * An evening to eat or to write down.
     *
     * @param of id of the batch or recipe of the first dish, the colour of its tape
     * @param plates portions for those who eat
     * @param steps counted back from table time, {@code cook} what is cooked for it; empty for evenings that are over
     */
    record MealView(
            String day,
            MealOfDay meal,
            String tableTime,
            Meal.Kind kind,
            State state,
            List<String> dishes,
            @Nullable String of,
            List<EaterView> eaters,
            BigDecimal plates,
            String note,
            List<StepAt> steps,
            List<CookView> cook) {}

    /** A rating given. @param liked -1 would not eat it, 0 all right, 1 good, 2 again soon */
    record RatingView(String day, String dish, @Nullable String person, int liked) {}

    /**
     * @param tonight the next meal of the day, or its last; {@code alsoToday} its others
     * @param open meals of days that are over and nobody has written down, newest first
     */
    record EatView(
            String today,
            @Nullable MealView tonight,
            List<MealView> alsoToday,
            List<MealView> open,
            List<RatingView> ratings) {}

    @GetMapping("/api/eat")
    EatView eat(Household household) {
        Snapshot now = snapshots.of(household);
        LocalDate today = now.today();
        List<MealView> open = new ArrayList<>();
        List<MealView> ofToday = new ArrayList<>();
        List<Meal> shown = slots.between(household, today.minusDays(BACK), today).stream()
                .filter(slot -> slot.day().equals(today) || slot.state() == State.PLANNED)
                .toList();
        List<PlannedMeal> evening = evenings.all(now, shown);
        List<Person> eating = people.all(household);
        for (int i = 0; i < shown.size(); i++) {
            Meal slot = shown.get(i);
            List<Countdown.Step> steps =
                    slot.day().equals(today) ? evenings.countdown(household, evening.get(i)) : List.of();
            boolean ahead = slot.day().equals(today) && slot.state() == State.PLANNED;
            MealView view = view(slot, evening.get(i), eating, steps, ahead ? cook(slot, evening.get(i)) : List.of());
            if (slot.day().equals(today)) {
                ofToday.add(view);
            } else {
                open.add(0, view);
            }
        }
        MealView tonight = ofToday.stream()
                .filter(view -> view.state() == State.PLANNED)
                .findFirst()
                .orElse(ofToday.isEmpty() ? null : ofToday.get(ofToday.size() - 1));
        ofToday.remove(tonight);
        return new EatView(today.toString(), tonight, ofToday, open, ratings.newest(household));
    }

    private static MealView view(
            Meal slot, PlannedMeal evening, List<Person> eating, List<Countdown.Step> countdown, List<CookView> cook) {
        List<EaterView> eaters = eating.stream()
                .filter(person -> slot.people().contains(person.id()))
                .map(person -> new EaterView(person.id().toString(), person.name()))
                .toList();
        List<StepAt> steps = countdown.stream()
                .map(s -> new StepAt(TIME.format(s.at()), s.dish(), s.words(), s.minutes()))
                .toList();
        return new MealView(
                slot.day().toString(),
                slot.meal(),
                TIME.format(slot.table()),
                slot.kind(),
                slot.state(),
                evening.dishes().stream().map(PlannedMeal.Dish::name).toList(),
                slot.dishes().stream()
                        .map(dish -> String.valueOf(dish.of()))
                        .findFirst()
                        .orElse(null),
                eaters,
                Portions.number(evening.portions()),
                slot.note(),
                steps,
                cook);
    }

    /** The dishes of an evening stand in the order of its slot. */
    private static List<CookView> cook(Meal slot, PlannedMeal evening) {
        List<CookView> cook = new ArrayList<>();
        for (int i = 0; i < evening.dishes().size(); i++) {
            if (evening.dishes().get(i) instanceof PlannedMeal.Cook dish) {
                cook.add(new CookView(
                        String.valueOf(slot.dishes().get(i).of()),
                        dish.name(),
                        dish.sized().size().factor().exact()));
            }
        }
        return cook;
    }

    @PostMapping("/api/eat")
    Said eat(Household household, @RequestHeader("Idempotency-Key") String key, @RequestBody EatInput input) {
        if (input.how() == How.ASSUMED) {
            throw Problem.at("/how", "Silence is assumed by itself; say planned, other or out.");
        }
        return acts.say(household, key, "eat", input, act -> eating.eat(act, day(input.day()), input));
    }

    private static LocalDate day(String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at("/day", "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }
}
