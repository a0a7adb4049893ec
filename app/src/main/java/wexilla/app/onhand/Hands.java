package wexilla.app.onhand;

import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Households;
import wexilla.app.household.Reference;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Problem;
import wexilla.core.kitchen.Answer;
import wexilla.core.kitchen.Change.Kind;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.quantity.Amount;
import wexilla.core.stations.onhand.Handling;

/** Reads the kitchen an act with one lot looks at, and writes down what it changes. */
@Component
public class Hands {

    private final Lots lots;
    private final Changes writing;
    private final Foods foods;
    private final Households households;
    private final Reference reference;

    Hands(Lots lots, Changes writing, Foods foods, Households households, Reference reference) {
        this.lots = lots;
        this.writing = writing;
        this.foods = foods;
        this.households = households;
        this.reference = reference;
    }

    private String act(Act act, UUID id, @Nullable Amount asked, BiFunction<Handling, Lot, Answer> does) {
        Lot lot = lots.locked(act.household(), id)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        Answer answer = does.apply(new Handling(kitchen(act, lot, asked), act.day(), act::newId), lot);
        writing.write(act, answer.changes());
        return answer.words();
    }

    /** The lot, and the foods of the household where its amount is asked for in another unit. */
    private Kitchen kitchen(Act act, Lot lot, @Nullable Amount asked) {
        Household household = act.household();
        boolean other = asked != null
                && !household
                        .measures()
                        .toBase(asked)
                        .unit()
                        .equals(lot.amount().unit());
        KnownFoods known = other ? foods.known(household) : null;
        return Kitchen.stock(
                household,
                household.at(act.happenedAt()),
                reference.keeping(household),
                known,
                List.of(lot),
                households.places(household));
    }

    /** The amount as typed; null for all of it. A bare number of a dish is its portions. */
    private @Nullable Amount typed(Act act, UUID id, @Nullable String typed) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        boolean number = typed.strip().matches("\\d{1,9}([.,]\\d{1,6})?");
        boolean dish = number
                && lots.byId(act.household(), id)
                        .filter(lot -> lot.batch() != null)
                        .isPresent();
        return Asked.amount("/amount", dish ? typed.strip() + " portions" : typed);
    }

    /** Takes out; more than the record has is counted up first, never refused. */
    public String use(Act act, UUID id, @Nullable String typed, Kind kind, String reason) {
        Amount asked = typed(act, id, typed);
        return act(act, id, asked, (hands, lot) -> hands.use(lot, asked, kind, reason));
    }

    /** Counted anew: what is missing leaves with its cost, what is more comes without one. */
    public String count(Act act, UUID id, @Nullable String typed) {
        Amount asked = typed(act, id, typed);
        if (asked == null) {
            throw Problem.at("/amount", "Say how much is really there, like 300 g.");
        }
        return act(act, id, asked, (hands, lot) -> hands.count(lot, asked));
    }

    /** Says of a staple whether it is had, low or out. */
    public String level(Act act, UUID id, Lot.Level level) {
        return act(act, id, null, (hands, lot) -> hands.level(lot, level));
    }

    /** The cook says how a dish keeps; its day 0 stays. */
    public String keepsAs(Act act, UUID id, String keepsAs) {
        return act(act, id, null, (hands, lot) -> hands.keepsAs(lot, keepsAs));
    }

    /** Opens its packing: a new day 0, with the class's time for opened things. */
    public String open(Act act, UUID id) {
        return act(act, id, null, Handling::open);
    }

    /** Moves it, or part of it: into the freezer it is frozen, out of it it thaws. */
    public String move(Act act, UUID id, @Nullable String typed, UUID to) {
        Amount asked = typed(act, id, typed);
        return act(act, id, asked, (hands, lot) -> hands.move(lot, hands.amount(lot, asked), to));
    }

    /** Moves exactly this much of it, in its own unit. */
    public String move(Act act, UUID id, Amount amount, UUID to) {
        return act(act, id, amount, (hands, lot) -> hands.move(lot, amount, to));
    }

    /**
     * What was raw was cooked and is left over: into the fridge, its day 0 is today.
     *
     * @param keepingClass as what is in it keeps now
     */
    public void cooked(Act act, UUID id, Amount amount, String keepingClass) {
        act(act, id, amount, (hands, lot) -> hands.cooked(lot, amount, keepingClass));
    }
}
