package wexilla.core.stations.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Batch;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Habits;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.Judgement;
import wexilla.core.plan.Judgement.Level;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlanRule;
import wexilla.core.stations.onhand.Handling;
import wexilla.core.stations.plan.Moving.At;
import wexilla.core.stock.OpenLot;

/**
 * How a meal that does not hold is mended in one tap: swapped with another, what spoils frozen tonight, left open.
 *
 * @param kitchen with the meals of {@link #AROUND} days from it on, and the places
 * @param ids of what is made, each asked for once
 */
public record Mending(Kitchen kitchen, Habits habits, Supplier<UUID> ids) {

    /** Days behind a meal whose meals it can be swapped with. */
    public static final int AROUND = 10;

    private static final int MOST_SWAPS = 3;

    /** What is done about it. */
    public sealed interface Mend permits Swap, Freeze, Leave {}

    /** @param with the meal it changes places with */
    public record Swap(At with) implements Mend {}

    /** @param lot that is frozen tonight; null for the portions of what is cooked ahead */
    public record Freeze(@Nullable UUID lot) implements Mend {}

    /** Nothing is eaten there as yet. */
    public record Leave() implements Mend {}

    /** @param words "swap with Fri 4 Dec" */
    public record Way(Mend mend, String words) {}

    private record Tried(Way way, long stops, int weight) {}

    /** What would mend it, the best first; each swap was checked with all rules. Nothing where it is over or locked. */
    public List<Way> of(At at) {
        Optional<Meal> found = open(at);
        if (found.isEmpty()) {
            return List.of();
        }
        LocalDate last = at.day().plusDays(AROUND);
        Looked looked = Looked.of(kitchen, last);
        List<Way> ways = new ArrayList<>();
        looked.of(found.get()).ifPresent(checked -> {
            frozen(checked, ways);
            ahead(found.get(), looked, checked, ways);
        });
        ways.addAll(swaps(at, found.get(), looked.check(), last));
        ways.add(new Way(new Leave(), "leave it open"));
        return ways;
    }

    private Optional<Meal> open(At at) {
        return kitchen.planned()
                .on(at.day(), at.meal())
                .filter(meal -> meal.state() == Meal.State.PLANNED && !meal.locked());
    }

    /** What lies in the fridge and would be past its limit by then can go into the freezer tonight. */
    private void frozen(PlanCheck.Checked checked, List<Way> ways) {
        Set<String> past = checked.met().stream()
                .filter(one -> one.lacking() != null || one.takes().isEmpty())
                .flatMap(one -> one.past().stream())
                .map(OpenLot::id)
                .collect(Collectors.toSet());
        for (Lot lot : kitchen.open()) {
            if (past.contains(lot.id().toString())
                    && lot.storage() == Storage.FRIDGE
                    && !lot.open().pastLimit(kitchen.today())
                    && kitchen.guide().freezes(lot.open().clock().keepingClass())) {
                ways.add(new Way(new Freeze(lot.id()), "freeze " + lot.amount() + " " + lot.name() + " tonight"));
            }
        }
    }

    /** Of what is cooked ahead and would lie too long, these portions can be frozen the day they are cooked. */
    private static void ahead(Meal meal, Looked looked, PlanCheck.Checked checked, List<Way> ways) {
        Set<String> past = checked.judgements().stream()
                .filter(one -> one.rule() == PlanRule.DATES)
                .map(Judgement::subject)
                .collect(Collectors.toSet());
        meal.dishes().stream()
                .filter(dish -> dish.kind() == DishKind.BATCH && !dish.frozen())
                .map(dish -> looked.batches().get(dish.of()))
                .filter(batch -> batch != null && batch.state() == Batch.State.PLANNED && past.contains(batch.name()))
                .findFirst()
                .ifPresent(batch -> ways.add(new Way(
                        new Freeze(null), "freeze it on " + Household.words(batch.cookOn()) + " for this meal")));
    }

    private List<Way> swaps(At at, Meal meal, PlanCheck before, LocalDate last) {
        long stopsBefore = stops(before);
        Moving moving = new Moving(kitchen, habits, ids);
        List<Tried> tried = new ArrayList<>();
        for (Meal other : kitchen.planned().meals()) {
            boolean may = other.meal() == meal.meal()
                    && !other.id().equals(meal.id())
                    && !other.day().isBefore(kitchen.today())
                    && !other.day().isAfter(last)
                    && !other.locked()
                    && other.state() == Meal.State.PLANNED
                    && other.kind() != Kind.OUT;
            if (may) {
                At to = new At(other.day(), other.meal());
                PlanCheck check =
                        Looked.of(moving.with(moving.moved(at, to)), last).check();
                tried.add(new Tried(
                        new Way(new Swap(to), "swap with " + Household.words(other.day())),
                        stops(check),
                        check.weight()));
            }
        }
        return tried.stream()
                .filter(one -> one.stops() < stopsBefore)
                .sorted(Comparator.comparingLong(Tried::stops).thenComparingInt(Tried::weight))
                .limit(MOST_SWAPS)
                .map(Tried::way)
                .toList();
    }

    private static long stops(PlanCheck check) {
        return check.judgements().stream()
                .filter(one -> one.level() == Level.STOP)
                .count();
    }

    /**
     * Does what was chosen.
     *
     * @throws Refused where it is over or locked, or cannot be done any more
     */
    public Answer mend(At at, Mend mend) {
        Meal meal = open(at).orElseThrow(() -> Refused.at("/at", "Nothing is planned there that could be mended."));
        if (mend instanceof Swap swap) {
            return new Moving(kitchen, habits, ids).move(at, swap.with());
        }
        if (mend instanceof Freeze freeze) {
            UUID id = freeze.lot();
            return id == null
                    ? new Answer("To be frozen for " + Household.words(at.day()), new Change.MealSet(fromFreezer(meal)))
                    : freeze(at, id);
        }
        return new Answer(
                "Left open: " + Household.words(at.day()),
                new Following(kitchen).with(List.of(new Change.MealSet(meal.with(Kind.UNDECIDED, List.of())))));
    }

    private static Meal fromFreezer(Meal meal) {
        return meal.with(
                meal.kind(),
                meal.dishes().stream()
                        .map(dish -> dish.frozen(dish.kind() == DishKind.BATCH))
                        .toList());
    }

    private Answer freeze(At at, UUID id) {
        Lot lot =
                kitchen.lot(id).orElseThrow(() -> Refused.at("/mend/lot", "There is no such thing in this household."));
        Handling hands = new Handling(kitchen, kitchen.today(), ids);
        Answer moved = hands.move(
                lot, hands.amount(lot, null), kitchen.usual(Storage.FREEZER).id());
        return new Answer("Frozen for " + Household.words(at.day()), moved.changes());
    }
}
