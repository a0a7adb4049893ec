package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.check.RecipeFlag;
import wexilla.core.recipe.check.SafetyCheck;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** What could make somebody ill is told by the foods that go in, and nothing is told of what cannot. */
class SafetyTest {

    private final Reference reference = Kitchen.bean(Reference.class);
    private final LineReader reader = new LineReader(reference.book());

    private Recipe recipe(List<String> lines, List<String> steps) {
        return new Recipe(
                "dish",
                4,
                lines.stream().map(line -> RecipeLine.of(reader.read(line))).toList(),
                steps.stream().map(step -> new RecipeStep(step, null)).toList());
    }

    private static List<String> parts(String text, String by) {
        return Arrays.stream(text.split(by)).map(String::strip).toList();
    }

    @Test
    void whatWasJudgedByHandIsToldAndNothingElse() throws Exception {
        List<String> wrong = new ArrayList<>();
        try (InputStream file = Objects.requireNonNull(getClass().getResourceAsStream("/safety.psv"))) {
            for (String row : new String(file.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                if (row.startsWith("#")) {
                    continue;
                }
                List<String> cells = parts(row, "\\|");
                List<String> told =
                        SafetyCheck.of(recipe(parts(cells.get(0), ";"), parts(cells.get(1), " / ")), List.of()).stream()
                                .map(RecipeFlag::words)
                                .toList();
                boolean right = cells.get(2).equals("-")
                        ? told.isEmpty()
                        : told.size() == 1 && told.get(0).contains(cells.get(2));
                if (!right) {
                    wrong.add(row + " told: " + told);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** Over the whole table: raw flesh never goes frozen into a slow cooker, whoever wrote how frozen it is. */
    @Test
    void noRawFleshGoesFrozenIntoASlowCooker() {
        List<String> steps = List.of("Slow cook on low for 8 hours.");
        for (Food food : reference.foods()) {
            Recipe written = new Recipe(
                    "dish",
                    4,
                    List.of(RecipeLine.of(ReadLine.of(food.name(), null, food.name(), food, ""))),
                    List.of(new RecipeStep(steps.get(0), null)));
            boolean told = SafetyCheck.of(written, List.of(food)).stream()
                    .anyMatch(flag -> flag.what().contains("frozen"));
            assertThat(told).as(food.name()).isEqualTo(food.traits().rawFlesh());
        }
    }
}
