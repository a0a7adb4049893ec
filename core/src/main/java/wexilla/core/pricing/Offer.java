package wexilla.core.pricing;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Key;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;

/**
 * One price seen or paid.
 *
 * @param price of one pack
 * @param pack what it was for, in g, ml or pieces
 * @param multi what several of them cost together: "3 for 13.00"
 */
public record Offer(Key food, Money price, Amount pack, LocalDate seenOn, WholePacks.@Nullable MultiBuy multi) {

    /** A price of one pack alone. */
    public Offer(Key food, Money price, Amount pack, LocalDate seenOn) {
        this(food, price, pack, seenOn, null);
    }

    /** Days after which a price is shown as old: handbook, section 4. */
    public static final int OLD_DAYS = 90;

    /** Whether it was seen more than 90 days before this day. */
    public boolean old(LocalDate today) {
        return seenOn.plusDays(OLD_DAYS).isBefore(today);
    }

    public UnitPrice unitPrice() {
        return UnitPrice.of(price, pack);
    }
}
