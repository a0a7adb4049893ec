package wexilla.core.stretch;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;

/**
 * More beans, less meat: a piece of meat on more or fewer plates, its extender making up what is missing, within limits
 * that keep the dish right: so much meat on a plate at least, and its weight about the same.
 *
 * @param stops from the fewest plates to the most, at least one
 * @param now which of them is nearest to what was asked
 */
public record Balance(List<Stop> stops, int now) {

    private static final Rational LEAST_MEAT = Trade.number("balance.least-meat");
    private static final Rational WEIGHT = Trade.number("balance.weight");
    private static final Rational HANDY = Trade.number("balance.handy-grams");
    private static final int MOST_STOPS = Trade.whole("balance.most-stops");

    /**
     * What is on the plates now.
     *
     * @param meat cooked grams, {@code meatCost} of them, {@code meatProtein} in them; null when it is not known
     * @param plates whole, at least one
     * @param extender grams as bought, above zero, with {@code eaten} grams on the plate of one of them, above zero
     * @param extenderCost of all of it, {@code extenderProtein} in it; null when they are not known
     */
    public record Dish(
            Rational meat,
            Money meatCost,
            @Nullable Rational meatProtein,
            int plates,
            Rational extender,
            Rational eaten,
            @Nullable Money extenderCost,
            @Nullable Rational extenderProtein) {}

    /**
     * @param factor of the extender as it is now
     * @param plateMeat grams cooked, {@code plateGrams} with the extender as it is eaten
     * @param plateCost of meat and extender; null when the extender has no price
     */
    public record Stop(
            int plates,
            Rational factor,
            Rational plateMeat,
            Rational plateGrams,
            @Nullable Money plateCost,
            @Nullable Rational plateProtein) {}

    /** What limits it, in the cook's words. */
    public static final String RULE =
            "at least " + LEAST_MEAT.plain() + " g of cooked meat on a plate, its weight within "
                    + WEIGHT.times(Rational.of(100)).plain() + " per cent";

    public Balance {
        stops = List.copyOf(stops);
    }

    /** Every whole number of plates the piece may be stretched to; what it is now alone where nothing else holds. */
    public static Balance of(Dish dish) {
        Rational plate = weight(dish, dish.extender()).dividedBy(Rational.of(dish.plates()));
        List<Stop> stops = new ArrayList<>();
        int now = 0;
        int least = dish.meat().dividedBy(plate).ceiling().intValueExact();
        int most = dish.meat().dividedBy(LEAST_MEAT).floor().intValueExact();
        int from = Math.max(Math.max(1, least), dish.plates() - MOST_STOPS);
        for (int plates = from; plates <= Math.min(most, dish.plates() + MOST_STOPS); plates++) {
            Stop stop = plates == dish.plates() ? asNow(dish) : stop(dish, plate, plates);
            Rational off = stop.plateGrams().minus(plate).dividedBy(plate);
            if (off.compareTo(WEIGHT) <= 0 && Rational.ZERO.minus(off).compareTo(WEIGHT) <= 0) {
                now = plates == dish.plates() ? stops.size() : now;
                stops.add(stop);
            }
        }
        return stops.stream().noneMatch(stop -> stop.plates() == dish.plates())
                ? new Balance(List.of(asNow(dish)), 0)
                : new Balance(stops, now);
    }

    private static Rational weight(Dish dish, Rational extender) {
        return dish.meat().plus(extender.times(dish.eaten()));
    }

    private static Stop asNow(Dish dish) {
        return made(dish, dish.extender(), dish.plates());
    }

    /** As much extender as makes the plates as heavy as they are, to what is handy to weigh. */
    private static Stop stop(Dish dish, Rational plate, int plates) {
        Rational missing = plate.times(Rational.of(plates)).minus(dish.meat());
        Rational exact = missing.signum() < 0 ? Rational.ZERO : missing.dividedBy(dish.eaten());
        Rational handy = HANDY.times(Rational.of(exact.dividedBy(HANDY).rounded()));
        return made(dish, handy, plates);
    }

    private static Stop made(Dish dish, Rational extender, int plates) {
        Rational all = Rational.of(plates);
        Rational factor = extender.dividedBy(dish.extender());
        Money cost = dish.extenderCost();
        Rational meat = dish.meatProtein();
        Rational more = dish.extenderProtein();
        return new Stop(
                plates,
                factor,
                dish.meat().dividedBy(all),
                weight(dish, extender).dividedBy(all),
                cost == null
                        ? null
                        : Money.rounded(
                                dish.meatCost()
                                        .exact()
                                        .plus(cost.exact().times(factor))
                                        .dividedBy(all),
                                cost.currency()),
                meat == null || more == null
                        ? null
                        : meat.plus(more.times(factor)).dividedBy(all));
    }
}
