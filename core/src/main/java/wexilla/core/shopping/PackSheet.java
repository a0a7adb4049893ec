package wexilla.core.shopping;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;

/**
 * An opened pack, dish by dish, down to nothing: what went into which dish, what is spoken for, what is left over or short.
 * It closes when what is left or short is within 3 per cent of the pack (handbook, section 1).
 *
 * @param whole what was in it when it came
 * @param rest what nobody has a use for; zero when it is short
 * @param lacking what the dishes want beyond it; zero when it is enough
 * @param closes whether it comes out even
 */
public record PackSheet(Amount whole, List<Use> uses, Amount rest, Amount lacking, boolean closes) {

    private static final Rational EVEN = Trade.number("shop.short");
    private static final Rational HUNDRED = Rational.of(100);
    /** Parts of a pack people speak of. */
    private static final Map<Rational, String> PARTS = new TreeMap<>(Map.of(
            Rational.of(1, 8),
            "⅛",
            Rational.of(1, 4),
            "¼",
            Rational.of(1, 3),
            "⅓",
            Rational.of(1, 2),
            "½",
            Rational.of(2, 3),
            "⅔",
            Rational.of(3, 4),
            "¾",
            Rational.ONE,
            "all"));

    /** So much for a dish. @param ahead whether it is only planned */
    public record Use(String what, Amount amount, boolean ahead) {}

    public PackSheet {
        uses = List.copyOf(uses);
    }

    /**
     * The sheet of a pack.
     *
     * @param there what is in it now
     * @param uses of it, in their order, in its unit
     * @param lacking what dishes want of this food and find nowhere, in its unit
     */
    public static PackSheet of(Amount whole, Amount there, List<Use> uses, Amount lacking) {
        Rational ahead = uses.stream()
                .filter(Use::ahead)
                .map(use -> use.amount().value())
                .reduce(Rational.ZERO, Rational::plus);
        Rational left = there.value().minus(ahead);
        Amount rest = Amount.of(left.signum() < 0 ? Rational.ZERO : left, whole.unit());
        Rational off = lacking.value().isZero() ? rest.value() : lacking.value();
        return new PackSheet(whole, uses, rest, lacking, off.compareTo(EVEN.times(whole.value())) <= 0);
    }

    /** An amount as a part of the pack: "⅔", else "41 %". */
    public String part(Amount amount) {
        if (whole.value().isZero()) {
            return "";
        }
        Rational of = amount.value().dividedBy(whole.value());
        return PARTS.entrySet().stream()
                .filter(part -> near(of, part.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(of.times(HUNDRED).rounded() + " %");
    }

    private static boolean near(Rational of, Rational part) {
        Rational off = of.minus(part);
        return (off.signum() < 0 ? off.negated() : off).compareTo(EVEN.times(part)) <= 0;
    }

    /** An amount by spoons and cups: "7 tbsp"; empty for what is not measured so. */
    public static String measure(@Nullable Food food, Amount amount, KitchenMeasure.System system, Measures measures) {
        boolean counted = amount.unit().dimension() == Dimension.COUNT;
        if (food == null || counted || amount.value().isZero()) {
            return "";
        }
        return Conversion.convert(food, amount, Unit.TBSP, measures) instanceof Conversion.Converted spoons
                ? KitchenMeasure.of(spoons.amount(), system, measures).text()
                : "";
    }

    /** How it ends, in the cook's words. */
    public String words() {
        if (!lacking.value().isZero()) {
            return closes ? shown(lacking) + " short: near enough" : shown(lacking) + " short";
        }
        if (rest.value().isZero()) {
            return "used up";
        }
        String share = rest.value()
                        .times(HUNDRED)
                        .dividedBy(whole.value().isZero() ? Rational.ONE : whole.value())
                        .rounded()
                + " %";
        return closes
                ? shown(rest) + " left, near enough to nothing"
                : shown(rest) + " left, " + share + ": no use yet";
    }

    /** To the tenth: nobody measures finer. */
    private static Amount shown(Amount amount) {
        return Amount.of(Rational.of(amount.value().toDecimal(1)), amount.unit());
    }
}
