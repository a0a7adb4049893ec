package wexilla.core.pricing;

import java.time.LocalDate;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;

/**
 * One price seen or paid.
 *
 * @param pack what it was for, in g, ml or pieces
 */
public record Offer(String foodKey, Money price, Amount pack, LocalDate seenOn) {

    public UnitPrice unitPrice() {
        return UnitPrice.of(price, pack);
    }
}
