package wexilla.app.preview;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Scaling;
import wexilla.core.money.Money;
import wexilla.core.people.Appetite;
import wexilla.core.pricing.CostSheet;
import wexilla.core.pricing.CostSheet.Wanted;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.ScaledLine;

/** Typed lines at another size. */
@RestController
class ScalePreview {

    private static final Rational MOST = Rational.of(1000);

    private final FoodBook foods;

    ScalePreview(Reference reference) {
        this.foods = reference.book();
    }

    record BatchesAsked(int eat, int freeze) {}

    record PersonAsked(String age) {}

    /** One of these: factor, servings, food with its amount in hand, batches, people, or money. */
    record To(
            @Nullable String factor,
            @Nullable String servings,
            @Nullable String food,
            @Nullable String amount,
            @Nullable BatchesAsked batches,
            @Nullable List<PersonAsked> people,
            @Nullable String money) {}

    /**
     * @param pots how many pots it is cooked in; one when absent
     * @param offers prices, needed to scale to money
     */
    record ScaleAsked(
            String servings,
            List<String> lines,
            To to,
            @Nullable Integer pots,
            @Nullable String system,
            @Nullable List<Stall.OfferAsked> offers,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /** @param whole whole pieces to use; @param startWith what to begin with in one pot, then taste */
    record ScaledView(
            String text,
            @Nullable String exact,
            @Nullable String unit,
            String rule,
            @Nullable String whole,
            @Nullable String startWith) {}

    record Warning(String what, String why, String source) {}

    record Scaled(String factor, List<ScaledView> lines, List<Warning> warnings) {}

    @PostMapping("/api/preview/scale")
    Scaled scale(@RequestBody ScaleAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        KitchenMeasure.System system = MeasurePreviews.system(asked.system());
        int pots = asked.pots() == null ? 1 : asked.pots();
        if (pots < 1 || pots > 20) {
            throw Problem.at("/pots", "Pots are a whole number from 1 to 20, not " + pots + ".");
        }
        if (asked.lines().size() > Recipe.MOST_LINES) {
            throw Problem.at("/lines", asked.lines().size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        Stall stall = Stall.of(foods, asked.offers() == null ? List.of() : asked.offers(), measures);
        List<ReadLine> lines = new ArrayList<>();
        for (int i = 0; i < asked.lines().size(); i++) {
            String text = asked.lines().get(i);
            lines.add(Asked.at("/lines/" + i, () -> new LineReader(stall.book()).read(text)));
        }
        Rational factor = factor(asked, lines, stall, measures);
        if (factor.signum() <= 0 || factor.compareTo(MOST) > 0) {
            throw Problem.at(
                    "/to",
                    "That is " + factor.plain() + " times the recipe; more than 0 and at most 1000 is possible.");
        }
        List<ScaledLine> scaled = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            ReadLine line = lines.get(i);
            Scaling rule = line.knownFood().map(Food::scaling).orElse(Scaling.LINEAR);
            scaled.add(Asked.at("/lines/" + i, () -> ScaledLine.of(line, rule, factor, pots, system, measures)));
        }
        return new Scaled(
                factor.plain(),
                scaled.stream().map(ScalePreview::view).toList(),
                scaled.stream().flatMap(ScalePreview::warnings).toList());
    }

    private static ScaledView view(ScaledLine line) {
        Amount exact = line.exact();
        return new ScaledView(
                line.text(),
                exact == null ? null : exact.value().plain(),
                exact == null ? null : exact.unit().symbol(),
                line.rule().name().toLowerCase(java.util.Locale.ROOT),
                line.whole() == null ? null : line.whole().plain(),
                line.startWith() == null ? null : line.startWith().text());
    }

    private static Stream<Warning> warnings(ScaledLine line) {
        return line.exact() == null
                ? Stream.of(new Warning(
                        line.line().foodName(),
                        "no amount is written, so it does not grow with the rest",
                        "own definition"))
                : Stream.empty();
    }

    private static Rational factor(ScaleAsked asked, List<ReadLine> lines, Stall stall, Measures measures) {
        To to = asked.to();
        long said = Stream.of(to.factor(), to.servings(), to.food(), to.batches(), to.people(), to.money())
                .filter(Objects::nonNull)
                .count();
        if (said != 1) {
            throw Problem.at(
                    "/to", "Say one of factor, servings, food, batches, people or money; " + said + " are said.");
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
