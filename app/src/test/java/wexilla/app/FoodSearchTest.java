package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.FoodSearch;

/** What is offered when it is asked what a name means, and what is found when a cook looks for a food. */
class FoodSearchTest {

    private final FoodBook book = Kitchen.bean(Reference.class).book();

    private static List<String> names(List<Food> foods) {
        return foods.stream().map(Food::name).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "peppered tofu strips, tofu",
        "grandmother's barley mix, barley",
        "harissa oil blend, harissa",
        "smoked haddock pieces, haddock"
    })
    void aRareWordSaysMost(String name, String word) {
        assertThat(names(FoodSearch.near(book, name, 5))).anyMatch(found -> found.contains(word));
    }

    @ParameterizedTest
    @ValueSource(strings = {"zorkmid", "", "42", "—"})
    void nothingIsOfferedWhereNothingIsNear(String name) {
        assertThat(FoodSearch.near(book, name, 5)).isEmpty();
    }

    @Test
    void whatBeginsWithTheTextComesFirstTheShortestFirst() {
        List<Food> found = FoodSearch.containing(book, "Soy s", 5);
        assertThat(found.get(0).name()).isEqualTo("soy sauce");
        assertThat(FoodSearch.containing(book, "butter", 10)).hasSize(10);
        assertThat(FoodSearch.containing(book, "butter", 10).get(0).name()).isEqualTo("butter");
    }

    /** Whatever is offered is a food of the book, once. */
    @Test
    void everyNameOfTheBookIsFoundUnderItself() {
        Kitchen.bean(Reference.class).foods().forEach(food -> {
            List<Food> found = FoodSearch.containing(book, food.name(), 40);
            assertThat(found).as(food.name()).doesNotHaveDuplicates();
            assertThat(found).as(food.name()).contains(food);
        });
    }
}
