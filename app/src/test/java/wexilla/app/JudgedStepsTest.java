package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wexilla.app.household.Reference;
import wexilla.core.quantity.Temperature;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.RecipeStep;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.StepGear;
import wexilla.core.recipe.steps.StepTime;

/**
 * Recipes whose steps were judged by hand: sixty before the reader was written ({@code a}, {@code b}), twelve more after it
 * ({@code c}). Right are hands within two minutes or a fifth, and gear and heat exactly. What is looked at while building is
 * {@code a} and {@code c}; of {@code b} only the share is told.
 */
class JudgedStepsTest {

    private static final Map<String, StepGear.Kind> GEAR = Map.of(
            "hands", StepGear.Kind.HANDS,
            "burner", StepGear.Kind.BURNER,
            "oven", StepGear.Kind.OVEN,
            "cold", StepGear.Kind.COLD,
            "slow", StepGear.Kind.SLOW_COOKER,
            "pressure", StepGear.Kind.PRESSURE_COOKER,
            "hotair", StepGear.Kind.HOT_AIR,
            "microwave", StepGear.Kind.MICROWAVE,
            "kettle", StepGear.Kind.KETTLE,
            "smoker", StepGear.Kind.SMOKER);

    private record Judged(String text, int hands, int waiting, StepGear.Kind gear, String heat) {}

    private record Misread(List<String> wrong, int steps, int waits) {}

    @ParameterizedTest
    @ValueSource(strings = {"a", "b", "c"})
    void stepsAreReadAsACookJudgesThem(String half) throws IOException {
        Misread misread = read(half);
        int right = misread.steps() - misread.wrong().size();
        String told = half + ": " + right + " of " + misread.steps() + " right, waiting right " + misread.waits();
        // nine of ten is what is wanted of each; the half whose misreadings nobody saw stands at four of five
        int least = half.equals("a") ? 90 : half.equals("b") ? 80 : 85;
        assertThat(right * 100)
                .as(half.equals("b") ? told : told + "\n" + String.join("\n", misread.wrong()))
                .isGreaterThanOrEqualTo(misread.steps() * least);
    }

    private Misread read(String half) throws IOException {
        List<String> wrong = new ArrayList<>();
        int steps = 0;
        int waits = 0;
        for (Written dish : dishes(half)) {
            List<StepTime> times = dish.recipe().times();
            for (int i = 0; i < times.size(); i++) {
                steps++;
                Judged judged = dish.judged().get(i);
                StepTime time = times.get(i);
                StepGear gear = dish.recipe().gears().get(i);
                boolean fits = near(time.handsMin(), judged.hands())
                        && gear.kind() == judged.gear()
                        && heat(gear.heat(), judged);
                waits += Math.abs(time.waitMin() - judged.waiting()) <= Math.max(2, judged.waiting() / 10) ? 1 : 0;
                if (!fits) {
                    wrong.add(judged + "\n      read " + time.handsMin() + " " + time.waitMin() + " " + gear);
                }
            }
        }
        return new Misread(wrong, steps, waits);
    }

    private record Written(Recipe recipe, List<Judged> judged) {}

    private static List<Written> dishes(String half) throws IOException {
        LineReader reader = new LineReader(new Reference().book());
        List<Written> dishes = new ArrayList<>();
        List<RecipeLine> lines = new ArrayList<>();
        List<Judged> judged = new ArrayList<>();
        List<String> rows = new ArrayList<>(rows(half));
        rows.add("= end");
        for (String row : rows) {
            if (row.startsWith("=") && !judged.isEmpty()) {
                List<RecipeStep> steps = judged.stream()
                        .map(one -> new RecipeStep(one.text(), null))
                        .toList();
                dishes.add(new Written(new Recipe("dish", 4, lines, steps), List.copyOf(judged)));
            }
            if (row.startsWith("=")) {
                lines.clear();
                judged.clear();
            } else if (row.startsWith("+")) {
                lines.add(RecipeLine.of(reader.readStored(row.substring(1).strip())));
            } else if (!row.startsWith("#")) {
                judged.add(judged(row));
            }
        }
        return dishes;
    }

    private static boolean near(int read, int judged) {
        return Math.abs(read - judged) <= Math.max(2, judged / 5);
    }

    private static boolean heat(Temperature read, Judged judged) {
        if (judged.heat().equals("-") || read == null) {
            return judged.heat().equals("-") == (read == null);
        }
        Temperature written = Temperature.find(judged.heat()).orElseThrow();
        boolean fan = judged.text().contains(" fan") && !judged.text().contains("/");
        return (fan ? read.forFan() : read).equals(written);
    }

    private static Judged judged(String row) {
        String[] cells = row.split(" \\| ");
        return new Judged(
                cells[0],
                Integer.parseInt(cells[1].strip()),
                Integer.parseInt(cells[2].strip()),
                GEAR.get(cells[3].strip()),
                cells[4].strip());
    }

    private static List<String> rows(String half) throws IOException {
        try (var in = JudgedStepsTest.class.getResourceAsStream("/steps/" + half + ".psv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
    }
}
