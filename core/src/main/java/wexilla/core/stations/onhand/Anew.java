package wexilla.core.stations.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.State;
import wexilla.core.keeping.KeepDates;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.LotClock;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Change.Understood;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.house.Household;
import wexilla.core.kitchen.house.Place;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/**
 * Understands what is there anew: when somebody said what a food is, and when the reader has learned. What a lot holds
 * and costs never changes by it.
 *
 * @param kitchen what is there, its foods and places
 * @param typed the line of a note each lot came by, where it stands as it was typed
 */
public record Anew(Kitchen kitchen, Map<UUID, Typed> typed) {

    /** A line of a note as it was typed, and the day it was. */
    public record Typed(UUID lot, String text, LocalDate day) {}

    /** A lot that reads otherwise than it is stored. @param food it reads as, null for a dish; {@code other} where it is stored as another */
    public record Otherwise(
            Lot lot,
            String called,
            @Nullable Food food,
            boolean other,
            Place place,
            Lot.State state,
            LotClock clock,
            KeepDates dates) {

        /** Whether it would move or shorten what a person has seen: that is told, and not done. */
        public boolean asks() {
            Optional<LocalDate> seen = lot.dates().last();
            return seen.isPresent()
                    && (!place.id().equals(lot.spot().place())
                            || dates.last()
                                    .filter(last -> last.isBefore(seen.get()))
                                    .isPresent());
        }

        /** "frozen peas → frozen peas, until 2027-06-02". */
        public String words() {
            return lot.name() + " → " + called
                    + dates.last().map(day -> ", until " + Household.words(day)).orElse("");
        }

        /** @param rows of the foods that are told */
        public Change change(Map<Key, UUID> rows) {
            UUID is = food != null && other ? Objects.requireNonNull(rows.get(food.key())) : lot.food();
            return new Understood(lot.id(), is, place.id(), state, clock, dates);
        }

        private boolean same() {
            return !other
                    && place.id().equals(lot.spot().place())
                    && clock.keepingClass().equals(lot.clock().keepingClass())
                    && Objects.equals(dates.eatBy(), lot.dates().eatBy())
                    && Objects.equals(dates.bestBefore(), lot.dates().bestBefore());
        }
    }

    /** Everything that came by a note, read again as it was typed: what reads otherwise now. */
    public List<Otherwise> otherwise() {
        return kitchen.open().stream()
                .flatMap(lot -> read(lot).stream())
                .filter(one -> !one.same())
                .toList();
    }

    /** What is there of a food, which keeps as what it is said to be from now on. @param row of it */
    public List<Otherwise> described(UUID row) {
        Food is = kitchen.foods().food(row);
        List<Otherwise> others = new ArrayList<>();
        for (Lot lot : kitchen.open()) {
            if (row.equals(lot.food())) {
                others.add(read(lot).filter(now -> is.equals(now.food())).orElseGet(() -> kept(lot, is)));
            }
        }
        return others.stream().filter(one -> !one.same()).toList();
    }

    /** What is there keeps as the household chose; what has a date of its own, printed or chosen, keeps that. */
    public List<Change> ruled(KeepingGuide before) {
        List<Change> changes = new ArrayList<>();
        for (Lot lot : kitchen.open()) {
            KeepDates had = before.dates(lot.clock(), lot.storage());
            KeepDates dates = kitchen.dates(lot.clock(), lot.storage());
            if (alike(had, lot.dates()) && !alike(had, dates)) {
                changes.add(new Understood(lot.id(), lot.food(), lot.spot().place(), lot.state(), lot.clock(), dates));
            }
        }
        return changes;
    }

    private static boolean alike(KeepDates one, KeepDates other) {
        return Objects.equals(one.eatBy(), other.eatBy()) && Objects.equals(one.bestBefore(), other.bestBefore());
    }

    /** The same lot, its clock by the class of its food; cooked and undescribed things keep the class they have. */
    private Otherwise kept(Lot lot, Food is) {
        boolean own = lot.state() != Lot.State.COOKED && is.described();
        LotClock had = lot.clock();
        LotClock clock = own
                ? new LotClock(
                        is.keepingClass(), had.from(), had.usedDays(), had.frozenOn(), had.thawedOn(), had.opened())
                : had;
        KeepDates dates = own ? kitchen.dates(clock, lot.storage()) : lot.dates();
        Place place = kitchen.place(lot.spot().place());
        return new Otherwise(lot, lot.name(), is, false, place, lot.state(), clock, dates);
    }

    /** The lot as its line is read now; empty where that cannot be told, or its amount would not be one of that food. */
    private Optional<Otherwise> read(Lot lot) {
        Typed text = typed.get(lot.id());
        NoteLine line = text == null ? null : line(lot, text);
        if (text == null || line == null) {
            return Optional.empty();
        }
        Food food = line.food();
        UUID had = lot.food();
        boolean other = food != null && had != null && !kitchen.foods().key(had).equals(food.key());
        Unit unit = lot.amount().unit();
        if (other && !unit.equals(Objects.requireNonNull(food).base()) && !unit.equals(Unit.PIECE)) {
            return Optional.empty();
        }
        Place place = place(lot, line, text.day());
        NoteKeeping keeping = NoteKeeping.of(line, place.kind(), kitchen.guide(), text.day());
        return Optional.of(new Otherwise(
                lot,
                line.foodName(),
                food,
                other,
                place,
                PuttingAway.state(line, place.kind(), keeping),
                keeping.clock(),
                keeping.dates()));
    }

    /** Which line of what was typed this lot came of; null when that cannot be told any more. */
    private @Nullable NoteLine line(Lot lot, Typed text) {
        Household household = kitchen.household();
        List<NoteLine> lines;
        try {
            lines = new NoteReader(
                            kitchen.foods().book(),
                            household.currency(),
                            household.measures(),
                            text.day(),
                            household.dateOrder())
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

    /** Where it was put, but for what is frozen, and what would not keep in a cupboard. */
    private Place place(Lot lot, NoteLine line, LocalDate day) {
        Place usual = PuttingAway.place(kitchen, line, null, day);
        boolean cold = usual.kind() == Storage.FREEZER || usual.kind() == Storage.FRIDGE;
        boolean wrong = cold && lot.storage() == Storage.CUPBOARD
                || line.state() == State.FROZEN && lot.storage() != Storage.FREEZER;
        return wrong ? usual : PuttingAway.place(kitchen, line, lot.spot().place(), day);
    }
}
