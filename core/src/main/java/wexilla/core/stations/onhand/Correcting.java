package wexilla.core.stations.onhand;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.book.State;
import wexilla.core.keeping.Storage;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Refused;
import wexilla.core.kitchen.house.Household;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Blanks;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;
import wexilla.core.stock.notes.Since;

/**
 * A wrong entry is put right later: what a lot is, and its dates. What it holds is counted, never put right.
 *
 * @param kitchen with its foods; what lies there is not looked at
 */
public record Correcting(Kitchen kitchen) {

    private static final int LONGEST = 120;

    /**
     * What was typed of a lot, read.
     *
     * @param name of the food, or title of the dish; null where it stays
     * @param days with their roles; null where they stay
     */
    public record Right(@Nullable NoteLine name, @Nullable Since days) {

        /** Whether it is another food than was written down. */
        public boolean anew(Lot lot) {
            return name != null && lot.batch() == null;
        }
    }

    /**
     * Reads what somebody says was wrong.
     *
     * @param name "pork mince"; {@code days} "bought 28 Nov, use by 5 Dec"; null for what stays
     * @throws Refused if the name is several things or more than a name, or the days name no day
     */
    public Right read(Lot lot, @Nullable String name, @Nullable String days) {
        boolean dish = lot.batch() != null;
        NoteLine named = name == null ? null : dish ? dish(lot, title(name)) : food(lot, name);
        Since since = days == null ? null : days(named == null ? lot.name() : named.foodName(), days, dish);
        return new Right(named, since);
    }

    /**
     * What a lot is now, and the changes that make it so.
     *
     * @param until ", until Sat 5 Dec", empty where nobody knows
     */
    public record Is(@Nullable UUID food, String name, String until, List<Change> changes) {
        public Is {
            changes = List.copyOf(changes);
        }
    }

    /**
     * @param food the row of it where it is another food; null where it stays
     * @param line what else lies there of the line of a note it came by: what it is holds for all of it, its days for
     *     what keeps as it does
     */
    public Is right(Lot lot, List<Lot> line, Right right, @Nullable UUID food) {
        List<Change> changes = new ArrayList<>();
        if (lot.batch() != null && right.name() != null) {
            changes.add(new Change.Called(lot.batch(), right.name().foodName()));
            if (right.days() == null) {
                return new Is(null, right.name().foodName(), "", changes);
            }
        }
        NoteKeeping keeping = understood(lot, right, food, changes);
        for (Lot one : line) {
            // what lies elsewhere or was opened since has days of its own
            boolean alike = one.spot().place().equals(lot.spot().place())
                    && one.clock().equals(lot.clock())
                    && one.dates().equals(lot.dates());
            if (right.name() != null || alike) {
                understood(one, alike ? right : new Right(right.name(), null), food, changes);
            }
        }
        String until = keeping.dates()
                .last()
                .map(day -> ", until " + Household.words(day))
                .orElse("");
        String name = right.name() == null ? lot.name() : right.name().foodName();
        return new Is(right.anew(lot) ? food : lot.food(), name, until, changes);
    }

    private NoteKeeping understood(Lot lot, Right right, @Nullable UUID food, List<Change> changes) {
        boolean dish = lot.batch() != null;
        NoteLine thing = right.name() != null ? right.name() : dish ? dish(lot, lot.name()) : same(lot);
        Since said = right.days() == null ? Since.UNSAID : right.days();
        NoteLine line = new NoteLine(
                thing.text(),
                1,
                lot.amount(),
                thing.foodName(),
                thing.food(),
                state(lot, thing),
                lot.about(),
                null,
                null,
                said.or(lot.clock(), printed(lot)),
                dish,
                List.of());
        Storage storage = lot.storage();
        NoteKeeping keeping = right.anew(lot)
                ? NoteKeeping.of(line, storage, kitchen.guide(), kitchen.today())
                : NoteKeeping.of(line, lot.clock().keepingClass(), storage, kitchen.guide(), kitchen.today());
        changes.add(new Change.Understood(
                lot.id(),
                right.anew(lot) ? food : lot.food(),
                lot.spot().place(),
                dish ? lot.state() : PuttingAway.state(line, storage, keeping),
                keeping.clock(),
                keeping.dates()));
        return keeping;
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
                called, 1, lot.amount(), called, null, State.COOKED, "", null, null, Since.UNSAID, true, List.of());
    }

    private NoteLine same(Lot lot) {
        UUID food = Objects.requireNonNull(lot.food());
        return NoteLine.bought(lot.name(), 1, lot.amount(), kitchen.foods().food(food), null, null);
    }

    private static String title(String name) {
        String title = Blanks.single(name.replaceAll("\\p{Cf}|\\p{Cc}", " "));
        if (title.isEmpty() || title.length() > LONGEST) {
            throw Refused.at("/name", "A name has 1 to " + LONGEST + " characters, this one " + title.length() + ".");
        }
        return title;
    }

    private NoteLine food(Lot lot, String called) {
        NoteLine line = one("/name", called);
        if (line.each() != null || line.price() != null || !line.since().unsaid() || line.dish()) {
            throw Refused.at(
                    "/name",
                    "“" + called + "” is more than a name: what is there is counted, its price and dates have fields of"
                            + " their own.");
        }
        Unit unit = lot.amount().unit();
        if (line.food() != null && !unit.equals(line.food().base()) && !unit.equals(Unit.PIECE)) {
            throw Refused.at(
                    "/name",
                    line.foodName() + " is kept in " + line.food().base() + ", and this is " + lot.amount()
                            + ": bin it as written down wrong, and note it anew.");
        }
        return line;
    }

    private NoteLine one(String field, String text) {
        if (text.length() > LONGEST) {
            throw Refused.at(field, "At most " + LONGEST + " characters, this has " + text.length() + ".");
        }
        Household household = kitchen.household();
        List<NoteLine> lines = fitting(
                field,
                () -> new NoteReader(
                                kitchen.foods().book(),
                                household.currency(),
                                household.measures(),
                                kitchen.today(),
                                household.dateOrder())
                        .read(text));
        if (lines.size() != 1) {
            throw Refused.at(field, "“" + text + "” is several things; this is one.");
        }
        return lines.get(0);
    }

    private static <T> T fitting(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Unfit problem) {
            throw Refused.at(field, String.valueOf(problem.getMessage()));
        }
    }

    private Since days(String called, String days, boolean dish) {
        // portions make it a dish, which was cooked on a day, not bought
        String head = dish ? "1 portion " + called : called;
        NoteLine bare = one("/days", head);
        NoteLine dated = one("/days", head + ", " + days);
        if (dated.since().unsaid() || dated.price() != null || !dated.foodName().equals(bare.foodName())) {
            throw Refused.at(
                    "/days",
                    "“" + days + "” names no day; write what it is a day of, like use by 5 Dec, bought yesterday or"
                            + " frozen 1 Nov.");
        }
        return dated.since();
    }

    /** The date on its pack: it has one where its dates are not those of its class. */
    private Since.@Nullable Limit printed(Lot lot) {
        LocalDate last = lot.dates().last().orElse(null);
        LocalDate ruled = kitchen.dates(lot.clock(), lot.storage()).last().orElse(null);
        if (last == null || last.equals(ruled)) {
            return null;
        }
        return new Since.Limit(lot.dates().eatBy() != null ? Since.Role.USE_BY : Since.Role.BEST_BEFORE, last);
    }
}
