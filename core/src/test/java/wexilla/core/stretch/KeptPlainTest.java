package wexilla.core.stretch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.Samples;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Part;
import wexilla.core.food.facts.Traits;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** As much again, kept back plain: its grams by the yield or as weighed, and only what is kept by itself. */
class KeptPlainTest {

    private static Food food(String name, String keeping, String aisle, String protein, Map<Part, Yield> yields) {
        return new Food(
                Key.food(name),
                name,
                List.of(),
                Unit.G,
                keeping,
                false,
                Scaling.LINEAR,
                List.of(),
                new Traits(aisle, protein, yields)
                        .of(aisle.equals("meat") ? Set.of(Animal.TURKEY) : Set.of(), Cut.WHOLE));
    }

    private static final Food TURKEY = food(
            "turkey pieces",
            "raw-poultry",
            "meat",
            "turkey",
            Map.of(Part.COOKED, new Yield(Rational.of(7, 10), "USDA Agriculture Handbook 102")));
    private static final Food COURGETTE = food("courgette", "soft-vegetables", "vegetables", "", Map.of());
    private static final Food LAMB = food("lamb", "raw-roast", "meat", "lamb", Map.of());
    private static final FoodBook BOOK = new FoodBook(List.of(TURKEY, COURGETTE, LAMB, Samples.FLOUR));

    private static KeptPlain of(Food food, String need) {
        return KeptPlain.of(food, Samples.amount(need), BOOK).orElseThrow();
    }

    @Test
    void byItsYield() {
        assertThat(of(TURKEY, "700 g").cooked()).contains(Rational.of(490));
        assertThat(of(COURGETTE, "600 g").cooked()).contains(Rational.of(450));
        assertThat(of(LAMB, "600 g").cooked()).isEmpty();
        assertThat(of(TURKEY, "700 g").keepingClass()).isEqualTo("cooked-dish");
        assertThat(of(COURGETTE, "600 g").keepingClass()).isEqualTo("cut-vegetables");
    }

    /** What was weighed is shared by what went in: nothing is lost or made. */
    @ParameterizedTest
    @ValueSource(ints = {1, 250, 700, 1400, 9999})
    void asWeighed(int kept) {
        Rational weighed = Rational.of(980);
        Rational dish = Rational.of(700);
        Rational mine = of(TURKEY, kept + " g").of(weighed, dish);
        Rational theirs = of(TURKEY, "700 g").of(weighed, Rational.of(kept));
        Rational off = mine.plus(theirs).minus(weighed);
        assertThat(off.compareTo(Rational.ONE)).isNotPositive();
        assertThat(off.compareTo(Rational.of(-1))).isNotNegative();
    }

    /** Two equal halves of 980 g are 490 g each. */
    @Test
    void twoHalves() {
        assertThat(of(TURKEY, "700 g").of(Rational.of(980), Rational.of(700))).isEqualTo(Rational.of(490));
    }

    @Test
    void nothingBecomesTenTimesAsHeavy() {
        KeptPlain half = of(TURKEY, "700 g");
        assertThat(half.canBecome(Rational.of(980), Rational.of(700))).isTrue();
        assertThat(half.canBecome(Rational.of(14_000), Rational.of(700))).isFalse();
    }

    @Test
    void onlyWhatIsKeptByItself() {
        assertThat(KeptPlain.of(Samples.FLOUR, Samples.amount("500 g"), BOOK)).isEmpty();
        assertThat(KeptPlain.of(null, Samples.amount("500 g"), BOOK)).isEmpty();
        assertThat(KeptPlain.of(TURKEY, null, BOOK)).isEmpty();
        assertThat(KeptPlain.of(TURKEY, Amount.of(0, Unit.G), BOOK)).isEmpty();
        assertThat(KeptPlain.of(TURKEY, Amount.of(2, Unit.PIECE), BOOK)).isEmpty();
        assertThat(of(TURKEY, "200 g").worthIt(Rational.of(4))).isTrue();
        assertThat(of(TURKEY, "199 g").worthIt(Rational.of(4))).isFalse();
    }
}
