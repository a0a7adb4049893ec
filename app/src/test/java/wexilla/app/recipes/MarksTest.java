package wexilla.app.recipes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.core.food.book.FoodBook;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.StepTime;

/** What a file has no place for goes out in words and comes back as it was. */
class MarksTest {

    private static final LineReader READER = new LineReader(new FoodBook(List.of()));

    @ParameterizedTest
    @EnumSource(Style.class)
    void aStopAndMinutesComeBack(Style style) {
        RecipeStep step = new RecipeStep("Fill the tray.", style, new StepTime(12, 90));
        RecipeInput.StepInput back = Marks.step(Marks.of(step));
        assertThat(back.text()).isEqualTo("Fill the tray.");
        assertThat(back.stop()).isEqualTo(style);
        assertThat(back.handsMin()).isEqualTo(12);
        assertThat(back.waitMin()).isEqualTo(90);
    }

    @Test
    void aLineHeldBackComesBack() {
        RecipeLine line = new RecipeLine(
                READER.read("200 ml cream (cold)"), Set.of(Style.COOKED, Style.READY_TO_BAKE), null, null);
        String written = Marks.of(line);
        assertThat(written).isEqualTo("200 ml cream (cold) [on the night when cooked, ready to bake]");
        assertThat(Marks.line(written).text()).isEqualTo("200 ml cream (cold)");
        assertThat(Marks.line(written).heldBackIn()).isEqualTo(line.heldBackIn());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Bake it.",
                "Bake it [or not].",
                "Stop [can stop here: on the moon]",
                "[hands many min, alone 3 min] Stir"
            })
    void whatIsNoMarkIsNotTakenForOne(String text) {
        RecipeInput.StepInput step = Marks.step(text);
        assertThat(step.stop()).isNull();
        assertThat(step.handsMin()).isNull();
        assertThat(step.text()).startsWith(text.substring(0, 4));
    }
}
