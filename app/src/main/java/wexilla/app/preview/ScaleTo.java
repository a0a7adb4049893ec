package wexilla.app.preview;

import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.equipment.Fill;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.pricing.InHand;
import wexilla.core.pricing.Offer;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.lines.ReadLine;

/** By how much a recipe is scaled, from what was said of the size wanted. */
public final class ScaleTo {

    private static final Rational MOST = Rational.of(1000);

    private ScaleTo() {}

    public record BatchesAsked(int eat, int freeze) {}

    public record PersonAsked(String age) {}

    /**
     * @param kind pan, tray, pot …; @param from the one the recipe is written for, @param to the one in hand
     * @param deep whether it is filled deep, so that volumes count and not areas
     */
    public record VesselsAsked(
            @Nullable String kind,
            String from,
            String to,
            @Nullable Boolean deep) {}

    /** One of these: factor, servings, food with its amount in hand, batches, people, money, or the vessel in hand. */
    public record To(
            @Nullable String factor,
            @Nullable String servings,
            @Nullable String food,
            @Nullable String amount,
            @Nullable BatchesAsked batches,
            @Nullable List<PersonAsked> people,
            @Nullable String money,
            @Nullable VesselsAsked vessel) {}

    /** What money is divided by. @param book finds the food that is in hand too */
    public record Prices(FoodBook book, Map<Key, List<Offer>> offers, Currency currency) {}

    /** The surface of the vessel in hand over that of the one it was written for; null when none is said. */
    public static @Nullable Rational areas(To to, Vessels vessels) {
        VesselsAsked vessel = to.vessel();
        if (vessel == null) {
            return null;
        }
        String kind = vessel.kind() == null ? "pan" : vessel.kind();
        VesselRule rule = vessels.rule(kind)
                .orElseThrow(() -> Problem.at(
                        "/to/vessel/kind", "“" + kind + "” is no vessel; say one of " + vessels.kinds() + "."));
        VesselSize from = Asked.at("/to/vessel/from", () -> VesselSize.parse(vessel.from()));
        VesselSize size = Asked.at("/to/vessel/to", () -> VesselSize.parse(vessel.to()));
        return Asked.at("/to/vessel/to", () -> Fill.ratio(rule, from, size, Boolean.TRUE.equals(vessel.deep())));
    }

    /**
     * Times the recipe as written.
     *
     * @param made how many portions it is written for
     * @throws Problem if nothing or more than one thing is said, or it leads to no size from above 0 to 1000
     */
    public static Rational factor(
            To to, String made, @Nullable Rational areas, List<ReadLine> lines, Prices prices, Measures measures) {
        Rational factor = said(to, made, areas, lines, prices, measures);
        if (factor.signum() <= 0 || factor.compareTo(MOST) > 0) {
            throw Problem.at(
                    "/to",
                    "That is " + factor.plain() + " times the recipe; more than 0 and at most 1000 is possible.");
        }
        return factor;
    }

    private static Rational said(
            To to, String made, @Nullable Rational areas, List<ReadLine> lines, Prices prices, Measures measures) {
        long said = Stream.of(to.factor(), to.servings(), to.food(), to.batches(), to.people(), to.money(), areas)
                .filter(Objects::nonNull)
                .count();
        if (said != 1) {
            throw Problem.at(
                    "/to",
                    "Say one of factor, servings, food, batches, people, money or vessel; " + said + " are said.");
        }
        if (areas != null) {
            return areas;
        }
        if (to.factor() != null) {
            return Asked.number("/to/factor", to.factor());
        }
        if (to.batches() != null) {
            if (to.batches().eat() < 0 || to.batches().freeze() < 0) {
                throw Problem.at("/to/batches", "Batches cannot be below zero.");
            }
            return Rational.of((long) to.batches().eat() + to.batches().freeze());
        }
        if (to.food() != null) {
            return toFood(to.food(), to.amount(), lines, prices, measures);
        }
        if (to.money() != null) {
            return toMoney(Asked.money("/to/money", to.money(), prices.currency()), lines, prices, measures);
        }
        Rational servings = Asked.number("/servings", made);
        if (servings.signum() <= 0) {
            throw Problem.at("/servings", "The recipe must make more than nothing, not " + made + ".");
        }
        return (to.servings() != null ? Asked.number("/to/servings", to.servings()) : eaters(to.people()))
                .dividedBy(servings);
    }

    private static Rational eaters(@Nullable List<PersonAsked> people) {
        Rational sum = Rational.ZERO;
        List<PersonAsked> all = people == null ? List.of() : people;
        for (int i = 0; i < all.size(); i++) {
            String age = all.get(i).age();
            sum = sum.plus(
                    Asked.at("/to/people/" + i + "/age", () -> Appetite.of(age)).portions());
        }
        return sum;
    }

    /** The amount in hand over all that the lines ask of this food. */
    private static Rational toFood(
            String text, @Nullable String inHand, List<ReadLine> lines, Prices prices, Measures measures) {
        if (inHand == null) {
            throw Problem.at("/to/amount", "Say how much of " + text + " there is, like 2.3 kg.");
        }
        Food food = prices.book()
                .named(text)
                .orElseThrow(() -> Problem.at("/to/food", "“" + text + "” is no food Wexilla knows."));
        InHand.Answer answer = new InHand(lines, measures).of(food, Asked.amount("/to/amount", inHand));
        if (answer instanceof InHand.Missing missing) {
            throw Problem.missingFact("/to/food", "The " + missing.fact() + " is not known.", missing.fact());
        }
        if (answer instanceof InHand.Times times) {
            return times.factor();
        }
        throw Problem.at("/to/food", "No line asks for an amount of " + food.name() + ".");
    }

    private static Rational toMoney(Money money, List<ReadLine> lines, Prices prices, Measures measures) {
        InHand.Answer answer = new InHand(lines, measures).of(money, prices.offers());
        if (answer instanceof InHand.Missing missing) {
            String fact = missing.fact();
            throw Problem.missingFact(
                    "/offers", "The " + fact + " is not known, so money cannot be divided by it.", fact);
        }
        if (answer instanceof InHand.Times times) {
            return times.factor();
        }
        throw Problem.at("/offers", "These lines cost nothing; money does not limit them.");
    }
}
