package wexilla.app.eat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.cook.Batches;
import wexilla.app.cook.CookViews.CookInput;
import wexilla.app.cook.CookViews.Cooked;
import wexilla.app.cook.Cooking;
import wexilla.app.eat.EatInput.How;
import wexilla.app.household.Households;
import wexilla.app.household.People;
import wexilla.app.household.Reference;
import wexilla.app.onhand.Handling;
import wexilla.app.onhand.Ledger;
import wexilla.app.onhand.Lots;
import wexilla.app.onhand.Snapshots;
import wexilla.app.plan.Evenings;
import wexilla.app.plan.Slots;
import wexilla.app.plan.Slots.Kind;
import wexilla.app.plan.Slots.Slot;
import wexilla.app.plan.Slots.State;
import wexilla.app.platform.Act;
import wexilla.app.platform.Household;
import wexilla.app.platform.Problem;
import wexilla.app.recipes.Recipes;
import wexilla.core.food.Key;
import wexilla.core.keeping.Storage;
import wexilla.core.money.Cost;
import wexilla.core.money.Money;
import wexilla.core.planning.Evening;
import wexilla.core.planning.PlanCheck;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Style;
import wexilla.core.shopping.Needs;
import wexilla.core.stock.OpenLot;
import wexilla.core.stock.StockUse;
import wexilla.core.stock.StockUse.Take;

/** What was eaten leaves the stock; what was left goes into the fridge as old as it is. */
@Component
public class Eating {

    private final Slots slots;
    private final Evenings evenings;
    private final Cooking cooking;
    private final Recipes recipes;
    private final Lots lots;
    private final Snapshots snapshots;
    private final Ledger ledger;
    private final Handling handling;
    private final Households households;
    private final People people;
    private final Ratings ratings;
    private final Batches batches;
    private final Reference reference;

    Eating(
            Slots slots,
            Evenings evenings,
            Cooking cooking,
            Recipes recipes,
            Lots lots,
            Snapshots snapshots,
            Ledger ledger,
            Handling handling,
            Households households,
            People people,
            Ratings ratings,
            Batches batches,
            Reference reference) {
        this.reference = reference;
        this.slots = slots;
        this.evenings = evenings;
        this.cooking = cooking;
        this.recipes = recipes;
        this.lots = lots;
        this.snapshots = snapshots;
        this.ledger = ledger;
        this.handling = handling;
        this.households = households;
        this.people = people;
        this.ratings = ratings;
        this.batches = batches;
    }

    /** Says what became of an evening. */
    public String eat(Act act, LocalDate day, EatInput input) {
        Slot slot = slot(act, day);
        if (slot.state() != State.PLANNED) {
            throw Problem.at("/day", "This evening is written down already; undo that first.");
        }
        if (input.left() < 0) {
            throw Problem.at("/left", "Portions that were left are 0 or more, not " + input.left() + ".");
        }
        Cost cost = Cost.of(Money.zero(act.household().currency()));
        if (input.how() == How.PLANNED) {
            cost = planned(act, slot, input.left());
        } else if (input.how() == How.OTHER && input.batch() != null) {
            int plates = evenings.evening(snapshots.of(act.household()), slot).wholePortions();
            cost = dish(act, input.batch(), plates, input.left());
        }
        ratings.rate(act, slot, input);
        slots.state(act, slot.id(), input.how().state(), instead(act, input));
        String what = slot.dishes().isEmpty() || input.how() != How.PLANNED
                ? input.words()
                : evenings.evening(snapshots.of(act.household()), slot)
                        .dishes()
                        .get(0)
                        .name();
        String used = cost.known().minor() == 0 ? "" : ", " + cost.known().decimal() + " used";
        return "Eaten: " + what + used;
    }

    private @Nullable String instead(Act act, EatInput input) {
        return input.how() == How.OTHER && input.typed().isEmpty() && input.batch() != null
                ? batches.name(act.household(), input.batch())
                : input.how() == How.OTHER ? input.typed() : null;
    }

    /** Nobody said anything: as planned, as far as the stock has it. */
    String assume(Act act, Slot slot) {
        planned(act, slot, 0);
        slots.state(act, slot.id(), State.ASSUMED, null);
        return "Assumed eaten as planned on " + Household.words(slot.day());
    }

    private Slot slot(Act act, LocalDate day) {
        Optional<Slot> known = slots.on(act.household(), day);
        if (known.isPresent()) {
            return known.get();
        }
        if (day.isAfter(act.day()) || day.isBefore(act.day().minusDays(30))) {
            throw Problem.at("/day", "Only evenings of the last 30 days can be written down, not " + day + ".");
        }
        slots.save(
                act,
                new Slot(
                        UUID.randomUUID(),
                        day,
                        slots.usualTable(act.household()),
                        Evening.USUAL_MINUTES,
                        Kind.UNDECIDED,
                        State.PLANNED,
                        false,
                        "",
                        0,
                        people.active(act.household()).stream()
                                .map(People.Person::id)
                                .toList(),
                        List.of()));
        return slots.on(act.household(), day).orElseThrow();
    }

