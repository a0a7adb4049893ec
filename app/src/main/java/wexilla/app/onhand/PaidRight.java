package wexilla.app.onhand;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Changes;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Rows;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Lot;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * A price that was written down wrong is put right wherever it went: in what lies there of the same line, in the prices
 * seen, and in what the haul summed to. What was cooked of it since keeps what it was reckoned with.
 */
@Component
class PaidRight {

    private final JdbcClient db;
    private final Changes writing;
    private final Journal journal;
    private final Prices prices;
    private final Rows rows;

    PaidRight(JdbcClient db, Changes writing, Journal journal, Prices prices, Rows rows) {
        this.rows = rows;
        this.db = db;
        this.writing = writing;
        this.journal = journal;
        this.prices = prices;
    }

    /** A price as it was seen in the act that brought what is there. */
    private record Seen(
            UUID id,
            UUID act,
            @Nullable BigDecimal amount,
            @Nullable String unit,
            long price,
            @Nullable Integer multi) {

        /** Whether this is what so much of it cost; never an offer of several. */
        boolean of(Unit counted, UnitPrice each) {
            return amount != null
                    && multi == null
                    && counted.symbol().equals(unit)
                    && Math.abs(each.of(Rational.of(amount)).minor() - price) <= 1;
        }
    }

    /**
     * @param lot with something in it
     * @param line what else lies there of the same line of a note
     * @param is what it is now, {@code cost} of what is there of it
     */
    String right(Act act, Lot lot, List<Lot> line, PutRight.Named is, Money cost) {
        UnitPrice was = UnitPrice.of(lot.cost().known(), lot.amount());
        UnitPrice now = UnitPrice.of(cost, lot.amount());
        List<Change> changes = new ArrayList<>();
        changes.add(priced(lot, cost));
        for (Lot one : line) {
            Rational amount = one.amount().value();
            if (one.amount().unit().equals(lot.amount().unit())
                    && one.cost().complete() == lot.cost().complete()
                    && Math.abs(was.of(amount).minor() - one.cost().known().minor()) <= 1) {
                changes.add(priced(one, now.of(amount)));
            }
        }
        writing.write(act, changes);
        int others = changes.size() - 1;
        String told = lot.amount() + " of " + is.name() + " cost " + cost
                + (others == 0 ? "" : ", and " + others + " more of the same in its proportion");
        UUID food = is.food();
        if (food == null) {
            return told;
        }
        List<Seen> all = seen(act, List.of(lot), food);
        // a haul may name a food twice, each at its own price
        List<Seen> seen =
                all.stream().filter(price -> price.of(lot.amount().unit(), was)).toList();
        if (all.isEmpty() && cost.minor() > 0) {
            prices.record(act, new Change.PriceSeen(food, lot.amount(), cost, act.day(), null));
        }
        again(act, seen, now);
        boolean kept = all.stream().anyMatch(price -> price.multi() != null);
        return told + (kept ? "; what several cost together is as it was written" : "");
    }

    private static Change priced(Lot lot, Money cost) {
        Money more = cost.minus(lot.cost().known());
        return new Change.Valued(lot.id(), more, false, "price put right");
    }

    /** The prices of this food that the acts wrote by which it came. */
    private List<Seen> seen(Act act, List<Lot> of, UUID food) {
        return db.sql("""
                        select id, act, base_amount, base_unit, price, multi_n from offer
                        where household_id = ? and food = ? and price is not null and act = any (?) order by id""")
                .params(act.household().id(), food, origins(act, of))
                .query((row, n) -> new Seen(
                        row.getObject("id", UUID.class),
                        row.getObject("act", UUID.class),
                        row.getBigDecimal("base_amount"),
                        row.getString("base_unit"),
                        row.getLong("price"),
                        (Integer) row.getObject("multi_n")))
                .list();
    }

