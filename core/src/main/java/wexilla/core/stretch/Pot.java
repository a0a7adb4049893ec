package wexilla.core.stretch;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.facts.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * What goes into the pot with a big buy, and what comes out of it: cooked meat, the broth its water has become, and what
 * stays what it was.
 *
 * @param closed whether its lid stays on; an open one boils more away
 * @param back whether its liquid is shared back into the parts instead of being kept as broth
 */
public record Pot(List<Input> inputs, boolean closed, boolean back) {

    private static final Rational CLOSED = Trade.number("broth.closed");
    private static final Rational OPEN = Trade.number("broth.open");

    /** Nothing but the meat. */
    public static final Pot DRY = new Pot(List.of(), true, false);

    /** A cup of water, relish. @param food null when nobody knows it */
    public record Input(String name, @Nullable Food food, Amount amount) {

        boolean becomesBroth() {
            return food != null && food.is(Nature.COOKS_GRAIN) && amount.unit().dimension() == Dimension.VOLUME;
        }
    }

    /** So much of something that comes out. */
    public record Output(String what, Amount amount) {}

    public Pot {
        inputs = List.copyOf(inputs);
    }

    /** Millilitres of broth. */
    public Rational broth(Measures measures) {
        Rational water = inputs.stream()
                .filter(Input::becomesBroth)
                .map(input -> measures.toBase(input.amount()).value())
                .reduce(Rational.ZERO, Rational::plus);
        return water.times(closed ? CLOSED : OPEN);
    }

    /** What goes into each of several pots, in words. @param meat how it is called, {@code grams} as bought */
    public String inEach(int pots, String meat, Rational grams, Measures measures) {
        Rational part = Rational.of(1, pots);
        StringBuilder words = new StringBuilder("in each of " + pots + " pots: ");
        words.append(Amount.of(handy(grams.times(part)), Unit.G)).append(' ').append(meat);
        inputs.forEach(input -> {
            Amount all = measures.toBase(input.amount());
            Rational each = handy(all.value().times(part));
            words.append(", ").append(Amount.of(each, all.unit())).append(' ').append(input.name());
        });
        return words.toString();
    }

    /** To what is weighed or measured by hand: 50 from a kilo or a litre on, else 5. */
    private static Rational handy(Rational value) {
        Rational step = Rational.of(value.compareTo(Rational.of(1000)) < 0 ? 5 : 50);
        return step.times(Rational.of(value.dividedBy(step).rounded()));
    }

    /** What comes out of it. @param meat how the cooked meat is called */
    public List<Output> outputs(String meat, Slab slab, Measures measures) {
        List<Output> out = new ArrayList<>();
        Rational broth = broth(measures);
        boolean shared = back && !broth.isZero();
        Rational grams = shared ? slab.cookedGrams().plus(broth) : slab.cookedGrams();
        out.add(new Output(shared ? meat + " in its liquid" : meat, Amount.of(grams, Unit.G)));
        if (!broth.isZero() && !shared) {
            out.add(new Output("broth", Amount.of(broth, Unit.ML)));
        }
        inputs.stream()
                .filter(input -> !input.becomesBroth())
                .forEach(input -> out.add(new Output(input.name(), measures.toBase(input.amount()))));
        return List.copyOf(out);
    }
}