    private Cost planned(Act act, Slot slot, int left) {
        Evening evening = evenings.evening(snapshots.of(act.household()), slot);
        Cost cost = Cost.of(Money.zero(act.household().currency()));
        int pos = 0;
        for (Evening.Dish dish : evening.dishes()) {
            UUID of = slot.dishes().get(pos++).of();
            if (dish instanceof Evening.FromStock stock) {
                cost = cost.plus(onTheNight(act, evening, stock));
                cost = cost.plus(dish(act, Objects.requireNonNull(of), stock.portions(), left));
            } else if (dish instanceof Evening.Cook cook) {
                cost = cost.plus(cooked(act, Objects.requireNonNull(of), cook, evening, left));
            } else if (dish instanceof Evening.Side side) {
                cost = cost.plus(wants(act, PlanCheck.wants(evening, side)));
            }
        }
        return cost;
    }

    /** What is added on the night leaves the stock, as far as it is there. */
    private Cost onTheNight(Act act, Evening evening, Evening.FromStock stock) {
        return wants(act, Needs.Want.of(stock.add(), evening.day(), stock.name()));
    }

    private Cost wants(Act act, List<Needs.Want> wants) {
        Needs needs = Needs.of(
                wants, snapshots.of(act.household()).supply(), act.household().measures());
        Cost cost = Cost.of(Money.zero(act.household().currency()));
        for (Needs.Met met : needs.met()) {
            for (Take take : met.takes()) {
                ledger.lock(
                        act.household().id(), List.of(UUID.fromString(take.lot().id())));
                ledger.take(act, take, null, Ledger.Kind.EATEN, met.want().dish());
                cost = cost.plus(take.cost());
            }
        }
        return cost;
    }

    /** Cooked that day through the station, or now, as written at its size; then eaten. */
    private Cost cooked(Act act, UUID recipe, Evening.Cook cook, Evening evening, int left) {
        Household household = act.household();
        Optional<UUID> batch = batches.cookedOn(household, recipe, evening.day());
        int plates = evening.wholePortions();
        if (batch.isEmpty()) {
            int n = recipes.current(household, recipe).n();
            Rational size = cook.sized().size().factor();
            String factor = size.numerator() + "/" + size.denominator();
            int made = cook.sized().portions();
            Cooked cooked = cooking.cook(act, CookInput.simply(recipe, n, Style.COOKED, factor, made))
                    .answer();
            UUID dish = UUID.fromString(cooked.lot());
            batch = lots.byId(household, dish).map(lot -> Objects.requireNonNull(lot.batch()));
        }
        return dish(act, batch.orElseThrow(), Math.min(plates, cook.sized().portions()), left);
    }

    /**
     * Eats portions of a dish, thawed packets first; what was left of them stays in the fridge with its own age.
     *
     * @return what the eaten portions cost; nothing when none is there
     */
    private Cost dish(Act act, UUID batch, int portions, int left) {
        Household household = act.household();
        List<OpenLot> there = snapshots.of(household).supply().left(Key.batch(batch.toString())).stream()
                .filter(lot -> lot.amount().unit().equals(Unit.PORTION))
                .toList();
        ledger.lock(
                household.id(),
                there.stream().map(lot -> UUID.fromString(lot.id())).toList());
        StockUse use = StockUse.of(there, Amount.of(portions, Unit.PORTION), act.day());
        Rational served = use.takes().stream().map(t -> t.amount().value()).reduce(Rational.ZERO, Rational::plus);
        if (served.compareTo(Rational.of(left)) < 0) {
            throw Problem.at("/left", served.plain() + " portions were there; " + left + " cannot be left of them.");
        }
        Cost cost = Cost.of(Money.zero(household.currency()));
        Rational stays = Rational.of(left);
        List<Take> takes = new ArrayList<>(use.takes());
        java.util.Collections.reverse(takes);
        for (Take take : takes) {
            Rational keep = Rational.min(stays, take.amount().value());
            stays = stays.minus(keep);
            aside(act, take, keep);
            Rational eaten = take.amount().value().minus(keep);
            if (!eaten.isZero()) {
                cost = cost.plus(eat(act, take.lot().id(), Amount.of(eaten, Unit.PORTION)));
            }
        }
        return cost;
    }

    /** Leftovers of what stood on the counter or came out of the freezer go into the fridge. */
    private void aside(Act act, Take take, Rational keep) {
        UUID id = UUID.fromString(take.lot().id());
        Storage storage = lots.byId(act.household(), id).orElseThrow().storage();
        if (!keep.isZero() && storage != Storage.FRIDGE) {
            UUID fridge = households.usualPlace(act.household(), Storage.FRIDGE).id();
            handling.move(act, id, Amount.of(keep, Unit.PORTION), fridge);
        }
    }

    private Cost eat(Act act, String lot, Amount amount) {
        Lots.Lot now = lots.byId(act.household(), UUID.fromString(lot)).orElseThrow();
        Cost cost = new Cost(
                StockUse.costTaken(
                        now.cost().known(), amount.value(), now.amount().value()),
                now.cost().complete());
        ledger.take(act, new Take(now.open(), amount, cost), null, Ledger.Kind.EATEN, now.name());
        return cost;
    }
}
