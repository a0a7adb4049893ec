package wexilla.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Hands;
import wexilla.app.onhand.Snapshot;
import wexilla.app.plan.PlanViews.MealAt;
import wexilla.app.plan.PlanViews.MendKind;
import wexilla.app.plan.PlanViews.MendView;
import wexilla.app.plan.PlanViews.MoveInput;
import wexilla.app.platform.Act;
import wexilla.app.platform.Problem;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Batch.State;
import wexilla.core.kitchen.Meal;
import wexilla.core.kitchen.Meal.DishKind;
import wexilla.core.kitchen.Meal.Kind;
import wexilla.core.kitchen.house.Household;
import wexilla.core.plan.Judgement;
import wexilla.core.plan.Judgement.Level;
import wexilla.core.plan.PlanCheck;
import wexilla.core.plan.PlanRule;
import wexilla.core.stations.plan.Looked;
import wexilla.core.stock.OpenLot;

/** How a meal that does not hold is mended in one tap: swapped with another, what spoils frozen tonight, left open. */
@Component
class Mending {

    private static final int AROUND = 10;
    private static final int MOST_SWAPS = 3;

    private final Meals slots;
    private final PlanKitchen evenings;
    private final MealMoves moves;
    private final Hands hands;
    private final Households households;
    private final Reference reference;

    Mending(
            Meals slots,
            PlanKitchen evenings,
            MealMoves moves,
            Hands hands,
            Households households,
            Reference reference) {
        this.slots = slots;
        this.evenings = evenings;
        this.moves = moves;
        this.hands = hands;
        this.households = households;
        this.reference = reference;
    }

    private record Tried(MealAt to, String words, long stops, int weight) {}

    /** What would mend it, the best first; each swap was checked with all rules. */
    List<MendView> of(Snapshot now, MealAt at) {
        LocalDate day = Planning.day(at.day(), now.today());
        Optional<Meal> found = slots.on(now.household(), day, at.meal());
        if (found.isEmpty()
                || found.get().state() != Meal.State.PLANNED
                || found.get().locked()) {
            return List.of();
        }
        LocalDate last = day.plusDays(AROUND);
        List<Meal> all = slots.between(now.household(), now.today(), last);
        Looked looked = evenings.looking(now, last, all);
        List<MendView> mends = new ArrayList<>();
        looked.of(found.get()).ifPresent(checked -> {
            frozen(now, checked, mends);
            ahead(found.get(), looked, checked, mends);
        });
        mends.addAll(swaps(now, found.get(), all, looked.check(), last));
        mends.add(new MendView(MendKind.LEAVE, "leave it open", null, null));
        return mends;
    }

    /** What lies in the fridge and would be past its limit by then can go into the freezer tonight. */
    private void frozen(Snapshot now, PlanCheck.Checked checked, List<MendView> mends) {
        KeepingGuide guide = reference.keeping(now.household());
        Set<String> past = checked.met().stream()
                .filter(one -> one.lacking() != null || one.takes().isEmpty())
                .flatMap(one -> one.past().stream())
                .map(OpenLot::id)
                .collect(Collectors.toSet());
        now.open().stream()
                .filter(lot -> past.contains(lot.id().toString())
                        && lot.storage() == Storage.FRIDGE
                        && !lot.open().pastLimit(now.today())
                        && guide.freezes(lot.open().clock().keepingClass()))
                .forEach(lot -> mends.add(new MendView(
                        MendKind.FREEZE,
                        "freeze " + lot.amount() + " " + lot.name() + " tonight",
                        null,
                        lot.id().toString())));
    }

    /** Of what is cooked ahead and would lie too long, these portions can be frozen the day they are cooked. */
    private static void ahead(Meal slot, Looked looked, PlanCheck.Checked checked, List<MendView> mends) {
        Set<String> past = past(checked);
        slot.dishes().stream()
                .filter(dish -> dish.kind() == DishKind.BATCH && !dish.frozen())
                .map(dish -> looked.batches().get(dish.of()))
                .filter(batch -> batch != null && batch.state() == State.PLANNED && past.contains(batch.name()))
                .findFirst()
                .ifPresent(batch -> mends.add(new MendView(
                        MendKind.FREEZE,
                        "freeze it on " + Household.words(batch.cookOn()) + " for this meal",
                        null,
                        null)));
    }

