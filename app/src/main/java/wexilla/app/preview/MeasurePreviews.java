package wexilla.app.preview;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Part;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.Packs;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;

/** Lines, conversions and kitchen measures. */
@RestController
class MeasurePreviews {

    private static final Pattern PART = Pattern.compile("g (ready|cooked|drained)");

    private final FoodBook foods;

    MeasurePreviews(Reference reference) {
        this.foods = reference.book();
    }

    record LineAsked(
            String text, @Nullable String cup, @Nullable BigDecimal tbsp) {}

    record QuantityView(String min, String max, String unit) {}

    record PacksView(String count, String each) {}

    record FoodView(String name) {}

    /**
     * @param quantity masses in g, volumes in the unit written, pieces by their name; null when there is none
     * @param state "cooked", "frozen", "tinned" …; null when nothing was said
     * @param also further foods of the line, each like a line
     */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record LineRead(
            @Nullable QuantityView quantity,
            @Nullable PacksView packs,
            FoodView food,
            @Nullable String state,
            String preparation,
            List<String> alternatives,
            List<LineRead> also,
            boolean optional,
            List<String> notUnderstood) {}

    @PostMapping("/api/preview/line")
    LineRead line(@RequestBody LineAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        ReadLine line = Asked.at("/text", () -> new LineReader(foods).read(asked.text()));
        return view(line, measures);
    }

    private static LineRead view(ReadLine line, Measures measures) {
        Packs packs = line.packs();
        return new LineRead(
                line.quantity() == null ? null : view(line.quantity(), measures),
                packs == null
                        ? null
                        : new PacksView(packs.count().plain(), packs.each().toString()),
                new FoodView(line.foodName()),
                line.state() == null ? null : line.state().words(),
                line.preparation(),
                line.alternatives(),
                line.also().stream().map(further -> view(further, measures)).toList(),
                line.optional(),
                line.notUnderstood());
    }

    private static QuantityView view(Quantity quantity, Measures measures) {
        boolean mass = quantity.unit().dimension() == Dimension.MASS;
        Amount min = mass ? measures.toBase(quantity.min()) : quantity.min();
        Amount max = mass ? measures.toBase(quantity.max()) : quantity.max();
        return new QuantityView(
                min.value().plain(), max.value().plain(), min.unit().symbol());
    }

    /** @param to a unit, or grams of a part: "g drained", "g ready", "g cooked" */
    record ConvertAsked(
            String amount,
            @Nullable String food,
            String to,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /** @param path the amounts passed through; @param source where the facts on it come from */
    record Converted(String value, String unit, List<String> path, String source) {}

    @PostMapping("/api/preview/convert")
    Converted convert(@RequestBody ConvertAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        Amount amount = Asked.amount("/amount", asked.amount());
        Matcher partAsked = PART.matcher(asked.to().strip());
        Part part = partAsked.matches() ? Part.valueOf(partAsked.group(1).toUpperCase(Locale.ROOT)) : null;
        Unit to = part != null
                ? Unit.G
                : Unit.parse(asked.to().strip())
                        .orElseThrow(() ->
                                Problem.at("/to", "“" + asked.to() + "” is no unit Wexilla knows; say g, ml or cup."));
        Food food = food(asked.food());
        Conversion.Answer answer = Asked.at(
                "/amount",
                () -> part == null
                        ? Conversion.convert(food, amount, to, measures)
                        : Conversion.part(food, amount, part, measures));
        if (answer instanceof Conversion.Missing missing) {
            throw Problem.missingFact(
                    "/food", "The " + missing.fact() + " is not known, so this cannot be converted.", missing.fact());
        }
        Conversion.Converted converted = (Conversion.Converted) answer;
        return new Converted(
                converted.amount().value().plain(),
                to.symbol(),
                converted.path(),
                converted.sources().isEmpty()
                        ? "NIST Handbook 44, Appendix C"
                        : String.join("; ", converted.sources()));
    }

    private Food food(@Nullable String text) {
        String name = text == null || text.isBlank() ? "this food" : text.strip();
        Optional<Food> known = foods.named(name).or(() -> foods.find(name));
        return known.orElseGet(() -> Food.unknown(Key.food("asked"), name, Unit.G));
    }

    record MeasureAsked(
            String amount,
            @Nullable String system,
            @Nullable String cup,
            @Nullable BigDecimal tbsp) {}

    /** @param value what the scoops make, in {@code unit}; @param errorPercent how far that is from what was asked */
    record Measured(String text, List<String> scoops, String value, String unit, String errorPercent) {}

    @PostMapping("/api/preview/measure")
    Measured measure(@RequestBody MeasureAsked asked) {
        Measures measures = Asked.measures(asked.cup(), asked.tbsp());
        Amount amount = Asked.amount("/amount", asked.amount());
        KitchenMeasure measure = KitchenMeasure.of(amount, system(asked.system()), measures);
        return new Measured(
                measure.text(),
                measure.scoops(),
                measure.measured().value().plain(),
                measure.measured().unit().symbol(),
                measure.errorPercent().plain());
    }

    /** {@code us} when nothing is said. */
    static KitchenMeasure.System system(@Nullable String system) {
        String named = system == null ? "us" : system;
        if (!named.equals("us") && !named.equals("metric")) {
            throw Problem.at("/system", "“" + system + "” is no system of measures; say us or metric.");
        }
        return KitchenMeasure.System.valueOf(named.toUpperCase(Locale.ROOT));
    }
}
