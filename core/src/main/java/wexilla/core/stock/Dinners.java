package wexilla.core.stock;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * How many dinners lie in the freezer: dishes by their portions, proteins by an adult's portion, cooked meat by 113 g. What has no portion
 * weight is no dinner by itself.
 *
 * @param plates adult portions all together, exact
 * @param dinners whole dinners for the table; null while nobody has said who eats
 * @param first the name of what to eat first, null when there is nothing
 */
public record Dinners(
        Rational plates,
        @Nullable Integer dinners,
        @Nullable String first) {

    /** Cooked meat served plain, to an adult. */
    public static final Rational COOKED_MEAT_GRAMS = Trade.number("portion.cooked-meat-grams");

    /**
     * Something that could be a dinner.
     *
     * @param food null for a dish
     * @param last the date that counts for "first to expire"
     */
    public record Candidate(
            String name,
            @Nullable Food food,
            Amount amount,
            @Nullable LocalDate last) {}

    /** Whole plates: what is begun is none. */
    public int wholePlates() {
        return plates.floor().intValueExact();
    }

    /** @param table adult portions everybody eats together; zero while nobody is written down */
    public static Dinners of(List<Candidate> frozen, Rational table, Measures measures) {
        Rational plates = Rational.ZERO;
        for (Candidate one : frozen) {
            plates = plates.plus(plates(one, measures).orElse(Rational.ZERO));
        }
        String first = frozen.stream()
                .filter(one -> one.last() != null && plates(one, measures).isPresent())
                .min(Comparator.comparing(Candidate::last).thenComparing(Candidate::name))
                .map(Candidate::name)
                .orElse(null);
        Integer dinners = table.isZero()
                ? null
                : Integer.valueOf(plates.dividedBy(table).floor().intValueExact());
        return new Dinners(plates, dinners, first);
    }

    /** How many adult portions this is; empty when it is not what a dinner is built on. */
    public static Optional<Rational> plates(Candidate one, Measures measures) {
        Food food = one.food();
        if (food == null) {
            return one.amount().unit().equals(Unit.PORTION)
                    ? Optional.of(one.amount().value())
                    : one.amount().unit().equals(Unit.G)
                            ? Optional.of(one.amount().value().dividedBy(COOKED_MEAT_GRAMS))
                            : Optional.empty();
        }
        if (food.traits().protein().isEmpty()) {
            return Optional.empty();
        }
        return Conversion.convert(food, one.amount(), Unit.PORTION, measures) instanceof Conversion.Converted converted
                ? Optional.of(converted.amount().value())
                : Optional.empty();
    }
}
