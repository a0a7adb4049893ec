package wexilla.app.preview;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.Filling;
import wexilla.core.recipe.Filling.Item;
import wexilla.core.recipe.Recipe;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.Size;
import wexilla.core.recipe.Sized;
import wexilla.core.recipe.Style;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.steps.PressureTime;

/** How full a vessel gets, and in how many loads. */
@RestController
class VesselPreview {

    private static final Rational MOST_FACTOR = Rational.of(1000);

    private final FoodBook foods;
    private final Vessels vessels;

    VesselPreview(Reference reference, Vessels vessels) {
        this.foods = reference.book();
        this.vessels = vessels;
    }

    /** @param amount as written: "6 cups", "1.2 kg"; @param food as written */
    record ContentAsked(String amount, String food) {}

    /**
     * @param vessel its kind: pot, slow cooker, pressure cooker, pan, tray, bag
     * @param capacity to the brim, like 6 qt; or {@code size}, its sides, like 9x13 in
     * @param contents amounts with their foods; a missing fact is an error
     * @param lines instead of contents: recipe lines; seasoning takes no room; what has no known volume is named
     * @param state in which the food goes into a pressure cooker; fresh when absent
     * @param block size of the frozen block that goes in, like 20x15 cm; absent when there is none
     * @param factor times the lines; one when absent
     */
    record VesselAsked(
            String vessel,
            @Nullable String capacity,
            @Nullable String size,
            @Nullable List<ContentAsked> contents,
            @Nullable List<String> lines,
            @Nullable String factor,
            PressureTime.@Nullable State state,
            @Nullable String block,
            @Nullable String system,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    @PostMapping("/api/preview/vessel")
    VesselFills.VesselFill vessel(@RequestBody VesselAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        VesselRule rule = vessels.rule(asked.vessel())
                .orElseThrow(() -> Problem.at(
                        "/vessel", "“" + asked.vessel() + "” is no vessel; say one of " + vessels.kinds() + "."));
        if ((asked.capacity() == null) == (asked.size() == null)) {
            throw Problem.at("/capacity", "Say either its capacity, like 6 qt, or its size, like 9x13 in.");
        }
        String capacity = asked.capacity();
        String field = capacity == null ? "/size" : "/capacity";
        String written = capacity == null ? String.valueOf(asked.size()) : capacity;
        VesselSize size = Asked.at(field, () -> VesselSize.parse(written));
        List<Item> items = asked.lines() == null ? contents(asked) : lines(asked.lines(), factor(asked), measures);
        Filling filling = Filling.of(items, vessels.standing(), measures);
        if (asked.lines() == null && filling.measured().size() < items.size()) {
            throw missing(items, measures);
        }
        return VesselFills.of(
                Asked.at(field, () -> VesselFills.Looked.at(rule, size, filling)),
                vessels.pressure(),
                asked.state(),
                asked.block(),
                MeasurePreviews.system(asked.system()),
                measures);
    }

    private static Problem missing(List<Item> items, Measures measures) {
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (Conversion.convert(item.food(), Objects.requireNonNull(item.amount()), Unit.ML, measures)
                    instanceof Conversion.Missing missing) {
                return Problem.missingFact(
                        "/contents/" + i + "/food", "The " + missing.fact() + " is not known.", missing.fact());
            }
        }
        throw new IllegalStateException("everything has a volume");
    }

    private List<Item> contents(VesselAsked asked) {
        List<ContentAsked> contents = asked.contents() == null ? List.of() : asked.contents();
        if (contents.isEmpty() || contents.size() > Recipe.MOST_LINES) {
            throw Problem.at(
                    "/contents",
                    "Say what goes in, from 1 to " + Recipe.MOST_LINES + " things, not " + contents.size() + ".");
        }
        List<Item> lines = new ArrayList<>();
        for (int i = 0; i < contents.size(); i++) {
            String name = contents.get(i).food().strip();
            Food food = foods.named(name)
                    .or(() -> foods.find(name))
                    .orElseGet(() -> Food.unknown(Key.food("asked"), name.isEmpty() ? "this food" : name, Unit.G));
            Amount amount =
                    Asked.amount("/contents/" + i + "/amount", contents.get(i).amount());
            lines.add(new Item(name, food, amount));
        }
        return lines;
    }

    private static Rational factor(VesselAsked asked) {
        Rational factor = asked.factor() == null ? Rational.ONE : Asked.number("/factor", asked.factor());
        if (factor.signum() <= 0 || factor.compareTo(MOST_FACTOR) > 0) {
            throw Problem.at("/factor", "More than 0 and at most 1000 times, not " + asked.factor() + ".");
        }
        return factor;
    }

    /** The lines as those of a recipe at its size: what goes by the vessel does not grow with the batch. */
    private List<Item> lines(List<String> texts, Rational factor, Measures measures) {
        if (texts.size() > Recipe.MOST_LINES) {
            throw Problem.at("/lines", texts.size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        List<RecipeLine> lines = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            String text = texts.get(i);
            lines.add(RecipeLine.of(Asked.at("/lines/" + i, () -> new LineReader(foods).read(text))));
        }
        Recipe recipe = new Recipe("asked", 1, lines, List.of());
        return Asked.at("/factor", () -> Filling.items(Sized.of(recipe, Size.of(factor), measures), Style.COOKED));
    }
}
