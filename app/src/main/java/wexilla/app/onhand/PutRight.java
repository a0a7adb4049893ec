package wexilla.app.onhand;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Reference;
import wexilla.app.platform.Act;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.stations.onhand.Correcting;
import wexilla.core.stations.onhand.Correcting.Is;
import wexilla.core.stock.notes.NoteLine;

/** Reads what a wrong entry is put right against, and writes down what it is now. */
@Component
class PutRight {

    private final Lots lots;
    private final Reference reference;
    private final Changes writing;
    private final Foods foods;
    private final PaidRows paid;

    PutRight(Lots lots, Reference reference, Changes writing, Foods foods, PaidRows paid) {
        this.lots = lots;
        this.reference = reference;
        this.writing = writing;
        this.foods = foods;
        this.paid = paid;
    }

    /**
     * What is put right, as typed; null or blank for what stays.
     *
     * @param name what it is: "pork mince"
     * @param price what this much of it cost: "6.40"
     * @param days its days, each with its role: "bought 28 Nov, use by 5 Dec"
     */
    record Right(
            @Nullable String name,
            @Nullable String price,
            @Nullable String days) {}

    String right(Act act, UUID id, Right right) {
        Household household = act.household();
        Lot lot = lots.locked(household, id)
                .orElseThrow(() -> Problem.missing("There is no such thing in this household."));
        String name = said(right.name());
        String price = said(right.price());
        String days = said(right.days());
        if (name == null && price == null && days == null) {
            throw Problem.at("/name", "Say what was written down wrong: its name, what it cost, or its dates.");
        }
        if (lot.staple() || lot.amount().value().isZero()) {
            throw Problem.at("/name", "There is nothing left of this " + lot.name() + " that could be put right.");
        }
        List<Lot> line = lot.batch() != null ? List.of() : lots.ofLine(household, lot);
        List<String> told = new ArrayList<>();
        Is is = new Is(lot.food(), lot.name(), "", List.of());
        if (name != null || days != null) {
            is = is(act, lot, line, name, days);
            told.add(is.name() + is.until());
            paid.renamed(act, lot, line, is);
            writing.write(act, is.changes());
        }
        if (price != null) {
            Money cost = Asked.money("/price", price, household.currency());
            told.add(paid.right(act, lot, line, is, cost));
        }
        return "Put right: " + String.join("; ", told);
    }

    private Is is(Act act, Lot lot, List<Lot> line, @Nullable String name, @Nullable String days) {
        Household household = act.household();
        Correcting correcting = correcting(act);
        Correcting.Right read = correcting.read(lot, name, days);
        NoteLine named = read.name();
        if (named == null || !read.anew(lot)) {
            return correcting.right(lot, line, read, null);
        }
        Food food = named.food() != null
                ? named.food()
                : foods.own(household, named.foodName(), lot.amount().unit());
        UUID row = foods.row(household, food);
        // a food nobody knew is one of the household's own from here on
        return correcting(act).right(lot, line, read, row);
    }

    private Correcting correcting(Act act) {
        Household household = act.household();
        return new Correcting(Kitchen.stock(
                household,
                household.at(act.happenedAt()),
                reference.keeping(household),
                foods.known(household),
                List.of(),
                null));
    }

    private static @Nullable String said(@Nullable String typed) {
        return typed == null || typed.isBlank() ? null : typed.strip();
    }
}
