package wexilla.app.preview;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.preview.ScalePreview.PersonAsked;
import wexilla.app.preview.ScalePreview.ScaleAsked;
import wexilla.app.preview.ScalePreview.To;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Forms;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.ReadLine;

/** By how much a recipe is scaled, from what was said of the size wanted. */
final class ScaleTo {

    private ScaleTo() {}

    static Rational factor(
            ScaleAsked asked, @Nullable Rational areas, List<ReadLine> lines, Stall stall, Measures measures) {
        To to = asked.to();
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
            return toFood(to.food(), to.amount(), lines, stall, measures);
        }
        if (to.money() != null) {
            return toMoney(Asked.money("/to/money", to.money()), lines, stall, measures);
        }
        Rational servings = Asked.number("/servings", asked.servings());
        if (servings.signum() <= 0) {
            throw Problem.at("/servings", "The recipe must make more than nothing, not " + asked.servings() + ".");
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
            String text, @Nullable String inHand, List<ReadLine> lines, Stall stall, Measures measures) {
        if (inHand == null) {
            throw Problem.at("/to/amount", "Say how much of " + text + " there is, like 2.3 kg.");
        }
        Food food = stall.book()
                .named(text)
                .orElseThrow(() -> Problem.at("/to/food", "“" + text + "” is no food Wexilla knows."));
        Rational asked = Rational.ZERO;
        for (ReadLine line : lines) {
            Quantity quantity = line.quantity();
            if (quantity != null && food.equals(line.food())) {
                asked = asked.plus(base(food, quantity.middle(), measures));
            }
        }
        if (asked.isZero()) {
            throw Problem.at("/to/food", "No line asks for an amount of " + food.name() + ".");
        }
        return base(food, Asked.amount("/to/amount", inHand), measures).dividedBy(asked);
    }

    private static Rational base(Food food, Amount amount, Measures measures) {
        Conversion.Answer answer = Conversion.convert(food, amount, food.base(), measures);
        if (answer instanceof Conversion.Missing missing) {
            throw Problem.missingFact("/to/food", "The " + missing.fact() + " is not known.", missing.fact());
        }
        return ((Conversion.Converted) answer).amount().value();
    }

    private static Rational toMoney(Money money, List<ReadLine> lines, Stall stall, Measures measures) {
        List<Wanted> wanted = lines.stream()
                .map(line -> new Wanted(
                        line.food(),
                        line.foodName(),
                        line.quantity() == null ? null : line.quantity().middle()))
                .toList();
        CostSheet sheet = CostSheet.of(
                wanted,
                new CostSheet.Known(
                        Map.of(),
                        stall.offers(),
                        Forms.NONE,
                        Seasoning.OUT,
                        Money.zero(Asked.CURRENCY),
                        measures,
                        LocalDate.EPOCH));
        for (int i = 0; i < lines.size(); i++) {
            if (!sheet.lines().get(i).cost().complete()) {
                String fact = "price of " + lines.get(i).foodName();
                throw Problem.missingFact(
                        "/offers", "The " + fact + " is not known, so money cannot be divided by it.", fact);
            }
        }
        if (sheet.total().known().minor() == 0) {
            throw Problem.at("/offers", "These lines cost nothing; money does not limit them.");
        }
        return money.exact().dividedBy(sheet.total().known().exact());
    }
}
