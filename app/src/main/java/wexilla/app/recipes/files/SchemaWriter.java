package wexilla.app.recipes.files;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wexilla.app.recipes.Marks;
import wexilla.core.kitchen.Written;
import wexilla.core.quantity.Measures;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.ScaledStep;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.steps.StepTime;

/** Writes recipes as schema.org JSON-LD. */
final class SchemaWriter {

    private static final String CONTEXT = "https://schema.org";

    private SchemaWriter() {}

    static Map<String, Object> one(Written stored) {
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("@context", CONTEXT);
        document.putAll(recipe(stored));
        return document;
    }

    static Map<String, Object> all(List<Written> stored) {
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("@context", CONTEXT);
        document.put("@graph", stored.stream().map(SchemaWriter::recipe).toList());
        return document;
    }

    private static Map<String, Object> recipe(Written stored) {
        Recipe recipe = stored.recipe();
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("@type", "Recipe");
        fields.put("name", recipe.title());
        fields.put("recipeYield", recipe.portions() + " portions");
        if (!stored.about().note().isEmpty()) {
            fields.put("description", stored.about().note());
        }
        if (!stored.about().tags().isEmpty()) {
            fields.put("keywords", String.join(", ", stored.about().tags()));
        }
        fields.put("recipeIngredient", recipe.lines().stream().map(Marks::of).toList());
        List<Map<String, Object>> steps = new ArrayList<>();
        for (int i = 0; i < recipe.steps().size(); i++) {
            Map<String, Object> step = new LinkedHashMap<>();
            step.put("@type", "HowToStep");
            step.put("position", i + 1);
            step.put("text", Marks.of(recipe.steps().get(i)));
            steps.add(step);
        }
        fields.put("recipeInstructions", steps);
        StepTime time = ScaledStep.time(Sized.asWritten(recipe, Measures.US).steps());
        if (time.minutes() > 0) {
            fields.put("totalTime", Duration.ofMinutes(time.minutes()).toString());
        }
        return fields;
    }
}