    private UUID[] origins(Act act, List<Lot> of) {
        return db.sql("""
                        with recursive up (lot) as (
                            select unnest(?::uuid[])
                            union
                            select s.parent from lot_source s join up on up.lot = s.child where s.household_id = ?)
                        select distinct l.made_by from lot l join up on up.lot = l.id where l.household_id = ?""")
                .params(
                        of.stream().map(Lot::id).toArray(UUID[]::new),
                        act.household().id(),
                        act.household().id())
                .query(UUID.class)
                .list()
                .toArray(UUID[]::new);
    }

    private void again(Act act, List<Seen> seen, UnitPrice now) {
        if (seen.isEmpty()) {
            return;
        }
        UUID household = act.household().id();
        List<Map<String, Object>> anew = new ArrayList<>();
        Map<UUID, Long> more = new HashMap<>();
        for (Seen price : seen) {
            long minor =
                    now.of(Rational.of(Objects.requireNonNull(price.amount()))).minor();
            anew.add(Map.of("id", price.id(), "price", minor));
            more.merge(price.act(), minor - price.price(), Long::sum);
        }
        journal.before(act, List.of(Thing.OFFER), seen.stream().map(Seen::id).toList());
        rows.update("offer", household, anew);
        record Haul(UUID act, long lines, @Nullable Long till) {}
        List<Haul> hauls = db.sql("select act, lines, till from purchase where household_id = ? and act = any (?)")
                .params(household, more.keySet().toArray(UUID[]::new))
                .query((row, n) ->
                        new Haul(row.getObject("act", UUID.class), row.getLong("lines"), (Long) row.getObject("till")))
                .list();
        if (hauls.isEmpty()) {
            return;
        }
        journal.before(
                act, List.of(Thing.PURCHASE), hauls.stream().map(Haul::act).toList());
        List<Long> sums = new ArrayList<>();
        for (Haul haul : hauls) {
            long lines = haul.lines() + more.getOrDefault(haul.act(), 0L);
            if (haul.till() != null && lines > haul.till()) {
                Money till = Money.of(haul.till(), act.household().currency());
                throw Problem.at(
                        "/price",
                        "The till said " + till + " for all that was bought then, and the lines would sum to "
                                + Money.of(lines, act.household().currency()) + "; one of them is wrong.");
            }
            sums.add(Math.max(0, lines));
        }
        db.sql("update purchase p set lines = now.lines from unnest(?::uuid[], ?::bigint[]) as now (act, lines) "
                        + "where p.household_id = ? and p.act = now.act")
                .params(hauls.stream().map(Haul::act).toArray(UUID[]::new), sums.toArray(Long[]::new), household)
                .update();
    }

    /**
     * What these cost was seen of another food than they are.
     *
     * @param line what else lies there of the line this lot came by
     * @param changes what each is understood as now
     */
    void renamed(Act act, Lot lot, List<Lot> line, List<Change> changes) {
        Map<UUID, Lot> had =
                Stream.concat(Stream.of(lot), line.stream()).collect(Collectors.toMap(Lot::id, one -> one));
        List<Lot> other = new ArrayList<>();
        UUID is = null;
        for (Change change : changes) {
            if (change instanceof Change.Understood now
                    && now.food() != null
                    && !now.food().equals(lot.food())) {
                other.add(Objects.requireNonNull(had.get(now.lot())));
                is = now.food();
            }
        }
        UUID food = lot.food();
        if (is == null || food == null) {
            return;
        }
        UUID now = is;
        List<Map<String, Object>> anew = seen(act, other, food).stream()
                .filter(price -> other.stream()
                        .anyMatch(one -> price.of(
                                one.amount().unit(), UnitPrice.of(one.cost().known(), one.amount()))))
                .map(price -> Map.<String, Object>of("id", price.id(), "food", now))
                .toList();
        if (!anew.isEmpty()) {
            journal.before(
                    act,
                    List.of(Thing.OFFER),
                    anew.stream().map(row -> (UUID) row.get("id")).toList());
            rows.update("offer", act.household().id(), anew);
        }
    }
}
