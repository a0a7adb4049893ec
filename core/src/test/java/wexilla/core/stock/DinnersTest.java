package wexilla.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.facts.Traits;
import wexilla.core.people.Appetite;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.stock.Dinners.Candidate;

class DinnersTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static Food food(String name, String protein, List<FoodFact> facts) {
        Traits traits = new Traits("", protein, Map.of());
        return new Food(Key.food(name), name, List.of(), Unit.G, "raw-mince", false, Scaling.LINEAR, facts, traits);
    }

    private static final FoodFact PORTION =
            new FoodFact(amount("1 portion"), amount("150 g"), "common practice, no source", FoodFact.Trust.PRACTICE);

    /** The note of the design: 3 x 500 g mince, 2 bolognese for 6, 750 g fish; a family of 4.45 plates. */
    @Test
    void dishesCountByPortionProteinsByAnAdultsPortion() {
        List<Candidate> frozen = List.of(
                new Candidate("mince", food("mince", "beef", List.of(PORTION)), amount("1500 g"), DAY.plusDays(90)),
                new Candidate("bolognese", null, amount("12 portions"), DAY.plusDays(120)),
                new Candidate("fish", food("fish", "fish", List.of(PORTION)), amount("750 g"), DAY.plusDays(60)),
                new Candidate("peas", food("peas", "", List.of(PORTION)), amount("1 kg"), DAY.plusDays(2)));
        Rational table = Appetite.sum(List.of(
                Appetite.ADULT, Appetite.ADULT, Appetite.TEENAGER, Appetite.CHILD_9_TO_13, Appetite.CHILD_4_TO_8));
        Dinners dinners = Dinners.of(frozen, table, Measures.METRIC);
        assertThat(dinners.plates()).isEqualTo(Rational.of(27));
        assertThat(dinners.dinners()).isEqualTo(6);
        assertThat(dinners.first()).isEqualTo("fish");
    }

    @Test
    void withoutATableThereArePlatesOnly() {
        Dinners dinners = Dinners.of(
                List.of(new Candidate("soup", null, amount("7 portions"), null)), Rational.ZERO, Measures.METRIC);
        assertThat(dinners.dinners()).isNull();
        assertThat(dinners.plates()).isEqualTo(Rational.of(7));
        assertThat(dinners.first()).isNull();
    }
}
