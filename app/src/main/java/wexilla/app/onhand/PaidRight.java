package wexilla.app.onhand;

import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import wexilla.app.platform.Act;
import wexilla.app.platform.Journal;
import wexilla.app.platform.Journal.Thing;
import wexilla.app.platform.Problem;
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
    private final Ledger ledger;
    private final Journal journal;
    private final Offers offers;

    PaidRight(JdbcClient db, Ledger ledger, Journal journal, Offers offers) {
        this.db = db;
        this.ledger = ledger;
        this.journal = journal;
        this.offers = offers;
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
     * @param lot locked, with something in it
     * @param line what else lies there of the same line of a note
     * @param cost of what is there of the lot
     */
    String right(Act act, Lot lot, List<Lot> line, Money cost) {
        UnitPrice was = UnitPrice.of(lot.cost().known(), lot.amount());
        UnitPrice now = UnitPrice.of(cost, lot.amount());
        ledger.priced(act, lot.id(), cost.minor() - lot.cost().known().minor());
        int others = 0;
        for (Lot one : line) {
            Rational amount = one.amount().value();
            long before = one.cost().known().minor();
            if (one.amount().unit().equals(lot.amount().unit())
                    && one.cost().complete() == lot.cost().complete()
                    && Math.abs(was.of(amount).minor() - before) <= 1) {
                ledger.priced(act, one.id(), now.of(amount).minor() - before);
                others++;
            }
        }
        String told = lot.amount() + " of " + lot.name() + " cost " + cost
                + (others == 0 ? "" : ", and " + others + " more of the same in its proportion");
        UUID food = lot.food();
        if (food == null) {
            return told;
        }
        List<Seen> all = seen(act, lot, food);
        // a haul may name a food twice, each at its own price
        List<Seen> seen =
                all.stream().filter(price -> price.of(lot.amount().unit(), was)).toList();
        if (all.isEmpty() && cost.minor() > 0) {
            offers.record(act, food, lot.amount(), cost, act.day());
        }
        seen.forEach(price -> again(
                act,
                price,
                now.of(Rational.of(Objects.requireNonNull(price.amount()))).minor()));
        boolean kept = all.stream().anyMatch(price -> price.multi() != null);
        return told + (kept ? "; what several cost together is as it was written" : "");
    }

    /** The prices of this food that the acts wrote by which it came. */
    private List<Seen> seen(Act act, Lot lot, UUID food) {
        return db.sql("""
                        select id, act, base_amount, base_unit, price, multi_n from offer
                        where household_id = ? and food = ? and price is not null and act = any (?) order by id""")
                .params(act.household().id(), food, origins(act, lot))
                .query((row, n) -> new Seen(
                        row.getObject("id", UUID.class),
                        row.getObject("act", UUID.class),
                        row.getBigDecimal("base_amount"),
                        row.getString("base_unit"),
                        row.getLong("price"),
                        (Integer) row.getObject("multi_n")))
                .list();
    }

    private UUID[] origins(Act act, Lot lot) {
        return db.sql("""
                        with recursive up (lot) as (
                            select ?::uuid
                            union
                            select s.parent from lot_source s join up on up.lot = s.child where s.household_id = ?)
                        select distinct l.made_by from lot l join up on up.lot = l.id where l.household_id = ?""")
                .params(lot.id(), act.household().id(), act.household().id())
                .query(UUID.class)
                .list()
                .toArray(UUID[]::new);
    }

    private void again(Act act, Seen seen, long price) {
        UUID household = act.household().id();
        journal.before(act, Thing.OFFER, seen.id());
        db.sql("update offer set price = ? where household_id = ? and id = ?")
                .params(price, household, seen.id())
                .update();
        record Haul(long lines, @Nullable Long till) {}
        List<Haul> hauls = db.sql("select lines, till from purchase where household_id = ? and act = ?")
                .params(household, seen.act())
                .query((row, n) -> new Haul(row.getLong("lines"), (Long) row.getObject("till")))
                .list();
        for (Haul haul : hauls) {
            long lines = haul.lines() + price - seen.price();
            if (haul.till() != null && lines > haul.till()) {
                Money till = Money.of(haul.till(), act.household().currency());
                throw Problem.at(
                        "/price",
                        "The till said " + till + " for all that was bought then, and the lines would sum to "
                                + Money.of(lines, act.household().currency()) + "; one of them is wrong.");
            }
            journal.before(act, Thing.PURCHASE, seen.act());
            db.sql("update purchase set lines = ? where household_id = ? and act = ?")
                    .params(Math.max(0, lines), household, seen.act())
                    .update();
        }
    }

    /** What it cost was seen of another food than it is. */
    void renamed(Act act, Lot lot, UUID food) {
        if (lot.food() == null || lot.food().equals(food)) {
            return;
        }
        UnitPrice each = UnitPrice.of(lot.cost().known(), lot.amount());
        for (Seen price : seen(act, lot, lot.food())) {
            if (!price.of(lot.amount().unit(), each)) {
                continue;
            }
            journal.before(act, Thing.OFFER, price.id());
            db.sql("update offer set food = ? where household_id = ? and id = ?")
                    .params(food, act.household().id(), price.id())
                    .update();
        }
    }
}
