package wexilla.app.preview;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.equipment.Content;
import wexilla.core.equipment.Fill;
import wexilla.core.equipment.VesselRule;
import wexilla.core.equipment.VesselSize;
import wexilla.core.food.Conversion;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.Nature;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.PressureTime;
import wexilla.core.recipe.ReadLine;
import wexilla.core.recipe.Recipe;

/** How full a vessel gets, and in how many loads. */
@RestController
class VesselPreview {

    private static final Rational HUNDRED = Rational.of(100);
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

    /**
     * How long one food holds a pressure cooker: come-up, time and release.
     *
     * @param question what is not known and has to be asked; empty when it is known
     */
    record PressureView(
            String food,
            @Nullable Integer comeUp,
            @Nullable Integer minutes,
            @Nullable Integer release,
            @Nullable Integer holds,
            List<String> cautions,
            String question,
            String source) {}

    /**
     * @param pressure how long it holds a pressure cooker; empty for other vessels
     * @param fillPercent of the capacity, whole per cent; @param limitPercent most that may be filled
     * @param loads vessels or loads needed; @param largestThatFits what goes in at once, in kitchen measures
     * @param nextSize the next usual size that takes all at once; null when one load is enough or none does
     * @param unknown lines left out because their volume is not known
     */
    record VesselFill(
            String fillPercent,
            String limitPercent,
            int loads,
            String largestThatFits,
            @Nullable String nextSize,
            List<String> warnings,
            List<String> unknown,
            List<PressureView> pressure,
            String why,
            String source) {}

    private record Line(String text, Amount amount, Food food) {}

    @PostMapping("/api/preview/vessel")
    VesselFill vessel(@RequestBody VesselAsked asked) {
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
        List<String> unknown = new ArrayList<>();
        List<Line> lines = asked.lines() == null ? contents(asked) : lines(asked.lines(), factor(asked), unknown);
        List<Line> measured = new ArrayList<>();
        List<Content> contents = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            Conversion.Answer answer = Conversion.convert(line.food(), line.amount(), Unit.ML, measures);
            if (answer instanceof Conversion.Converted converted) {
                measured.add(line);
                contents.add(content(line, converted.amount().value()));
            } else if (asked.lines() != null) {
                unknown.add(line.text());
            } else {
                String fact = ((Conversion.Missing) answer).fact();
                throw Problem.missingFact("/contents/" + i + "/food", "The " + fact + " is not known.", fact);
            }
        }
        Fill fill = Asked.at(field, () -> Fill.of(rule, size, contents));
        return new VesselFill(
                Fill.percent(fill.filled()),
                Fill.percent(fill.limit()),
                fill.loads(),
                largest(fill, measured, MeasurePreviews.system(asked.system()), measures),
                fill.next() == null ? null : fill.next().text(),
                Stream.concat(fill.warnings().stream(), block(asked.block(), size).stream())
                        .toList(),
                unknown,
                rule.leastLiquidMl() == null ? List.of() : pressure(measured, asked.state(), fill),
                fill.why(),
                fill.source());
    }

    /** A frozen block must be narrower than its pot. */
    private static List<String> block(@Nullable String said, VesselSize vessel) {
        if (said == null) {
            return List.of();
        }
        VesselSize block = Asked.at("/block", () -> VesselSize.parse(said));
        if (vessel.widthCm() == null || block.widthCm() == null) {
            return List.of("a frozen block must be narrower than its pot: measure both, like 24 cm");
        }
        return Fill.takesBlock(vessel, block)
                ? List.of()
                : List.of("the frozen block of " + said + " is no narrower than the pot: thaw it until it fits");
    }

    /** Times of the foods that have one, and a question for proteins that have none. */
    private List<PressureView> pressure(List<Line> lines, PressureTime.@Nullable State asked, Fill fill) {
        PressureTime.State state = asked == null ? PressureTime.State.FRESH : asked;
        List<PressureView> views = new ArrayList<>();
        for (Line line : lines) {
            Food food = line.food();
            boolean ruled = vessels.pressure().rules().stream()
                    .anyMatch(rule -> rule.food().equals(food.key()));
            if (!ruled && food.traits().protein().isEmpty()) {
                continue;
            }
            Amount piece = line.amount().unit().dimension() == Dimension.MASS ? line.amount() : null;
            PressureTime.Answer answer = PressureTime.of(vessels.pressure(), food, state, piece, fill.filled());
            if (answer instanceof PressureTime.Known known) {
                views.add(new PressureView(
                        food.name(),
                        known.comeUp(),
                        known.minutes(),
                        known.release(),
                        known.holds(),
                        known.cautions(),
                        "",
                        known.source()));
            } else {
                String question = ((PressureTime.Question) answer).words();
                views.add(new PressureView(food.name(), null, null, null, null, List.of(), question, "own definition"));
            }
        }
        return views;
    }

    private List<Line> contents(VesselAsked asked) {
        List<ContentAsked> contents = asked.contents() == null ? List.of() : asked.contents();
        if (contents.isEmpty() || contents.size() > Recipe.MOST_LINES) {
            throw Problem.at(
                    "/contents",
                    "Say what goes in, from 1 to " + Recipe.MOST_LINES + " things, not " + contents.size() + ".");
        }
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < contents.size(); i++) {
            String name = contents.get(i).food().strip();
            Food food = foods.named(name)
                    .or(() -> foods.find(name))
                    .orElseGet(() -> Food.unknown("asked", name.isEmpty() ? "this food" : name, Unit.G));
            Amount amount =
                    Asked.amount("/contents/" + i + "/amount", contents.get(i).amount());
            lines.add(new Line(name, amount, food));
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

    private List<Line> lines(List<String> texts, Rational factor, List<String> unknown) {
        if (texts.size() > Recipe.MOST_LINES) {
            throw Problem.at("/lines", texts.size() + " lines; " + Recipe.MOST_LINES + " is the most.");
        }
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            String text = texts.get(i);
            ReadLine line = Asked.at("/lines/" + i, () -> new LineReader(foods).read(text));
            boolean pinch = line.food() != null && line.food().seasoning();
            if (line.quantity() == null && !pinch) {
                unknown.add(line.foodName());
            } else if (line.quantity() != null && !pinch) {
                Food food = line.knownFood().orElseGet(() -> Food.unknown("asked", line.foodName(), Unit.G));
                Amount amount = line.quantity().max().times(factor);
                lines.add(new Line(line.foodName(), amount, food));
            }
        }
        return lines;
    }

    private Content content(Line line, Rational ml) {
        boolean pieces = line.amount().unit().dimension() == Dimension.COUNT;
        Rational standing = vessels.standing(line.food())
                .filter(each -> pieces)
                .map(each -> each.times(line.amount().value()))
                .orElse(null);
        return new Content(
                line.food().name(), ml, line.food().swells(), line.food().is(Nature.THIN), standing);
    }

    private static String largest(Fill fill, List<Line> lines, KitchenMeasure.System system, Measures measures) {
        if (fill.loads() <= 1) {
            return "all of it";
        }
        Rational percent = new Rational(
                fill.fits()
                        .times(HUNDRED)
                        .numerator()
                        .divide(fill.fits().times(HUNDRED).denominator()),
                java.math.BigInteger.ONE);
        Rational share = percent.isZero() ? fill.fits() : percent.dividedBy(HUNDRED);
        return (percent.isZero() ? "less than 1" : percent.plain()) + " % of it: "
                + lines.stream()
                        .map(line -> KitchenMeasure.of(line.amount().times(share), system, measures)
                                        .text() + " " + line.text())
                        .collect(Collectors.joining(", "));
    }
}
