package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.keeping.Thaw;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.StretchPlan.Days;
import wexilla.core.stretch.StretchPlan.Form;
import wexilla.core.stretch.StretchPlan.Wish;

class StretchPlanTest {

    private static final Currency EURO = Currency.getInstance("EUR");
    private static final LocalDate COOK = LocalDate.of(2026, 11, 28);
    private static final KeepingRule COOKED =
            new KeepingRule("cooked-dish", "cooked meat", new Span(3, 4), new Span(2, 6), null, null, "chart");

    private static Days days(@Nullable LocalDate rawEatBy) {
        return new Days(COOK, rawEatBy, COOKED, Rational.of(32, 10), Thaw.Shape.JOINT);
    }

    private static Share grams(String name, int grams) {
        return new Share(name, new Share.Grams(Rational.of(grams)), null, null);
    }

    private static Wish wish(@Nullable Integer plates, @Nullable LocalDate eatOn) {
        return new Wish(plates == null ? null : Rational.of(plates), Form.SHREDDED, eatOn, false, null);
    }

    private static Slab slab(List<Share> shares) {
        return Slab.cut(
                Rational.of(3200),
                Rational.of(48, 100),
                Money.of(1757, EURO),
                Slab.Method.WEIGHT,
                Slab.Cut.COOKED,
                shares);
    }

    /** The design's joint: 3.2 kg at 0.48 are 1536 g, 13 plain plates of 113 g; beans make more of the same meat. */
    @Test
    void extendersMakeMorePlatesOfTheSameMeat() {
        Slab slab = slab(List.of(grams("roast", 678), grams("bean pot", 452)));
        StretchPlan plan = StretchPlan.of(slab, List.of(wish(null, null), wish(12, null)), days(null));
        assertThat(plan.plainPlates()).isEqualTo(13);
        assertThat(plan.dishes().get(0).plates()).isEqualTo(Rational.of(6));
        assertThat(plan.dishes().get(1).plates()).isEqualTo(Rational.of(12));
        assertThat(plan.plates().toDecimal(2)).hasToString("21.59");
        assertThat(plan.dishes().get(1).plateCost()).isEqualTo(Money.of(43, EURO));
    }

    @Test
    void aPartEatenAfterItsFridgeTimeIsFrozenOnTheCookDay() {
        Slab slab = slab(List.of(grams("roast", 600), grams("rolls", 400), grams("pie", 300)));
        StretchPlan plan = StretchPlan.of(
                slab, List.of(wish(null, COOK), wish(8, COOK.plusDays(4)), wish(6, COOK.plusDays(5))), days(COOK));
        assertThat(plan.dishes()).extracting(StretchPlan.Dish::freeze).containsExactly(false, false, true);
        assertThat(plan.dishes().get(0).eatBy()).isEqualTo(COOK.plusDays(4));
        assertThat(plan.dishes().get(2).note()).contains("past its fridge time").contains("Wed 2 Dec");
        assertThat(plan.warnings()).containsExactly("rolls and pie: the same meat on following days");
    }

    @Test
    void aCookDayAfterTheRawDateIsTold() {
        StretchPlan plan = StretchPlan.of(slab(List.of()), List.of(), days(COOK.minusDays(2)));
        assertThat(plan.warnings())
                .singleElement()
                .asString()
                .contains("keeps to Thu 26 Nov")
                .contains("take it out Thu 26 Nov by 08:00");
    }

    @Test
    void wholeComesBeforeSlicedBonesLast() {
        List<Wish> wishes = List.of(
                new Wish(null, Form.STOCK, null, false, null),
                new Wish(null, Form.SHREDDED, null, false, null),
                new Wish(null, Form.WHOLE, null, false, null));
        assertThat(StretchPlan.order(List.of("stock", "rolls", "roast"), wishes))
                .containsExactly("roast", "rolls", "stock");
    }
}
