package wexilla.app.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.household.Redescribed;
import wexilla.app.household.Reference;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.core.food.Food;
import wexilla.core.food.book.State;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Understood;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.KnownFoods;
import wexilla.core.kitchen.house.Place;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.stations.onhand.PuttingAway;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/**
 * Understands what is there anew: when somebody said what a food is, and when the reader has learned. What a lot holds
 * and costs never changes by it; every change is undone with its act.
 */
@Component
public class LotsAnew implements Redescribed {

    private final JdbcClient db;
    private final Foods foods;
    private final Lots lots;
    private final Changes writing;
    private final Notes notes;
    private final Reference reference;

    LotsAnew(JdbcClient db, Foods foods, Lots lots, Changes writing, Notes notes, Reference reference) {
        this.db = db;
        this.foods = foods;
        this.lots = lots;
        this.writing = writing;
        this.notes = notes;
        this.reference = reference;
    }

    /** A line of a note as it was typed, and the day it was; what was put right since is no longer as it was typed. */
    private record Typed(UUID lot, String text, LocalDate day) {}

    private Map<UUID, Typed> typed(Household household) {
        return db
                .sql("""
                        select m.lot, m.reason, a.happened_at from lot l
                        join movement m on m.household_id = l.household_id and m.lot = l.id and m.act = l.made_by
                            and m.kind in ('COUNTED', 'BOUGHT')
                        join act a on a.household_id = m.household_id and a.id = m.act and a.kind = 'note'
                        where l.household_id = ? and l.amount > 0 and not exists (
                            select 1 from change c
                            join act r on r.household_id = c.household_id and r.id = c.act and r.kind = 'right'
                            where c.household_id = l.household_id and c.thing = 'UNDERSTOOD' and c.id = l.id
                            and stands(r.household_id, r.id))""")
                .params(household.id())
                .query((row, n) -> new Typed(
                        row.getObject("lot", UUID.class),
                        row.getString("reason"),
                        household.dayOf(row.getTimestamp("happened_at").toInstant())))
                .list()
                .stream()
                .collect(Collectors.toMap(Typed::lot, one -> one, (first, second) -> first));
    }

    /** What is there of a food keeps as what it is said to be. */
    @Override
    public void described(Act act, UUID food) {
        Household household = act.household();
        KnownFoods known = foods.known(household);
        Food is = known.food(food);
        Map<UUID, Typed> typed = typed(household);
        List<Change> changes = new ArrayList<>();
        for (Lot lot : lots.open(household)) {
            if (!food.equals(lot.food())) {
                continue;
            }
            Typed text = typed.get(lot.id());
            NoteLine line = text == null ? null : line(household, known, lot, text);
            Understood now = text != null && line != null && Objects.equals(line.food(), is)
                    ? understood(household, known, lot, line, text.day())
                    : null;
            Understood then = now == null ? kept(household, lot, is) : now;
            if (!same(lot, then)) {
                changes.add(then);
            }
        }
        writing.write(act, changes);
    }

    /** What is there keeps as the household chose; what has a date of its own, printed or chosen, keeps that. */
    @Override
    public void rules(Act act, Household now) {
        List<Change> changes = new ArrayList<>();
        for (Lot lot : lots.open(now)) {
            KeepDates before = reference.keeping(act.household()).dates(lot.clock(), lot.storage());
            KeepDates dates = reference.keeping(now).dates(lot.clock(), lot.storage());
            boolean ruled = Objects.equals(before.eatBy(), lot.dates().eatBy())
                    && Objects.equals(before.bestBefore(), lot.dates().bestBefore());
            boolean other = !Objects.equals(before.eatBy(), dates.eatBy())
                    || !Objects.equals(before.bestBefore(), dates.bestBefore());
            if (ruled && other) {
                changes.add(new Understood(lot.id(), lot.food(), lot.spot().place(), lot.state(), lot.clock(), dates));
            }
        }
        writing.write(act, changes);
    }

    /** The same lot, its clock by the class of its food; cooked and undescribed things keep the class they have. */
    private Understood kept(Household household, Lot lot, Food is) {
        boolean own = lot.state() != Lot.State.COOKED && is.described();
        LotClock had = lot.clock();
        LotClock clock = own
                ? new LotClock(
                        is.keepingClass(), had.from(), had.usedDays(), had.frozenOn(), had.thawedOn(), had.opened())
                : had;
        return new Understood(
                lot.id(),
                lot.food(),
                lot.spot().place(),
                lot.state(),
                clock,
                own ? reference.keeping(household).dates(clock, lot.storage()) : lot.dates());
    }

