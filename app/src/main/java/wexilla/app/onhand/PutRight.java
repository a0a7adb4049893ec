package wexilla.app.onhand;

import java.time.LocalDate;
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
import wexilla.core.food.book.State;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Understood;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Unit;
import wexilla.core.stations.onhand.PuttingAway;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;
import wexilla.core.stock.notes.Since;

/** A wrong entry is put right later: what a lot is, what was paid for it, and its dates. What it holds is counted. */
@Component
class PutRight {

    private static final int LONGEST = 120;

    private final Lots lots;
    private final Changes writing;
    private final Foods foods;
    private final Notes notes;
    private final Reference reference;
    private final BatchRows batches;
    private final PaidRight paid;

    PutRight(
            Lots lots,
            Changes writing,
            Foods foods,
            Notes notes,
            Reference reference,
            BatchRows batches,
            PaidRight paid) {
        this.lots = lots;
        this.writing = writing;
        this.foods = foods;
        this.notes = notes;
        this.reference = reference;
        this.batches = batches;
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
        Lot lot = lots.locked(act.household(), id)
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
        Household household = act.household();
        List<Lot> line = lot.batch() != null ? List.of() : lots.ofLine(household, lot);
        List<String> told = new ArrayList<>();
        Named is = new Named(lot.food(), lot.name(), "");
        if (name != null || days != null) {
            List<Change> changes = new ArrayList<>();
            is = understood(act, lot, name, days, changes);
            told.add(is.name() + is.until());
            for (Lot one : line) {
                // what lies elsewhere or was opened since has days of its own
                boolean alike = one.spot().place().equals(lot.spot().place())
                        && one.clock().equals(lot.clock())
                        && one.dates().equals(lot.dates());
                if (name != null || alike) {
                    understood(act, one, name, alike ? days : null, changes);
                }
            }
            paid.renamed(act, lot, line, changes);
            writing.write(act, changes);
        }
        if (price != null) {
            Money cost = Asked.money("/price", price, household.currency());
            told.add(paid.right(act, lot, line, is, cost));
        }
        return "Put right: " + String.join("; ", told);
    }

    private static @Nullable String said(@Nullable String typed) {
        return typed == null || typed.isBlank() ? null : typed.strip();
    }

    /** What a lot is now. @param until ", until Sat 5 Dec", empty where nobody knows */
    record Named(@Nullable UUID food, String name, String until) {}

    private Named understood(Act act, Lot lot, @Nullable String name, @Nullable String days, List<Change> changes) {
        Household household = act.household();
        if (name != null && lot.batch() != null) {
            String title = Asked.name("/name", name, LONGEST);
            batches.rename(act, lot.batch(), title);
            if (days == null) {
                return new Named(null, title, "");
            }
            name = title;
        }
        String called = name != null ? name : lot.name();
        NoteLine thing = lot.batch() != null ? dish(lot, called) : food(act, lot, called, name != null);
        Since said = days == null ? Since.UNSAID : days(act, called, days, lot.batch() != null);
        NoteLine line = new NoteLine(
                thing.text(),
                1,
                lot.amount(),
                thing.foodName(),
                thing.food(),
                state(lot, thing),
                lot.about(),
                null,
                said.or(lot.clock(), printed(household, lot)),
                lot.batch() != null,
                List.of());
        Storage storage = lot.storage();
        boolean same = name == null || lot.batch() != null;
        NoteKeeping keeping = same
                ? NoteKeeping.of(line, lot.clock().keepingClass(), storage, reference.keeping(household), act.day())
                : notes.keeping(household, line, storage, act.day());
        UUID food = lot.batch() != null
                ? null
                : same
                        ? lot.food()
                        : foods.row(
                                household,
                                line.food() != null
                                        ? line.food()
                                        : foods.own(
                                                household,
                                                line.foodName(),
                                                lot.amount().unit()));
        changes.add(new Understood(
                lot.id(),
                food,
                lot.spot().place(),
                lot.batch() != null ? lot.state() : PuttingAway.state(line, storage, keeping),
                keeping.clock(),
                keeping.dates()));
        String until = keeping.dates()
                .last()
                .map(day -> ", until " + Household.words(day))
                .orElse("");
        return new Named(food, same ? called : line.foodName(), until);
    }

    /** How it is said to be now; what is not said of it stays. */
    private static @Nullable State state(Lot lot, NoteLine thing) {
        if (thing.state() != null) {
            return thing.state();
        }
        return switch (lot.state()) {
            case OPENED -> State.OPENED;
            case COOKED -> State.COOKED;
            default -> null;
        };
    }

    private static NoteLine dish(Lot lot, String called) {
        return new NoteLine(
                called, 1, lot.amount(), called, null, State.COOKED, "", null, Since.UNSAID, true, List.of());
    }

    /** @param anew whether it is another food than it was */
    private NoteLine food(Act act, Lot lot, String called, boolean anew) {
        if (!anew) {
            return NoteLine.bought(
                    called,
                    1,
                    lot.amount(),
                    foods.known(act.household()).food(java.util.Objects.requireNonNull(lot.food())),
                    null);
        }
        NoteLine line = one("/name", act, called);
        if (line.each() != null || line.price() != null || !line.since().unsaid() || line.dish()) {
            throw Problem.at(
                    "/name",
                    "“" + called + "” is more than a name: what is there is counted, its price and dates have fields of"
                            + " their own.");
        }
        Unit unit = lot.amount().unit();
        if (line.food() != null && !unit.equals(line.food().base()) && !unit.equals(Unit.PIECE)) {
            throw Problem.at(
                    "/name",
                    line.foodName() + " is kept in " + line.food().base() + ", and this is " + lot.amount()
                            + ": bin it as written down wrong, and note it anew.");
        }
        return line;
    }

    private NoteLine one(String field, Act act, String text) {
        if (text.length() > LONGEST) {
            throw Problem.at(field, "At most " + LONGEST + " characters, this has " + text.length() + ".");
        }
        Household household = act.household();
        List<NoteLine> lines = Asked.at(
                field,
                () -> new NoteReader(
                                foods.known(household).book(),
                                household.currency(),
                                household.measures(),
                                act.day(),
                                household.dateOrder())
                        .read(text));
        if (lines.size() != 1) {
            throw Problem.at(field, "“" + text + "” is several things; this is one.");
        }
        return lines.get(0);
    }

    private Since days(Act act, String called, String days, boolean dish) {
        // portions make it a dish, which was cooked on a day, not bought
        String head = dish ? "1 portion " + called : called;
        NoteLine bare = one("/days", act, head);
        NoteLine dated = one("/days", act, head + ", " + days);
        if (dated.since().unsaid() || dated.price() != null || !dated.foodName().equals(bare.foodName())) {
            throw Problem.at(
                    "/days",
                    "“" + days + "” names no day; write what it is a day of, like use by 5 Dec, bought yesterday or"
                            + " frozen 1 Nov.");
        }
        return dated.since();
    }

    /** The date on its pack: it has one where its dates are not those of its class. */
    private Since.@Nullable Limit printed(Household household, Lot lot) {
        LocalDate last = lot.dates().last().orElse(null);
        LocalDate ruled = reference
                .keeping(household)
                .dates(lot.clock(), lot.storage())
                .last()
                .orElse(null);
        if (last == null || last.equals(ruled)) {
            return null;
        }
        return new Since.Limit(lot.dates().eatBy() != null ? Since.Role.USE_BY : Since.Role.BEST_BEFORE, last);
    }
}
