package wexilla.core.money;

import java.util.Currency;

/**
 * What something cost, as far as known. Unknown stays unknown: a sum with one unknown part is "at least" its known
 * part.
 *
 * @param complete false when a part of it has no price
 */
public record Cost(Money known, boolean complete) {

    public static Cost of(Money known) {
        return new Cost(known, true);
    }

    /** Nothing known about it. */
    public static Cost unknown(Currency currency) {
        return new Cost(Money.zero(currency), false);
    }

    public Cost plus(Cost other) {
        return new Cost(known.plus(other.known), complete && other.complete);
    }

    @Override
    public String toString() {
        return complete ? known.toString() : "at least " + known;
    }
}
