package wexilla.core.stations.onhand;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.kitchen.Change;
import wexilla.core.kitchen.Lot;
import wexilla.core.kitchen.Refused;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * A price that was written down wrong is put right wherever it went: in what lies there of the same line, in the prices
 * seen, and in what the haul summed to. What was cooked of it since keeps what it was reckoned with.
 *
 * @param words what is told
 * @param worth what the lots are worth now
 * @param seen the price to write down where none was seen; null where there is one
 * @param priced what each price that was seen is now, in minor units
 * @param more what each haul, by its act, came to more than was written down; negative for less
 */
public record PaidRight(
        String words,
        List<Change> worth,
        Change.@Nullable PriceSeen seen,
        Map<UUID, Long> priced,
        Map<UUID, Long> more) {

    /** A price as it was seen in the act that brought what is there. @param multi how many an offer of several was for */
    public record Seen(
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

    /** What was bought at once. @param till what was paid for all of it; null where nobody said */
    public record Haul(UUID act, Money lines, @Nullable Money till) {

        /** What its lines sum to now. @throws Refused if that is more than was paid */
        public Money with(long more) {
            Money sum = Money.of(Math.max(0, lines.minor() + more), lines.currency());
            if (till != null && sum.minor() > till.minor()) {
                throw Refused.at(
                        "/price",
                        "The till said " + till + " for all that was bought then, and the lines would sum to " + sum
                                + "; one of them is wrong.");
            }
            return sum;
        }
    }

    /**
     * @param lot with something in it; {@code line} what else lies there of the same line of a note
     * @param is what it is now, {@code cost} of what is there of it
     * @param seen every price the acts wrote by which it came
     * @param on the day it is put right
     */
    public static PaidRight of(Lot lot, List<Lot> line, Correcting.Is is, Money cost, List<Seen> seen, LocalDate on) {
        UnitPrice was = UnitPrice.of(lot.cost().known(), lot.amount());
        UnitPrice now = UnitPrice.of(cost, lot.amount());
        List<Change> worth = new ArrayList<>();
        worth.add(priced(lot, cost));
        for (Lot one : line) {
            Rational amount = one.amount().value();
            if (one.amount().unit().equals(lot.amount().unit())
                    && one.cost().complete() == lot.cost().complete()
                    && Math.abs(was.of(amount).minor() - one.cost().known().minor()) <= 1) {
                worth.add(priced(one, now.of(amount)));
            }
        }
        int others = worth.size() - 1;
        String words = lot.amount() + " of " + is.name() + " cost " + cost
                + (others == 0 ? "" : ", and " + others + " more of the same in its proportion")
                + (seen.stream().anyMatch(price -> price.multi() != null)
                        ? "; what several cost together is as it was written"
                        : "");
        UUID food = is.food();
        Change.PriceSeen first = food != null && seen.isEmpty() && cost.minor() > 0
                ? new Change.PriceSeen(food, lot.amount(), cost, on, null, null)
                : null;
        Map<UUID, Long> priced = new HashMap<>();
        Map<UUID, Long> more = new HashMap<>();
        for (Seen price : seen) {
            // a haul may name a food twice, each at its own price
            if (price.of(lot.amount().unit(), was)) {
                long minor = now.of(Rational.of(Objects.requireNonNull(price.amount())))
                        .minor();
                priced.put(price.id(), minor);
                more.merge(price.act(), minor - price.price(), Long::sum);
            }
        }
        return new PaidRight(words, worth, first, priced, more);
    }

    /** The prices that were seen of these lots, and so of another food than they are. */
    public static List<UUID> ofAnother(Collection<Lot> lots, Collection<Seen> seen) {
        return seen.stream()
                .filter(price -> lots.stream()
                        .anyMatch(one -> price.of(
                                one.amount().unit(), UnitPrice.of(one.cost().known(), one.amount()))))
                .map(Seen::id)
                .toList();
    }

    private static Change priced(Lot lot, Money cost) {
        return new Change.Valued(lot.id(), cost.minus(lot.cost().known()), false, "price put right");
    }
}
