package wexilla.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.Samples;

class RecipeTextTest {

    private static RecipeText read(String text) {
        return RecipeText.read(text, Samples.BOOK);
    }

    @Test
    void withHeadings() {
        RecipeText text = read("""
                Harbour bean pot

                Serves 6
                Prep time: 20 minutes

                Ingredients:
                For the pot:
                - 250 g white beans, soaked
                - 2 onions
                salt to taste

                Method
                1. Boil the beans for 60 minutes.
                Step 2: Soften the onions.
                3) Season and serve.

                Notes
                Better the next day.
                """);
        assertThat(text.title()).isEqualTo("Harbour bean pot");
        assertThat(text.portions()).isEqualTo(6);
        assertThat(text.lines()).containsExactly("- 250 g white beans, soaked", "- 2 onions", "salt to taste");
        assertThat(text.steps())
                .containsExactly("Boil the beans for 60 minutes.", "Soften the onions.", "Season and serve.");
        assertThat(text.rest()).containsExactly("Prep time: 20 minutes", "For the pot:", "Better the next day.");
    }

    @Test
    void withoutHeadings() {
        RecipeText text = read("""
                Onion soup for 4
                1 kg onions
                1/2 cup flour
                salt
                Slice the onions and soften them for 40 minutes.
                Stir in the flour, cook 2 minutes, add salt.
                """);
        assertThat(text.title()).isEqualTo("Onion soup");
        assertThat(text.portions()).isEqualTo(4);
        assertThat(text.lines()).containsExactly("1 kg onions", "1/2 cup flour", "salt");
        assertThat(text.steps()).hasSize(2).first().asString().startsWith("Slice the onions");
        assertThat(text.rest()).isEmpty();
    }

    /** Every written line is somewhere, whatever the text is. */
    @Test
    void nothingIsThrownAway() {
        RecipeText text = read("x\n7\n<b>2 onions</b>\n???\nwhatever this may be\n4 servings\n");
        assertThat(text.title()).isEqualTo("x");
        assertThat(text.portions()).isEqualTo(4);
        assertThat(text.lines()).contains("2 onions");
        assertThat(text.lines().size() + text.steps().size() + text.rest().size())
                .isEqualTo(4);
        assertThatThrownBy(() -> read(" \n ")).hasMessageContaining("no text");
        assertThatThrownBy(() -> read("x".repeat(100_001))).hasMessageContaining("100001");
    }

    @Test
    void bagsOfPortionsAndWhatIsWrittenPerBagAreRead() {
        RecipeText bags = read("""
                Chicken bags
                Makes 3 bags of 6

                Per bag:
                500 g minced beef
                2 onions
                1. Thaw in the fridge the night before.
                2. Slow cook 6 hours.""");
        assertThat(bags.portions()).isEqualTo(6);
        assertThat(bags.lines()).hasSize(2);
        assertThat(bags.steps()).containsExactly("Thaw in the fridge the night before.", "Slow cook 6 hours.");
        assertThat(bags.rest()).containsExactly("made 3 times over: the lines are for one");
        assertThat(read("""
                Chicken bags
                Makes 3 bags of 6
                1 kg dried white beans

                Per bag:
                400 g pork shoulder, cubed
                2 x 400 g tins tomatoes
                1-2 onions
                salt""").lines())
                .containsExactly(
                        "1 kg dried white beans",
                        "1.2 kg pork shoulder, cubed",
                        "6 x 400 g tin tomatoes",
                        "3 to 6 onions",
                        "salt");
        assertThat(read("Meatballs\nMakes 3 bags of 6\n1 kg minced beef").portions())
                .isEqualTo(18);
    }

    /** A name that begins with a verb is a name. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Roast chicken",
                "Mince curry",
                "Stir fry",
                "Bake",
                "Pour over pasta",
                "Slice and bake biscuits",
                "Grate cake",
                "Mash",
                "Boil in the bag rice with peas",
                "Slow cook pulled pork",
                "Toast soldiers",
                "Rest day soup",
                "Put together salad",
                "Fry up"
            })
    void namesThatBeginWithAVerb(String title) {
        RecipeText text =
                read(title + "\n500 g minced beef\n2 onions\nsome odd thing\nFry it 10 minutes.\nFlambé gently\n");
        assertThat(text.title()).isEqualTo(title);
        assertThat(text.lines()).containsExactly("500 g minced beef", "2 onions", "some odd thing");
        assertThat(text.steps()).containsExactly("Fry it 10 minutes.", "Flambé gently");
    }

    /** Text of a picture breaks its lines anywhere; a page has its own words around. */
    @Test
    void brokenLinesAreJoined() {
        RecipeText text = read("""
                Jump to recipe
                Bean pot, does 6
                Ingredients
                250 g white beans, soaked and
                drained
                2 onions
                Method
                Boil the beans in plenty of fresh
                water for 60 minutes.
                Soften the onions.
                """);
        assertThat(text.title()).isEqualTo("Bean pot");
        assertThat(text.portions()).isEqualTo(6);
        assertThat(text.lines()).containsExactly("250 g white beans, soaked and drained", "2 onions");
        assertThat(text.steps())
                .containsExactly("Boil the beans in plenty of fresh water for 60 minutes.", "Soften the onions.");
    }
}
