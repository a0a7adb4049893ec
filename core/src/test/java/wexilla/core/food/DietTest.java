package wexilla.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Animal;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Cut;
import wexilla.core.food.facts.Known;
import wexilla.core.food.facts.Making;
import wexilla.core.food.facts.PackLook;
import wexilla.core.food.facts.Substance;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.LineReader;

/** What fits which diet and is without which allergen, with all that is in it; nothing is claimed that is not proven. */
class DietTest {

    private static final FoodBook BOOK = new FoodBook(List.of(
            food("beef", Making.PLAIN, "", Cut.WHOLE, Animal.BEEF),
            food("cooked pork", Making.SIMPLE, "", Cut.COOKED, Animal.PORK),
            food("lard", Making.PLAIN, "", Cut.FAT, Animal.PORK),
            food("salmon", Making.PLAIN, "fish", Cut.WHOLE, Animal.OILY_FISH),
            food("cheese", Making.SIMPLE, "milk", Cut.PART, Animal.MILK),
            food("honey", Making.PLAIN, "", Cut.PART, Animal.BEE),
            new Food(
                            Key.food("stock"),
                            "stock",
                            List.of(),
                            List.of("chicken stock", "vegetable stock"),
                            Unit.ML,
                            "soup",
                            false,
                            Scaling.LINEAR,
                            List.of(),
                            Traits.NONE)
                    .with(traits(Making.MADE, "", Cut.PART)),
            food("mayonnaise", Making.MADE, "eggs", Cut.PART, Animal.EGG),
            food("sauce", Making.MADE, "", Cut.PART),
            food("lentils", Making.PLAIN, "", Cut.PART),
            Food.unknown(Key.food("moon"), "moon cheese", Unit.G)));

    private static Traits traits(Making making, String has, Cut cut, Animal... animals) {
        Set<Substance> in = Arrays.stream(has.split(";"))
                .filter(word -> !word.isEmpty())
                .map(Substance::ofWord)
                .collect(Collectors.toSet());
        return new Traits(
                "dry", "", Contents.of(making, in, Set.of()), Set.of(animals), cut, Map.of(), Map.of(), Set.of());
    }

    private static Food food(String name, Making making, String has, Cut cut, Animal... animals) {
        return Food.unknown(Key.food(name), name, Unit.G).with(traits(making, has, cut, animals));
    }

    private static Recipe recipe(String lines) {
        List<RecipeLine> read = List.of(lines.split(";")).stream()
                .map(text -> RecipeLine.of(new LineReader(BOOK).read(text)))
                .toList();
        return new Recipe("dish", 4, read, List.of());
    }

    private static String answers(Recipe recipe) {
        return Arrays.stream(Diet.values())
                .map(diet -> recipe.against(diet).name())
                .collect(Collectors.joining(" "));
    }

    /** Vegetarian, vegan, no meat, no pork, no beef, halal, kosher, in this order. */
    @ParameterizedTest
    @CsvSource({
        "lentils,WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT",
        "lentils;cheese,WITHOUT HAS WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT",
        "lentils;honey,WITHOUT HAS WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT",
        "lentils;salmon,HAS HAS WITHOUT WITHOUT WITHOUT WITHOUT WITHOUT",
        "lentils;beef,HAS HAS HAS WITHOUT HAS LOOK LOOK",
        "lentils;cooked pork,HAS HAS HAS HAS WITHOUT HAS HAS",
        "lentils;lard,HAS HAS HAS HAS WITHOUT HAS HAS",
        "lentils;1 l stock,LOOK LOOK LOOK LOOK LOOK LOOK LOOK",
        "lentils;1 l vegetable stock,LOOK LOOK LOOK LOOK LOOK LOOK LOOK",
        "lentils;1 l chicken stock,HAS HAS HAS LOOK LOOK LOOK LOOK",
        "lentils;2 tbsp mayonnaise,LOOK HAS LOOK LOOK LOOK LOOK LOOK",
        "lentils;moon cheese,NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN",
        "lentils;dragon scales,NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN NOT_KNOWN"
    })
    void everyLineCounts(String lines, String answers) {
        Recipe recipe = recipe(lines);
        assertThat(answers(recipe)).isEqualTo(answers);
        // and so where that dish goes into another
        RecipeLine dish = new RecipeLine(
                new LineReader(BOOK.with(List.of(recipe.asFood(Key.dish("1"))))).read("1 batch dish"),
                Set.of(),
                null,
                recipe);
        assertThat(answers(new Recipe("other", 4, List.of(dish), List.of()))).isEqualTo(answers(recipe));
    }

