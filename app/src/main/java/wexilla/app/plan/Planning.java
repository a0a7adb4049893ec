package wexilla.app.plan;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.onhand.Snapshot;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.PlanViews.DishInput;
import wexilla.app.plan.PlanViews.EveningInput;
import wexilla.app.plan.PlanViews.MealAt;
import wexilla.app.plan.PlanViews.MendInput;
import wexilla.app.plan.PlanViews.MendKind;
import wexilla.app.plan.PlanViews.MendView;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.plan.PlanViews.PutInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Portions;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.Dish;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.MealOfDay;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineList;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stations.plan.Deciding;
import wexilla.core.stations.plan.Mending;
import wexilla.core.stations.plan.Mending.Mend;
import wexilla.core.stations.plan.Moving;
import wexilla.core.stations.plan.Moving.At;

/** Meals decided by hand, moved and mended: reads what was asked and what it looks at, and writes down what changes. */
@Component
public class Planning {

    static final int LONGEST_NOTE = 300;
    private static final int LONGEST_NAME = 120;

    /** Days ahead a meal can be planned. */
    static final int FURTHEST = 70;

    private final PlanKitchen kitchens;
    private final Recipes recipes;
    private final Snapshots snapshots;
    private final HabitRows habits;
    private final Changes changes;

    Planning(PlanKitchen kitchens, HabitRows habits, Recipes recipes, Snapshots snapshots, Changes changes) {
        this.kitchens = kitchens;
        this.habits = habits;
        this.recipes = recipes;
        this.snapshots = snapshots;
        this.changes = changes;
    }

    /** Plans one meal. */
    public String plan(Act act, EveningInput input) {
        Snapshot now = snapshots.of(act.household());
        LocalDate day = day(input.day(), act.day());
        if (input.note().length() > LONGEST_NOTE) {
            throw Problem.at("/note", "A note has at most " + LONGEST_NOTE + " characters.");
        }
        List<Deciding.Wanted> dishes = new ArrayList<>();
        for (int i = 0; i < input.dishes().size(); i++) {
            dishes.add(wanted(now, input.dishes().get(i), "/dishes/" + i));
        }
        Called called = called(act, day, dishes);
        boolean ahead = dishes.stream().anyMatch(dish -> dish.ahead() != null);
        Kitchen kitchen = ahead
                ? kitchens.whole(now, called.recipes(), called.batches())
                : kitchens.decidingHere(now, day, called.recipes(), called.batches());
        boolean planned =
                kitchen.planned().batches().values().stream().anyMatch(batch -> batch.state() == Batch.State.PLANNED);
        if (planned && !ahead) {
            // what is cooked ahead follows all its meals
            kitchen = kitchens.whole(now, called.recipes(), called.batches());
        }
        unchanged(kitchen, day, input);
        Deciding.Decided meal = new Deciding.Decided(
                MealTimes.when(day, input.which(), input.tableTime(), input.homeFrom(), input.minutes()),
                input.kind(),
                input.locked(),
                input.note().strip(),
                input.people(),
                MealTimes.guests(input.guests() == null ? List.of() : input.guests()),
                dishes,
                beside(now, input));
        return written(
                act,
                new Deciding(kitchen, act.day(), ahead ? habits.known(now) : Habits.UNREAD, act::newId).decide(meal));
    }

    private String written(Act act, Answer answer) {
        changes.write(act, answer.changes());
        return answer.words();
    }

    /** @throws Problem where somebody has planned it since it was looked at */
    private static void unchanged(Kitchen kitchen, LocalDate day, EveningInput input) {
        Optional<Meal> before = kitchen.planned().on(day, input.which());
        if (before.isPresent() && input.version() == 0) {
            throw Problem.changed(
                    Household.words(day) + " has a meal already; open it and add to it, or choose another day.");
        }
        if (before.map(Meal::version).orElse(0) != input.version()) {
            throw Problem.changed("This meal was changed in another window; look at it again.");
        }
    }

    private Deciding.Wanted wanted(Snapshot now, DishInput input, String at) {
        if (input.recipe() != null) {
            recipes.current(now, input.recipe());
        }
        boolean chosen = input.batch() != null || input.recipe() != null;
        return new Deciding.Wanted(
                input.recipe(),
                input.batch(),
                chosen ? "" : Asked.name(at + "/text", input.text() == null ? "" : input.text(), LONGEST_NAME),
                input.portions() == null ? null : Portions.typed(at + "/portions", input.portions()),
                input.eaters() == null ? List.of() : input.eaters(),
                Boolean.TRUE.equals(input.frozen()),
                ahead(input, at, now.today()));
    }

    private static Deciding.@Nullable Ahead ahead(DishInput input, String at, LocalDate today) {
        if (input.cookOn() == null || input.cookOn().isBlank()) {
            return null;
        }
        List<MealAt> also = input.also() == null ? List.of() : input.also();
        return new Deciding.Ahead(
                date(at + "/cookOn", input.cookOn()),
                input.style() == null ? Style.COOKED : input.style(),
                also.stream().map(other -> at(other, today)).toList(),
                input.makes() == null ? null : Portions.typed(at + "/makes", input.makes()));
    }

    /** What dishes are called or chosen by. @param batches that are there or planned until the meal */
    private record Called(Set<UUID> recipes, Set<UUID> batches) {}

    private Called called(Act act, LocalDate day, List<Deciding.Wanted> dishes) {
        Set<UUID> named = new HashSet<>();
        Set<UUID> there = new HashSet<>();
        List<String> texts = new ArrayList<>();
        for (Deciding.Wanted dish : dishes) {
            if (dish.recipe() != null) {
                named.add(dish.recipe());
            }
            if (dish.batch() != null) {
                there.add(dish.batch());
            }
            if (!dish.text().isEmpty()) {
                texts.add(dish.text());
            }
            // the pot that is planned for that day already is the one
            if (dish.ahead() != null && dish.recipe() != null) {
                there.addAll(kitchens.planned(
                        act.household(), dish.recipe(), dish.ahead().on()));
            }
        }
        if (!texts.isEmpty()) {
            kitchens.called(act, texts, day, named, there);
        }
        return new Called(named, there);
    }

