package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodWord;
import wexilla.core.recipe.lines.LineReader;

/** What somebody dislikes, does without or wants used up is met by foods, never by letters; with the foods that ship. */
class FoodWordTest {

    private final Reference reference = Kitchen.bean(Reference.class);
    private final LineReader reader = new LineReader(reference.book());

    /** Common practice, no source: what a table hears when somebody says so. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            peas        | frozen peas; split peas; pea soup                        | dried chickpeas; tinned chickpeas; black-eyed beans; pearl barley
            tomatoes    | tomato soup; tinned tomatoes; tomato paste; cherry tomatoes | potatoes; tamarind paste
            nuts        | pine nuts; Brazil nuts                                   | nutmeg; coconut milk; doughnuts; butternut squash
            fish        | salmon fillets; cod; smoked mackerel; fish pie           | beef mince
            chicken     | chicken thighs; whole chicken; chicken stock             | chickpeas; turkey breast; chicory
            beef        | minced beef; beef shin; ground beef                      | beetroot; minced pork
            mushrooms   | chestnut mushrooms; mushroom soup                        | marshmallows
            peppers     | red pepper; bell pepper                                  | black pepper; white pepper
            egg         | 3 eggs; egg noodles                                      | aubergine; eggplant
            ham         | ham hock; cooked ham                                     | hamburger meat; graham crackers
            corn        | corn on the cob; corn tortillas                          | cornflour; corned beef; peppercorns
            rice        | long-grain rice; basmati rice                            | potatoes
            oats        | rolled oats                                              | goat's cheese
            aubergine   | eggplant                                                 | courgette
            leek        | leeks                                                   | lentils
            """)
    void meansFoodsNotLetters(String word, String met, String notMet) {
        FoodWord said = FoodWord.of(word, reference.book());
        assertThat(foods(met)).allMatch(said::means, word + " means it");
        assertThat(foods(notMet)).noneMatch(said::means);
    }

    private List<Food> foods(String names) {
        return Arrays.stream(names.split(";"))
                .map(name -> reader.read(name.strip()).saidFood().orElseThrow(() -> new AssertionError(name)))
                .toList();
    }
}