    /** Vegan answers the diet, never an allergy; gluten-free answers gluten, not wheat. */
    @Test
    void aClaimAnswersItsOwnQuestion() {
        Food vegan = BOOK.named("sauce").orElseThrow().saying("a vegan sauce");
        assertThat(Diet.VEGAN.against(vegan)).isEqualTo(Known.WITHOUT);
        assertThat(vegan.traits().contents().of(Allergen.MILK, null)).isEqualTo(Known.LOOK);
        Contents free = BOOK.named("sauce")
                .orElseThrow()
                .saying("gluten-free sauce")
                .traits()
                .contents();
        assertThat(free.of(Allergen.GLUTEN, null)).isEqualTo(Known.WITHOUT);
        assertThat(free.of(Allergen.WHEAT, Country.US)).isEqualTo(Known.LOOK);
    }

    /** Who looked for celery has not looked for milk; a second look at the same pack adds to the first. */
    @Test
    void whatWasNotLookedForStaysOpen() {
        PackLook celery = new PackLook(Set.of(), Set.of(Allergen.CELERY));
        Contents cube = Contents.of(Making.MADE, Set.of(), Set.of(Substance.of(Allergen.CELERY)));
        assertThat(cube.read(celery).of(Allergen.CELERY, Country.EU)).isEqualTo(Known.WITHOUT);
        assertThat(cube.read(celery).of(Allergen.MILK, Country.EU)).isEqualTo(Known.LOOK);
        assertThat(cube.read(celery).look()).isTrue();
        PackLook both = new PackLook(Set.of(Allergen.CELERY), Set.of(Allergen.MILK)).with(celery);
        assertThat(cube.read(both).of(Allergen.CELERY, Country.EU)).isEqualTo(Known.HAS);
        assertThat(cube.read(both).of(Allergen.MILK, Country.EU)).isEqualTo(Known.WITHOUT);
    }

    /** What the pack named holds; where packs need not name an allergen, looking at one proves nothing. */
    @Test
    void whoLookedKnowsWhatPacksMustName() {
        Contents looked = Contents.named(Set.of(Allergen.MILK));
        assertThat(looked.of(Allergen.MILK, Country.EU)).isEqualTo(Known.HAS);
        assertThat(looked.of(Allergen.CELERY, Country.EU)).isEqualTo(Known.WITHOUT);
        assertThat(looked.of(Allergen.CELERY, Country.US)).isEqualTo(Known.LOOK);
    }

    /** Pine nuts are a nut by the US list only; peanut oil is exempt there, and looked at all the same. */
    @Test
    void countriesGroupSpecies() {
        Contents pine = Contents.of(Making.PLAIN, Set.of(Substance.PINE_NUT), Set.of());
        assertThat(pine.of(Allergen.NUTS, Country.US)).isEqualTo(Known.HAS);
        assertThat(pine.of(Allergen.NUTS, Country.EU)).isNotEqualTo(Known.HAS);
        Contents oil = Contents.of(Making.PLAIN, Set.of(Substance.PEANUT_OIL), Set.of());
        assertThat(oil.of(Allergen.PEANUTS, Country.UK)).isEqualTo(Known.HAS);
        assertThat(oil.of(Allergen.PEANUTS, Country.US)).isEqualTo(Known.LOOK);
    }
}
