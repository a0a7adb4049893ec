package wexilla.core.recipe.lines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.Samples;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;

class LineReaderTest {

    private final LineReader reader = new LineReader(Samples.BOOK);

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
            500 g minced beef                       | 500 g  | minced beef            | ''
            2 x 400 g tins chopped tomatoes, drained| 800 g  | tinned tomatoes        | chopped, drained
            1.6 kg pork shoulder, bone in           | 1.6 kg | pork shoulder, bone in | ''
            4 onions, finely diced                  | 4      | onion                  | finely diced
            6 cloves garlic (crushed)               | 6 cloves | garlic               | crushed
            - 200 g plain flour                     | 200 g  | plain flour            | ''
            Sea salt, to taste                      | -      | salt                   | to taste
            3 dragon scales, grated                 | 3      | dragon scales          | grated
            """)
    void understandsALine(String text, String amount, String food, String preparation) {
        ReadLine line = reader.read(text);
        assertThat(line.quantity() == null ? null : line.quantity().toString()).isEqualTo(amount);
        assertThat(line.foodName()).isEqualTo(food);
        assertThat(line.preparation()).isEqualTo(preparation);
    }

    @Test
    void whatTheBookDoesNotKnowIsNamed() {
        ReadLine line = reader.read("3 dragon scales");
        assertThat(line.knownFood()).isEmpty();
        assertThat(line.notUnderstood()).containsExactly("dragon scales");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "500 g", "two handfuls of", "-200 g flour", "1e308 g flour"})
    void refusesALineWithoutSense(String text) {
        assertThatThrownBy(() -> reader.read(text)).isInstanceOf(NotAnAmount.class);
    }

    @Test
    void refusesALineWithoutEnd() {
        assertThatThrownBy(() -> reader.read("x".repeat(301))).hasMessageContaining("301");
    }

    @Test
    void stepsAfterTheStopAreForTheEvening() {
        Recipe recipe = new Recipe(
                "pie",
                4,
                List.of(
                        RecipeLine.of(reader.read("200 g flour")),
                        new RecipeLine(reader.read("1 onion"), Set.of(Style.READY_TO_BAKE), null, null)),
                List.of(
                        new RecipeStep("mix", null),
                        new RecipeStep("fill", Style.READY_TO_BAKE),
                        new RecipeStep("bake", null)));
        assertThat(recipe.styles()).containsExactly(Style.READY_TO_BAKE, Style.COOKED);
        assertThat(recipe.stepsAfter(Style.READY_TO_BAKE))
                .extracting(RecipeStep::text)
                .containsExactly("bake");
        assertThat(recipe.stepsAfter(Style.COOKED)).isEmpty();
        Sized sized = Sized.asWritten(recipe, Measures.METRIC);
        assertThat(sized.onTheNight(Style.READY_TO_BAKE)).hasSize(1);
        assertThat(sized.onTheNight(Style.COOKED)).isEmpty();
    }

    @Test
    void packsAreKeptBesideTheirTotal() {
        Packs packs =
                new LineReader(Samples.BOOK).read("2 x 400 g tins tomatoes").packs();
        assertThat(packs.count()).hasToString("2");
        assertThat(packs.each()).hasToString("400 g");
        assertThat(packs.container().symbol()).isEqualTo("tin");
    }

    @Test
    void whatMayBeTakenInsteadIsKeptApart() {
        ReadLine line = new LineReader(Samples.BOOK).read("500 g minced beef or lamb, browned");
        assertThat(line.foodName()).isEqualTo("minced beef");
        assertThat(line.alternatives()).containsExactly("lamb");
        assertThat(line.preparation()).isEqualTo("browned");
        assertThat(new LineReader(Samples.BOOK).read("1 tsp salt or to taste").alternatives())
                .isEmpty();
    }

    @Test
    void optionalIsSeenAnywhere() {
        LineReader reader = new LineReader(Samples.BOOK);
        assertThat(reader.read("1 onion, optional").optional()).isTrue();
        assertThat(reader.read("optional: 1 onion").optional()).isTrue();
        assertThat(reader.read("1 onion").optional()).isFalse();
    }
}
