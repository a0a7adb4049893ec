package wexilla.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.BOOK;
import static wexilla.core.Samples.FLOUR;
import static wexilla.core.Samples.GARLIC;
import static wexilla.core.Samples.MINCE;
import static wexilla.core.Samples.amount;
import static wexilla.core.Samples.ratio;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wexilla.core.food.FoodFact.Trust;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

class ConversionTest {

    /** Two US cups of flour: USDA FoodData Central gives 125 g a cup (from memory). */
    @Test
    void thePathIsPartOfTheAnswer() {
        var answer = (Conversion.Converted) Conversion.convert(FLOUR, amount("2 cups"), Unit.G, Measures.US);
        assertThat(answer.amount()).hasToString("250 g");
        assertThat(answer.path()).containsExactly("2 cups", "473.18 ml", "250 g");
    }

    /** A household with a metric cup gets more flour into it; the fact stays in US cups. */
    @Test
    void theHouseholdsCupIsNotTheFactsCup() {
        var answer = (Conversion.Converted) Conversion.convert(FLOUR, amount("1 cup"), Unit.G, Measures.METRIC);
        assertThat(answer.amount().value().toDecimal(1)).isEqualByComparingTo("132.1");
    }

    @Test
    void piecesLeadOverMassToOtherPieces() {
        var answer =
                (Conversion.Converted) Conversion.convert(GARLIC, amount("1 head"), Unit.named("clove"), Measures.US);
        assertThat(answer.amount().value()).hasToString("40/3");
        assertThat(answer.path()).containsExactly("1 head", "40 g", "13 1/3 cloves");
    }

    @Test
    void aMissingFactIsNamedAndNeverGuessed() {
        assertThat(Conversion.convert(MINCE, amount("2 cups"), Unit.G, Measures.US))
                .isEqualTo(new Conversion.Missing("density of minced beef"));
        assertThat(Conversion.convert(MINCE, Amount.of(3, Unit.named("bag")), Unit.G, Measures.US))
                .isEqualTo(new Conversion.Missing("weight of a bag of minced beef"));
    }

    /** Of two paths of one length the more trusted is taken, whichever was written down first; a shorter one wins always. */
    @Test
    void theShortestAndMostTrustedPathIsTaken() {
        FoodFact practice = new FoodFact(amount("1 cup"), amount("100 g"), "practice", Trust.PRACTICE);
        FoodFact own = new FoodFact(amount("1 cup"), amount("130 g"), "weighed here", Trust.OWN);
        FoodFact handful = new FoodFact(amount("1 handful"), amount("30 g"), "practice", Trust.PRACTICE);
        FoodFact ofCup = new FoodFact(amount("4 handfuls"), amount("1 cup"), "weighed here", Trust.OWN);
        Food oats = food("oats", List.of(practice, own, handful, ofCup), Map.of());
        var cup = (Conversion.Converted) Conversion.convert(oats, amount("1 cup"), Unit.G, Measures.US);
        assertThat(cup.amount()).hasToString("130 g");
        assertThat(cup.sources()).containsExactly("weighed here");
        var few = (Conversion.Converted) Conversion.convert(oats, amount("2 handfuls"), Unit.G, Measures.US);
        assertThat(few.path()).containsExactly("2 handfuls", "60 g");
    }

    /** 1 tin → 400 g → 240 g drained: common practice, no source. */
    @Test
    void aTinDrained() {
        Food beans = food(
                "beans",
                List.of(new FoodFact(amount("1 tin"), amount("400 g"), "practice", Trust.PRACTICE)),
                Map.of(Part.DRAINED, new Yield(ratio(60, 100), "practice")));
        var drained = (Conversion.Converted) Conversion.part(beans, amount("1 tin"), Part.DRAINED, Measures.US);
        assertThat(drained.path()).containsExactly("1 tin", "400 g", "240 g drained");
        assertThat(Conversion.part(beans, amount("1 tin"), Part.COOKED, Measures.US))
                .isEqualTo(new Conversion.Missing("cooked weight of beans"));
    }

    /** Property: there and back again is exactly what it was, over any chain of facts. */
    @Test
    void nothingIsLostInRoundTrips() {
        Random seeded = new Random(3);
        for (int i = 0; i < 300; i++) {
            Rational grams = Rational.of(1 + seeded.nextInt(5000), 1 + seeded.nextInt(7));
            Amount start = Amount.of(grams, Unit.G);
            for (Unit unit : List.of(Unit.named("clove"), Unit.named("head"), Unit.KG, Unit.OZ, Unit.LB)) {
                var there = (Conversion.Converted) Conversion.convert(GARLIC, start, unit, Measures.US);
                var back = (Conversion.Converted) Conversion.convert(GARLIC, there.amount(), Unit.G, Measures.US);
                assertThat(back.amount()).isEqualTo(start);
            }
        }
    }

    private static Food food(String name, List<FoodFact> facts, Map<Part, Yield> yields) {
        Traits traits = new Traits("dry", "", yields);
        return new Food(Key.food(name), name, List.of(), Unit.G, "dry-goods", false, Scaling.LINEAR, facts, traits);
    }

    @Test
    void pluralsMeetTheirFood() {
        assertThat(BOOK.find("large onions, diced").orElseThrow().name()).isEqualTo("onion");
        assertThat(BOOK.find("ripe tomatoes").orElseThrow().name()).isEqualTo("tomatoes");
        assertThat(BOOK.find("dragon scales")).isEmpty();
        assertThat(BOOK.find("onion soup mix")).as("a name covers its phrase").isEmpty();
    }
}
