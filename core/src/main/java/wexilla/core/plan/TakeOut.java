package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wexilla.core.packing.Room;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.shopping.Needs.Met;
import wexilla.core.stock.StockUse.Take;

/**
 * Something to take out of the freezer to thaw.
 *
 * @param lot id of the lot; @param amount of it
 * @param by the latest time so that it is thawed when work begins
 * @param forDay the day it is wanted
 * @param rule how long it takes, in words
 * @param freezeOn the day it is frozen, where that is still to be done; else null
 * @param millilitres of room it takes in the freezer until then, at least
 */
public record TakeOut(
        String lot,
        String name,
        Amount amount,
        LocalDateTime by,
        LocalDate forDay,
        String rule,
        @Nullable LocalDate freezeOn,
        Rational millilitres) {

    /** "take out 2 portions goulash by Fri 27 Nov, 10:00"; "freeze them on Sun 22 Nov, " first where that is to be done. */
    public String words() {
        return (freezeOn == null ? "" : "freeze it on " + Remark.day(freezeOn) + ", ") + "take out " + amount
                + (amount.unit().equals(Unit.PIECE) ? " × " : " ") + name + " by " + Remark.dayAndTime(by);
    }

    /** This and more of the same, both in one unit. */
    private TakeOut and(TakeOut more) {
        return new TakeOut(
                lot,
                name,
                amount.plus(more.amount),
                by.isBefore(more.by) ? by : more.by,
                forDay,
                rule,
                freezeOn,
                millilitres.plus(more.millilitres));
    }

    /**
     * What of this is frozen and has to leave the freezer, one for each lot.
     *
     * @param begin when it has to be thawed
     * @param today what is frozen later than this is still to be frozen
     */
    static List<TakeOut> of(Collection<Met> met, LocalDateTime begin, LocalDate day, LocalDate today) {
        Map<String, TakeOut> out = new LinkedHashMap<>();
        for (Met one : met) {
            for (Take take : one.takes()) {
                int hours = take.lot().hoursToThaw(take.amount());
                if (hours > 0) {
                    TakeOut now = new TakeOut(
                            take.lot().id(),
                            one.want().name(),
                            out(take),
                            begin.minusHours(hours),
                            day,
                            take.lot().thawRule(take.amount()),
                            toFreeze(take.lot().clock().frozenOn(), today),
                            Room.millilitres(out(take), take.lot().weight()));
                    out.merge(now.lot(), now, TakeOut::and);
                }
            }
        }
        return List.copyOf(out.values());
    }

    /** A packet leaves as a whole where less than a portion of it would be left. */
    private static Amount out(Take take) {
        Amount all = take.lot().amount();
        boolean whole = take.lot().packet()
                && all.unit().equals(Unit.PORTION)
                && all.value().minus(take.amount().value()).compareTo(Rational.ONE) < 0;
        return whole ? all : take.amount();
    }

    private static @Nullable LocalDate toFreeze(@Nullable LocalDate frozenOn, LocalDate today) {
        return frozenOn == null || !frozenOn.isAfter(today) ? null : frozenOn;
    }

    /** Packets of one thing that leave at one time are told together. */
    public static List<TakeOut> summed(Collection<TakeOut> out) {
        record Together(String name, LocalDateTime by, Unit unit) {}
        Map<Together, TakeOut> sums = new LinkedHashMap<>();
        out.forEach(one ->
                sums.merge(new Together(one.name(), one.by(), one.amount().unit()), one, TakeOut::and));
        return List.copyOf(sums.values());
    }
}
