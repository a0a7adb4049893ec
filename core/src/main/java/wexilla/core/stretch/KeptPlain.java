package wexilla.core.stretch;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.State;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;

/**
 * What is cooked along with a line of a dish and kept back plain: "and half for tomorrow". Meat, fish, pulses and vegetables
 * as they are bought; what else is in the dish never gets into it.
 *
 * @param food as bought
 * @param bought grams of it as bought, above zero
 */
public record KeptPlain(Food food, Rational bought) {

    /** What is left of a gram of vegetables. Common practice, no source. */
    private static final Rational VEGETABLES = Trade.number("stretch.cooked-vegetables");

    /** No food becomes more than this many times as heavy. Own definition. */
    private static final Rational MOST_SWELLS = Trade.number("stretch.most-swells");

    /** Less than this on a plate is an aromatic, and nobody keeps half of it. Common practice, no source. */
    private static final Rational LEAST = Trade.number("stretch.plain-least-grams");

    /** @throws Unfit if nothing is kept */
    public KeptPlain {
        if (bought.signum() <= 0) {
            throw new Unfit("what is kept back weighs more than nothing");
        }
    }

    /** As much again as goes into the dish; empty where it is not kept by itself. @param need of the dish, as bought */
    public static Optional<KeptPlain> of(@Nullable Food food, @Nullable Amount need, FoodBook book) {
        if (food == null
                || need == null
                || !need.unit().equals(Unit.G)
                || need.value().isZero()) {
            return Optional.empty();
        }
        boolean kept = !DishKind.group(food).isEmpty()
                && book.inState(food, State.COOKED, food.name()).isPresent();
        return kept ? Optional.of(new KeptPlain(food, need.value())) : Optional.empty();
    }

    /** Grams it gives, to the gram, by its cooked yield or that of vegetables; empty where nothing is known. */
    public Optional<Rational> cooked() {
        Yield yield = food.traits().cooked();
        Rational ofOne =
                yield != null ? yield.ofOne() : DishKind.group(food).equals("vegetables") ? VEGETABLES : Rational.ZERO;
        return ofOne.isZero()
                ? Optional.empty()
                : Optional.of(Rational.of(bought.times(ofOne).toDecimal(0)));
    }

    /** Its part of what was weighed together with what stays in the dish. @param dish grams of that as bought */
    public Rational of(Rational weighed, Rational dish) {
        return Rational.of(weighed.times(bought).dividedBy(bought.plus(dish)).toDecimal(0));
    }

    /** Whether so much can have become of it and of what stays in the dish. @param dish grams of that as bought */
    public boolean canBecome(Rational weighed, Rational dish) {
        return weighed.compareTo(bought.plus(dish).times(MOST_SWELLS)) <= 0;
    }

    /** Whether it is enough on each of so many plates to be worth keeping. */
    public boolean worthIt(Rational portions) {
        return bought.compareTo(LEAST.times(portions)) >= 0;
    }

    /** Its class of the keeping guide once it is cooked. */
    public String keepingClass() {
        return DishKind.keepingClass(DishKind.group(food));
    }
}
