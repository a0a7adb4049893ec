package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.stretch.StretchPlan.Days;
import wexilla.core.stretch.StretchPlan.Form;
import wexilla.core.stretch.StretchPlan.Wish;

/** Any joint cut in any way: no gram and no cent is lost, nothing is eaten after its time, order is kept. */
class StretchPropertyTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final LocalDate COOK = LocalDate.of(2026, 11, 28);
    private static final KeepingRule COOKED =
            new KeepingRule("cooked-dish", "cooked meat", new Span(3, 4), new Span(2, 6), null, null, "chart");

    static List<Long> seeds() {
        return java.util.stream.LongStream.rangeClosed(1, 120).boxed().toList();
    }

    private static Rational sum(List<Rational> grams) {
        return grams.stream().reduce(Rational.ZERO, Rational::plus);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anyJointCutInAnyWay(long seed) {
        Random random = new Random(seed);
        Rational raw = Rational.of(800 + random.nextInt(4000));
        Rational yield = Rational.of(40 + random.nextInt(50), 100);
        Money price = Money.of(200 + random.nextInt(4000), EURO);
        Slab.Method method = Slab.Method.WEIGHT;
        List<Share> shares = new ArrayList<>();
        List<Wish> wishes = new ArrayList<>();
        int parts = 1 + random.nextInt(5);
        for (int i = 0; i < parts; i++) {
            shares.add(share("part " + i, random, raw.times(yield), parts));
            LocalDate eatOn = random.nextBoolean() ? COOK.plusDays(random.nextInt(12)) : null;
            Rational plates = random.nextBoolean() ? Rational.of(1 + random.nextInt(12)) : null;
            wishes.add(new Wish(plates, Form.values()[random.nextInt(4)], eatOn, false, null));
        }
        Slab slab = Slab.cut(raw, yield, price, method, Slab.Cut.COOKED, shares);
        List<Rational> grams =
                new ArrayList<>(slab.parts().stream().map(Slab.Part::grams).toList());
        grams.add(slab.remainder().grams());
        assertThat(sum(grams)).as("grams").isEqualTo(raw.times(yield));
        Money paid = slab.parts().stream()
                .map(Slab.Part::cost)
                .reduce(slab.remainder().cost(), Money::plus);
        assertThat(paid).as("cents").isEqualTo(price);
        shares.add(new Share("bones", null, null, null));
        wishes.add(new Wish(null, Form.STOCK, null, false, null));
        Slab withBones = Slab.cut(raw, yield, price, method, Slab.Cut.COOKED, shares);
        Days days = new Days(COOK, null, COOKED, Rational.of(2), Thaw.Shape.JOINT);
        List<Piece> pieces = Piece.of(withBones, shares, StretchPlan.of(withBones, wishes, days), raw);
        assertThat(sum(pieces.stream().map(Piece::raw).toList()))
                .as("raw weight closes")
                .isEqualTo(raw);
        assertThat(pieces.stream().map(Piece::cost).reduce(Money::plus))
                .as("cents of the pieces")
                .contains(price);
        assertThat(pieces.get(parts).raw().isZero()).as("bones take no meat").isTrue();
        shares.remove(parts);
        wishes.remove(parts);

        StretchPlan plan = StretchPlan.of(slab, wishes, days);
        for (int i = 0; i < parts; i++) {
            LocalDate eatOn = wishes.get(i).eatOn();
            boolean tooLate = eatOn != null && eatOn.isAfter(COOK.plusDays(4));
            assertThat(plan.dishes().get(i).freeze()).as("into the freezer").isEqualTo(tooLate);
            assertThat(plan.dishes().get(i).plates().signum()).isNotNegative();
        }
        List<String> names = shares.stream().map(Share::name).toList();
        List<String> order = StretchPlan.order(names, wishes);
        assertThat(order).containsExactlyInAnyOrderElementsOf(names);
        assertThat(order.stream()
                        .map(name -> wishes.get(names.indexOf(name)).form())
                        .toList())
                .isSorted();
    }

    /** At most an equal part of the cooked meat, so that the parts always fit. */
    private static Share share(String name, Random random, Rational cooked, int parts) {
        int grams = cooked.dividedBy(Rational.of(parts)).rounded().intValueExact() - 1;
        Share.Size given = switch (random.nextInt(3)) {
            case 0 -> new Share.Percent(Rational.of(random.nextInt(100 / parts + 1)));
            case 1 -> new Share.Grams(Rational.of(1 + random.nextInt(grams)));
            default -> new Share.Portions(Rational.of(1), Rational.of(1 + random.nextInt(grams)));
        };
        return new Share(name, given, null, null);
    }

    /** However much too much is asked for, the shortfall is told to the gram. */
    @ParameterizedTest
    @CsvSource({"501, 1", "750, 250", "5000, 4500"})
    void tooMuchIsRefusedWithItsShortfall(int asked, int shortfall) {
        Share share = new Share("all", new Share.Grams(Rational.of(asked)), null, null);
        assertThatThrownBy(() -> Slab.cut(
                        Rational.of(1000),
                        Rational.of(1, 2),
                        Money.of(500, EURO),
                        Slab.Method.WEIGHT,
                        Slab.Cut.COOKED,
                        List.of(share)))
                .hasMessageContaining(shortfall + " g too much");
    }

    @ParameterizedTest
    @CsvSource({"1000, pork, true, true", "999, pork, true, false", "5000, '', true, false", "3000, pork, false, false"
    })
    void aBigBuyIsAKiloOfSomethingADinnerIsBuiltOn(int grams, String protein, boolean yields, boolean big) {
        Yield yield = yields ? new Yield(Rational.of(1, 2), "common practice, no source") : null;
        Food food = new Food(
                Key.food("x"),
                "x",
                List.of(),
                Unit.G,
                "raw-roast",
                false,
                Scaling.LINEAR,
                List.of(),
                new Traits(
                        "meat",
                        protein,
                        yield == null
                                ? java.util.Map.of()
                                : java.util.Map.of(wexilla.core.food.facts.Part.COOKED, yield)));
        assertThat(StretchPlan.isBigBuy(food, Amount.of(grams, Unit.G))).isEqualTo(big);
        assertThat(StretchPlan.isBigBuy(food, Amount.of(grams, Unit.ML))).isFalse();
    }
}