    private static Set<String> past(PlanCheck.Checked checked) {
        return checked.judgements().stream()
                .filter(one -> one.rule() == PlanRule.DATES)
                .map(Judgement::subject)
                .collect(Collectors.toSet());
    }

    private List<MendView> swaps(Snapshot now, Meal slot, List<Meal> all, PlanCheck before, LocalDate last) {
        long stopsBefore = stops(before);
        List<Tried> tried = new ArrayList<>();
        for (Meal other : all) {
            boolean may = other.meal() == slot.meal()
                    && !other.id().equals(slot.id())
                    && !other.locked()
                    && other.state() == Meal.State.PLANNED
                    && other.kind() != Kind.OUT;
            if (may) {
                MealAt to = new MealAt(other.day().toString(), other.meal());
                MoveInput move = new MoveInput(new MealAt(slot.day().toString(), slot.meal()), to);
                List<Meal> moved = moves.moved(now.household(), now.today(), move);
                PlanCheck check = evenings.looking(now, last, with(all, moved)).check();
                tried.add(new Tried(to, Household.words(other.day()), stops(check), check.weight()));
            }
        }
        return tried.stream()
                .filter(one -> one.stops() < stopsBefore)
                .sorted(Comparator.comparingLong(Tried::stops).thenComparingInt(Tried::weight))
                .limit(MOST_SWAPS)
                .map(one -> new MendView(MendKind.SWAP, "swap with " + one.words(), one.to(), null))
                .toList();
    }

    private static List<Meal> with(List<Meal> all, List<Meal> moved) {
        List<Meal> now = new ArrayList<>(all);
        now.removeIf(slot -> moved.stream().anyMatch(one -> one.id().equals(slot.id())));
        now.addAll(moved);
        now.sort(Comparator.comparing(Meal::day).thenComparing(Meal::table));
        return now;
    }

    private static long stops(PlanCheck check) {
        return check.judgements().stream()
                .filter(one -> one.level() == Level.STOP)
                .count();
    }

    /** Does what was chosen. */
    String mend(Act act, MealAt at, MendView mend) {
        LocalDate day = Planning.day(at.day(), act.day());
        Meal slot = slots.on(act.household(), day, at.meal())
                .filter(one -> !one.locked() && one.state() == Meal.State.PLANNED)
                .orElseThrow(() -> Problem.at("/at", "Nothing is planned there that could be mended."));
        switch (mend.kind()) {
            case SWAP -> {
                if (mend.to() == null) {
                    throw Problem.at("/mend/to", "Say which meal it is swapped with.");
                }
                return moves.move(act, new MoveInput(at, mend.to()));
            }
            case FREEZE -> {
                if (mend.lot() == null) {
                    slots.save(
                            act,
                            slot.with(
                                    slot.kind(),
                                    slot.dishes().stream()
                                            .map(dish -> dish.frozen(dish.kind() == DishKind.BATCH))
                                            .toList()));
                    return "To be frozen for " + Household.words(day);
                }
                UUID freezer =
                        households.usualPlace(act.household(), Storage.FREEZER).id();
                hands.move(act, id(mend.lot()), (String) null, freezer);
                return "Frozen for " + Household.words(day);
            }
            case LEAVE -> slots.save(act, slot.with(Kind.UNDECIDED, List.of()));
        }
        return "Left open: " + Household.words(day);
    }

    private static UUID id(String lot) {
        try {
            return UUID.fromString(lot);
        } catch (IllegalArgumentException unreadable) {
            throw Problem.at("/mend/lot", "There is no such thing in this household.");
        }
    }
}
