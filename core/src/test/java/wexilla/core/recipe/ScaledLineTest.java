package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static wexilla.core.Samples.ratio;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.Samples;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.recipe.lines.LineReader;

/** Handbook, section 2; the start of seasoning is common practice, no source. */
class ScaledLineTest {

    private static ScaledLine scaled(String text, Rational factor, int pots) {
        return Sized.of(Samples.recipe(new LineReader(Samples.BOOK), text), Size.of(factor, pots), Measures.US)
                .words(Wording.of(KitchenMeasure.System.US, Measures.US))
                .get(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            3/4 tsp salt                  | 3 | 1 | 2 1/4 tsp salt              | 2 tsp
            3/4 tsp salt                  | 3 | 3 | 2 1/4 tsp salt              | -
            3/4 tsp salt                  | 1 | 1 | 3/4 tsp salt                | -
            1/8 tsp salt                  | 2 | 1 | 1/4 tsp salt                | -
            2 cups plain flour            | 3 | 1 | 6 cups plain flour          | -
            2 onions, diced               | 3 | 1 | 6 onions, diced             | -
            2 x 400 g tins tomatoes       | 3 | 1 | 6 x 400 g tins tomatoes     | -
            2-3 cloves garlic             | 2 | 1 | 4 cloves to 6 cloves garlic | -
            2 bay leaves                  | 4 | 1 | 2 bay leaves                | -
            2 bay leaves                  | 4 | 2 | 4 bay leaves                | -
            salt to taste                 | 4 | 2 | salt to taste               | -
            """)
    void followsTheRuleOfItsFood(String text, int factor, int pots, String scaled, String start) {
        ScaledLine line = scaled(text, Rational.of(factor), pots);
        assertThat(line.text()).isEqualTo(scaled);
        assertThat(line.startWith() == null ? null : line.startWith().text()).isEqualTo(start);
    }

    @Test
    void whatCannotBeDividedIsExactAndWhole() {
        ScaledLine eggs = scaled("3 eggs", ratio(3, 2), 1);
        assertThat(eggs.exact().value()).hasToString("9/2");
        assertThat(eggs.whole()).hasToString("5");
        assertThat(eggs.text()).isEqualTo("5 eggs");
    }

    /** Property: k and then 1/k gives back what was written, exactly. */
    @Test
    void thereAndBackAgain() {
        Random seeded = new Random(17);
        for (int i = 0; i < 300; i++) {
            Rational k = Rational.of(1 + seeded.nextInt(40), 1 + seeded.nextInt(12));
            ScaledLine there = scaled("1 1/3 cups plain flour", k, 1);
            assertThat(there.exact().value().dividedBy(k)).isEqualTo(Rational.of(4, 3));
        }
    }
}
