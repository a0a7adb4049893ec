package wexilla.core.money;

import java.util.Currency;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What something cost, as far as known. Unknown stays unknown: a sum with one unknown part is "at least" its known part,
 * where half of its parts are known; else it only says how many prices are missing (design: facts, section 5).
 *
 * @param priced of how many {@code parts} the price is known
 */
public record Cost(Money known, int priced, int parts) {

    /** What was recorded as one: whether all of it has a price. */
    public Cost(Money known, boolean complete) {
        this(known, complete ? 1 : 0, complete || known.minor() == 0 ? 1 : 2);
    }

    public static Cost of(Money known) {
        return new Cost(known, true);
    }

    /** Nothing known about it. */
    public static Cost unknown(Currency currency) {
        return new Cost(Money.zero(currency), false);
    }

    /** Where a sum begins: nothing, of no part. */
    public static Cost zero(Currency currency) {
        return new Cost(Money.zero(currency), 0, 0);
    }

    /** Whether no part of it lacks a price. */
    public boolean complete() {
        return priced == parts;
    }

    /** The same prices known and missing, of another sum. */
    public Cost with(Money other) {
        return new Cost(other, priced, parts);
    }

    public Cost plus(Cost other) {
        return new Cost(known.plus(other.known), priced + other.priced, parts + other.parts);
    }

    /** All of it as one part of something larger. */
    public Cost whole() {
        return new Cost(known, complete());
    }

    /** "5 of 9 prices missing", where what is known says too little; empty where the sum can be told. */
    public Optional<String> missing() {
        boolean half = 2 * priced >= parts && known.minor() != 0;
        return complete() || half
                ? Optional.empty()
                : Optional.of(parts == 1 ? "no price yet" : parts - priced + " of " + parts + " prices missing");
    }

    /** How many parts it came of makes no other cost of it. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Cost cost && known.equals(cost.known) && complete() == cost.complete();
    }

    @Override
    public int hashCode() {
        return Objects.hash(known, complete());
    }

    @Override
    public String toString() {
        return complete() ? known.toString() : missing().orElse("at least " + known);
    }
}