    /** A lot that reads otherwise than it is stored. */
    public record Otherwise(Lot lot, NoteLine line, Understood now) {

        /** Whether it would move or shorten what a person has seen: that is told, and not done. */
        public boolean asks() {
            Optional<LocalDate> seen = lot.dates().last();
            return seen.isPresent()
                    && (!now.place().equals(lot.spot().place())
                            || now.dates()
                                    .last()
                                    .filter(last -> last.isBefore(seen.get()))
                                    .isPresent());
        }

        /** "frozen peas → frozen peas, until 2027-06-02". */
        public String words() {
            return lot.name() + " → " + line.foodName()
                    + now.dates()
                            .last()
                            .map(day -> ", until " + Household.words(day))
                            .orElse("");
        }
    }

    /** Everything that came by a note, read again as it was typed: what reads otherwise now. */
    public List<Otherwise> otherwise(Household household) {
        KnownFoods known = foods.known(household);
        Map<UUID, Typed> typed = typed(household);
        List<Otherwise> others = new ArrayList<>();
        for (Lot lot : lots.open(household)) {
            Typed text = typed.get(lot.id());
            NoteLine line = text == null ? null : line(household, known, lot, text);
            if (text == null || line == null) {
                continue;
            }
            Understood now = understood(household, known, lot, line, text.day());
            if (now != null && !same(lot, now)) {
                others.add(new Otherwise(lot, line, now));
            }
        }
        return others;
    }

    /** Writes down what reads otherwise, but for what must be asked first. */
    public void heal(Act act, List<Otherwise> others) {
        List<Change> changes = new ArrayList<>();
        others.stream().filter(one -> !one.asks()).forEach(one -> changes.add(one.now()));
        writing.write(act, changes);
    }

    /** Which line of what was typed this lot came of; null when that cannot be told any more. */
    private static @Nullable NoteLine line(Household household, KnownFoods known, Lot lot, Typed text) {
        List<NoteLine> lines;
        try {
            lines = new NoteReader(
                            known.book(), household.currency(), household.measures(), text.day(), household.dateOrder())
                    .read(text.text());
        } catch (Unfit unreadable) {
            return null;
        }
        List<NoteLine> same = lines.stream()
                .filter(line -> line.dish() == (lot.batch() != null))
                .filter(line -> lines.size() == 1 || line.foodName().equalsIgnoreCase(lot.name()))
                .toList();
        return same.size() == 1 ? same.get(0) : null;
    }

    /** The lot as its line is read now; null when its amount would not be one of that food. */
    private @Nullable Understood understood(
            Household household, KnownFoods known, Lot lot, NoteLine line, LocalDate day) {
        Food food = line.food();
        UUID had = lot.food();
        UUID is = had;
        if (food != null && had != null && !known.key(had).equals(food.key())) {
            Unit unit = lot.amount().unit();
            if (!unit.equals(food.base()) && !unit.equals(Unit.PIECE)) {
                return null;
            }
            is = foods.row(household, food);
        }
        Place place = place(household, lot, line, day);
        NoteKeeping keeping = notes.keeping(household, line, place.kind(), day);
        return new Understood(
                lot.id(),
                is,
                place.id(),
                PuttingAway.state(line, place.kind(), keeping),
                keeping.clock(),
                keeping.dates());
    }

    /** Where it was put, but for what is frozen, and what would not keep in a cupboard. */
    private Place place(Household household, Lot lot, NoteLine line, LocalDate day) {
        Place usual = notes.place(household, line, null, day);
        boolean cold = usual.kind() == Storage.FREEZER || usual.kind() == Storage.FRIDGE;
        boolean wrong = cold && lot.storage() == Storage.CUPBOARD
                || line.state() == State.FROZEN && lot.storage() != Storage.FREEZER;
        return wrong ? usual : notes.place(household, line, lot.spot().place(), day);
    }

    private static boolean same(Lot lot, Understood now) {
        return Objects.equals(now.food(), lot.food())
                && now.place().equals(lot.spot().place())
                && now.clock().keepingClass().equals(lot.clock().keepingClass())
                && Objects.equals(now.dates().eatBy(), lot.dates().eatBy())
                && Objects.equals(now.dates().bestBefore(), lot.dates().bestBefore());
    }
}
