package wexilla.core.food.book;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;

/**
 * One food standing in for another: browned mince for raw, a tin for cooked beans, a member of a group for the group.
 *
 * @param need key of the food a line asks for
 * @param by the food that stands in
 * @param gives base units of the food asked for that one base unit of {@code by} stands for, above zero
 * @param silent whether it is taken without asking; dried never silently replaces tinned
 * @param done what is done already, so that these steps fall away: "brown", "soak"
 * @param todo what must be done first; empty when nothing must
 * @param source of the ratio
 */
public record Form(Key need, Food by, Rational gives, boolean silent, List<String> done, String todo, String source) {

    /** @throws IllegalArgumentException if it gives nothing or stands in for itself */
    public Form {
        done = List.copyOf(done);
        if (gives.signum() <= 0 || need.equals(by.key())) {
            throw new IllegalArgumentException("a form of " + need.id() + " gives something, and is another food");
        }
    }

    /**
     * The same form by the yields of a household, where its ratio is the cooked yield of one of the two: browned mince is
     * what is left of raw mince.
     *
     * @param before the foods as the ratio was written for; @param now as the household knows them
     */
    public Form learned(FoodBook before, FoodBook now) {
        Yield raw = cooked(before, need);
        Yield ownRaw = cooked(now, need);
        if (raw != null && ownRaw != null && near(gives.times(raw.ofOne()), Rational.ONE)) {
            return raw.equals(ownRaw) ? this : with(Rational.ONE.dividedBy(ownRaw.ofOne()), ownRaw.source());
        }
        Yield other = cooked(before, by.key());
        Yield ownOther = cooked(now, by.key());
        return other == null || ownOther == null || other.equals(ownOther) || !near(gives, other.ofOne())
                ? this
                : with(ownOther.ofOne(), ownOther.source());
    }

    private Form with(Rational ratio, String from) {
        return new Form(need, by, ratio, silent, done, todo, from);
    }

    private static @Nullable Yield cooked(FoodBook book, Key key) {
        return book.get(key).map(food -> food.traits().cooked()).orElse(null);
    }

    /** Ratios of the reference file are written with six decimals. */
    private static boolean near(Rational a, Rational b) {
        Rational apart = a.minus(b);
        return (apart.signum() < 0 ? apart.negated() : apart).compareTo(Rational.of(1, 10_000)) < 0;
    }
}
