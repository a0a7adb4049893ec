package wexilla.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;

/** What fits which diet, with all that is in it; nothing is claimed of what is not known. */
class DietTest {

    private static final Food STOCK = new Food(
            Key.food("stock"),
            "stock",
            List.of(),
            List.of("vegetable stock"),
            Unit.ML,
            "soup",
            false,
            Scaling.LINEAR,
            List.of(),
            new Traits("dry", "", Set.of(), Map.of(), Map.of(), Set.of(Nature.BY_KIND)));

    private static final FoodBook BOOK = new FoodBook(List.of(
            food("beef", "meat", "beef", Set.of()),
            food("cooked pork", "none", "pork", Set.of()),
            food("lard", "dairy", "", Set.of(), Nature.MEAT, Nature.PORK),
            food("salmon", "fish", "fish", Set.of(Allergen.FISH)),
            food("cheese", "dairy", "", Set.of(Allergen.MILK)),
            food("honey", "dry", "", Set.of(), Nature.ANIMAL),
            STOCK,
            food("lentils", "dry", "pulses", Set.of()),
            Food.unknown(Key.food("moon"), "moon cheese", Unit.G)));

    private static Food food(String name, String aisle, String protein, Set<Allergen> allergens, Nature... natures) {
        return Food.unknown(Key.food(name), name, Unit.G)
                .with(new Traits(aisle, protein, allergens, Map.of(), Map.of(), Set.of(natures)));
    }

    @ParameterizedTest
    @CsvSource({
        "lentils,VEGETARIAN VEGAN NO_MEAT NO_PORK",
        "lentils;cheese,VEGETARIAN NO_MEAT NO_PORK",
        "lentils;honey,VEGETARIAN NO_MEAT NO_PORK",
        "lentils;salmon,NO_MEAT NO_PORK",
        "lentils;beef,NO_PORK",
        "lentils;cooked pork,''",
        "lentils;lard,''",
        "lentils;1 l stock,NO_PORK",
        "lentils;1 l vegetable stock,VEGETARIAN VEGAN NO_MEAT NO_PORK",
        "lentils;moon cheese,''",
        "lentils;dragon scales,''"
    })
    void everyLineCounts(String lines, String diets) {
        List<RecipeLine> read = List.of(lines.split(";")).stream()
                .map(text -> RecipeLine.of(new LineReader(BOOK).read(text)))
                .toList();
        Recipe recipe = new Recipe("dish", 4, read, List.of());
        assertThat(String.join(" ", recipe.diets().stream().map(Diet::name).toList()))
                .isEqualTo(diets);
        // and so where that dish goes into another
        RecipeLine dish = new RecipeLine(
                new LineReader(BOOK.with(List.of(recipe.asFood(Key.dish("1"))))).read("1 batch dish"),
                Set.of(),
                null,
                recipe);
        assertThat(new Recipe("other", 4, List.of(dish), List.of()).diets()).isEqualTo(recipe.diets());
    }
}