    /** Sides and tasks, as typed. */
    private static List<Dish> beside(Snapshot now, EveningInput input) {
        List<Dish> beside = new ArrayList<>();
        String sides = input.sides() == null ? "" : input.sides();
        if (!sides.isBlank()) {
            LineReader reader = now.reader();
            for (ReadLine side :
                    Asked.at("/sides", () -> LineList.of(sides, reader)).lines()) {
                beside.add(new Dish(DishKind.SIDE, null, Asked.name("/sides", side.text(), LONGEST_NAME), null));
            }
        }
        String tasks = input.tasks() == null ? "" : input.tasks();
        for (String task : tasks.split("[\\n;,]")) {
            if (!task.isBlank()) {
                beside.add(new Dish(DishKind.TASK, null, Asked.name("/tasks", task, LONGEST_NAME), null));
            }
        }
        return beside;
    }

    /** A meal nobody planned, as it usually is. */
    public Meal undecided(Act act, LocalDate day, MealOfDay meal) {
        Meal slot = habits.usual(act.household(), day, meal).meal(act.newId(), day, Kind.UNDECIDED);
        changes.write(act, List.of(new Change.MealSet(slot)));
        return slot;
    }

    /** A dish that is there, or will be by then, becomes the dish of a meal. */
    String put(Act act, PutInput input) {
        Snapshot now = snapshots.of(act.household());
        Kitchen kitchen = kitchens.whole(now, Set.of(), Set.of(input.batch()));
        return written(
                act,
                new Deciding(kitchen, act.day(), habits.known(now), act::newId)
                        .put(at(input.to(), act.day()), input.batch()));
    }

    /** Two meals change places. */
    String move(Act act, MoveInput input) {
        At from = at(input.from(), act.day());
        At to = at(input.to(), act.day());
        return written(
                act,
                moving(snapshots.of(act.household()), from, to, act.day().plusDays(FURTHEST), act::newId)
                        .move(from, to));
    }

    /** The plan until this day, with two meals that have changed places; nothing is written. */
    Kitchen moved(Snapshot now, MoveInput input, LocalDate last) {
        At from = at(input.from(), now.today());
        At to = at(input.to(), now.today());
        Moving moving = moving(now, from, to, last, UUID::randomUUID);
        return moving.with(moving.moved(from, to));
    }

    private Moving moving(Snapshot now, At from, At to, LocalDate last, Supplier<UUID> ids) {
        LocalDate until =
                Stream.of(from.day(), to.day(), last).max(LocalDate::compareTo).orElse(last);
        return new Moving(kitchens.moving(now, until), habits.known(now), ids);
    }

    /** What would mend a meal, the best first. */
    List<MendView> mends(Snapshot now, MealAt asked) {
        At at = at(asked, now.today());
        return mending(now, kitchens.moving(now, at.day().plusDays(Mending.AROUND)), UUID::randomUUID).of(at).stream()
                .map(Planning::view)
                .toList();
    }

    private Mending mending(Snapshot now, Kitchen kitchen, Supplier<UUID> ids) {
        return new Mending(kitchen, habits.known(now), ids);
    }

    /** Does what was chosen. */
    String mend(Act act, MendInput input) {
        At at = at(input.at(), act.day());
        Mend mend = mend(act, input.mend());
        Snapshot now = snapshots.of(act.household());
        Kitchen kitchen = kitchens.moving(now, act.day().plusDays(FURTHEST))
                .at(act.household().at(act.happenedAt()));
        return written(act, mending(now, kitchen, act::newId).mend(at, mend));
    }

    private static Mend mend(Act act, MendView asked) {
        return switch (asked.kind()) {
            case SWAP -> {
                if (asked.to() == null) {
                    throw Problem.at("/mend/to", "Say which meal it is swapped with.");
                }
                yield new Mending.Swap(at(asked.to(), act.day()));
            }
            case FREEZE -> new Mending.Freeze(asked.lot() == null ? null : lot(asked.lot()));
            case LEAVE -> new Mending.Leave();
        };
    }

    private static MendView view(Mending.Way way) {
        Mend mend = way.mend();
        if (mend instanceof Mending.Swap swap) {
            MealAt to = new MealAt(swap.with().day().toString(), swap.with().meal());
            return new MendView(MendKind.SWAP, way.words(), to, null);
        }
        if (mend instanceof Mending.Freeze freeze) {
            UUID lot = freeze.lot();
            return new MendView(MendKind.FREEZE, way.words(), null, lot == null ? null : lot.toString());
        }
        return new MendView(MendKind.LEAVE, way.words(), null, null);
    }

    private static UUID lot(String typed) {
        try {
            return UUID.fromString(typed);
        } catch (IllegalArgumentException unreadable) {
            throw Problem.at("/mend/lot", "There is no such thing in this household.");
        }
    }

    private static At at(MealAt asked, LocalDate today) {
        return new At(day(asked.day(), today), asked.meal());
    }

    /** A day that can be planned. */
    public static LocalDate day(String text, LocalDate today) {
        LocalDate day = date("/day", text);
        if (day.isBefore(today) || day.isAfter(today.plusDays(FURTHEST))) {
            throw Problem.at("/day", text + " cannot be planned: meals from today to ten weeks ahead can.");
        }
        return day;
    }

    public static LocalDate date(String field, String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no day; write it like 2026-11-28.");
        }
    }
}
