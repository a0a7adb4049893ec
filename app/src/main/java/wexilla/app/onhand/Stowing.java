package wexilla.app.onhand;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.app.household.Foods;
import wexilla.app.platform.Act;
import wexilla.app.platform.Acts.Done;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Problem;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.kitchen.Kitchen;
import wexilla.core.kitchen.Planned;
import wexilla.core.kitchen.house.Household;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.stations.onhand.PuttingAway;
import wexilla.core.stock.notes.NoteLine;

/** Puts away what a note or a haul says: stored whole or not at all. */
@Component
public class Stowing {

    /** A whole freezer is a few hundred; each is written while the household waits. */
    private static final int MOST_CONTAINERS = 500;

    private final Notes notes;
    private final Foods foods;
    private final Snapshots snapshots;
    private final Changes changes;
    private final Purchases purchases;

    Stowing(Notes notes, Foods foods, Snapshots snapshots, Changes changes, Purchases purchases) {
        this.notes = notes;
        this.foods = foods;
        this.snapshots = snapshots;
        this.changes = changes;
        this.purchases = purchases;
    }

    /**
     * The lines are a haul.
     *
     * @param besides what was paid for things that are not kept, such as foil
     * @param till what the till said, null when nobody typed it
     */
    public record Paid(Money besides, @Nullable Money till) {}

    /**
     * What came of a note.
     *
     * @param lots as written
     * @param left lines that were not understood, as typed: they stay with the cook
     */
    public record Stored(List<UUID> lots, List<String> left) {}

    /**
     * Stores what is understood of a note: every container becomes a lot; one bad line does not refuse the others.
     *
     * @param paid null when the note only says what is there
     * @throws Problem if there is no line, or none is understood
     */
    public Done<Stored> store(Act act, String text, @Nullable UUID place, @Nullable Paid paid) {
        List<Notes.Read> read = notes.read(act.household(), text, act.day());
        if (read.isEmpty()) {
            throw Problem.at("/text", "The note is empty; write a line such as 3 x 500 g mince, 8.40.");
        }
        List<NoteLine> lines = read.stream().flatMap(one -> one.line().stream()).toList();
        if (lines.isEmpty()) {
            Notes.Read bad = read.get(0);
            throw Problem.at("/text", "Line " + bad.number() + ": " + bad.problem());
        }
        int containers = lines.stream().mapToInt(NoteLine::count).sum();
        if (containers > MOST_CONTAINERS) {
            throw Problem.at(
                    "/text",
                    "This note is of " + containers + " things; " + MOST_CONTAINERS
                            + " is the most at once: put it away in parts.");
        }
        List<UUID> lots = stow(act, lines, place, paid);
        List<String> left = read.stream()
                .filter(one -> one.line().isEmpty())
                .map(Notes.Read::text)
                .toList();
        String first = lines.get(0).foodName();
        String more = lines.size() == 1 ? "" : " and " + (lines.size() - 1) + " more";
        return new Done<>((paid == null ? "On hand: " : "Bought: ") + first + more, new Stored(lots, left));
    }

    /** Puts these lines away: every container becomes a lot, prices are remembered, a haul is a purchase. */
    public List<UUID> stow(Act act, List<NoteLine> lines, @Nullable UUID place, @Nullable Paid paid) {
        Household household = act.household();
        List<PuttingAway.Thing> things = named(household, lines);
        List<Food> come = things.stream()
                .filter(thing -> !none(thing.line()))
                .flatMap(thing -> Stream.ofNullable(thing.food()))
                .toList();
        Map<Key, UUID> rows = foods.rows(household, come);
        Kitchen kitchen = snapshots.kitchen(household).with(Planned.NONE);
        PuttingAway.Put put = new PuttingAway(
                        kitchen.with(snapshots.prices(kitchen, rows.keySet())), act.day(), rows, act::newId)
                .put(things, place);
        changes.write(act, put.changes());
        if (paid != null) {
            Money sum =
                    lines.stream().map(NoteLine::price).filter(Objects::nonNull).reduce(paid.besides(), Money::plus);
            purchases.record(act, sum, paid.till());
        }
        return put.lots();
    }

    /** What the book does not know becomes a food of the household's own. */
    private List<PuttingAway.Thing> named(Household household, List<NoteLine> lines) {
        Map<String, Unit> unknown = new LinkedHashMap<>();
        for (NoteLine line : lines) {
            if (!line.dish() && line.food() == null && !none(line)) {
                unknown.putIfAbsent(line.foodName(), base(household, line.each()));
            }
        }
        Map<String, Food> own = foods.own(household, unknown);
        return lines.stream()
                .map(line -> new PuttingAway.Thing(line, line.food() != null ? line.food() : own.get(line.foodName())))
                .toList();
    }

    private static boolean none(NoteLine line) {
        return line.each() != null && line.each().value().isZero();
    }

    private static Unit base(Household household, @Nullable Amount each) {
        Unit unit =
                each == null ? Unit.PIECE : household.measures().toBase(each).unit();
        return unit.equals(Unit.G) || unit.equals(Unit.ML) ? unit : Unit.PIECE;
    }
}
