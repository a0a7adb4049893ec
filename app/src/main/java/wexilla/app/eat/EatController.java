package wexilla.app.eat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
import wexilla.core.stations.today.Due;

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
     * @param late where hands should have begun by now; absent where they need not
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
            List<CookView> cook,
            @Nullable LateView late) {}

    /** @param minutes behind; {@code table} when it can be eaten, begun now */
    record LateView(int minutes, String table) {}

    /** A rating given. @param liked -1 would not eat it, 0 all right, 1 good, 2 again soon */
    record RatingView(String day, String dish, @Nullable String person, int liked) {}

    /**
     * @param tonight the meal whose time is or comes, today or tomorrow; {@code alsoToday} the others of the day
     * @param open meals that are over and nobody has written down, newest first
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
        List<Meal> shown = slots.between(household, today.minusDays(BACK), today.plusDays(1)).stream()
                .filter(meal -> !meal.day().isBefore(today) || meal.state() == State.PLANNED)
                .toList();
        Due due = Due.of(
                shown.stream().filter(meal -> !meal.day().isBefore(today)).toList(), now.now());
        List<PlannedMeal> seen = evenings.all(now, shown);
        List<Person> eating = people.all(household);
        Map<Meal, MealView> views = new LinkedHashMap<>();
        for (int i = 0; i < shown.size(); i++) {
            Meal meal = shown.get(i);
            boolean counted = meal.equals(due.next()) || due.later().contains(meal);
            List<Countdown.Step> steps = counted ? evenings.countdown(household, seen.get(i)) : List.of();
            boolean ahead = counted && meal.state() == State.PLANNED;
            views.put(
                    meal,
                    view(
                            meal,
                            seen.get(i),
                            eating,
                            steps,
                            ahead ? cook(meal, seen.get(i)) : List.of(),
                            ahead ? late(meal, steps, now.now()) : null));
        }
        List<MealView> open = new ArrayList<>(views(due.over(), views));
        List<Meal> before = new ArrayList<>(
                shown.stream().filter(meal -> meal.day().isBefore(today)).toList());
        Collections.reverse(before);
        open.addAll(views(before, views));
        return new EatView(
                today.toString(),
                due.next() == null ? null : views.get(due.next()),
                views(due.later(), views),
                open,
                ratings.newest(household));
    }

    private static List<MealView> views(List<Meal> meals, Map<Meal, MealView> views) {
        return meals.stream()
                .map(meal -> Objects.requireNonNull(views.get(meal)))
                .toList();
    }

    private static @Nullable LateView late(Meal meal, List<Countdown.Step> steps, LocalDateTime now) {
        return steps.stream()
                .findFirst()
                .flatMap(first -> Due.late(meal, first.at(), now))
                .map(late -> new LateView((int) late.minutes(), TIME.format(late.table())))
                .orElse(null);
    }

    private static MealView view(
            Meal slot,
            PlannedMeal evening,
            List<Person> eating,
            List<Countdown.Step> countdown,
            List<CookView> cook,
            @Nullable LateView late) {
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
                cook,
                late);
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
