package wexilla.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.quantity.Unit;

/** What is not frozen for a later meal: common practice, no source, beside the list of the handbook, section 9. */
class FreezesBadlyTest {

    @ParameterizedTest
    @CsvSource({
        "Potato salad, potato, true",
        "Coleslaw, cabbage, true",
        "Fish in batter, cod, true",
        "Sweetcorn fritters, sweetcorn, true",
        "Tuna pasta, mayonnaise, true",
        "Greek lamb, cucumber;lamb, true",
        "Stir-fried rice, rice, false",
        "Refried beans, beans, false",
        "Fish pie, cod;potato, false",
        "Lentil stew, lentils, false",
        "Beef chilli, minced beef, false"
    })
    void bySortAndByWhatIsInIt(String dish, String foods, boolean badly) {
        List<Food> in = Stream.of(foods.split(";"))
                .map(name -> Food.unknown(Key.food(name), name, Unit.G))
                .toList();
        assertThat(FreezesBadly.is(dish, in)).isEqualTo(badly);
    }
}
