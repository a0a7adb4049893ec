package wexilla.app.preview;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.household.Reference;
import wexilla.app.household.Vessels;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.core.food.Diet;
import wexilla.core.food.Food;
import wexilla.core.food.Key;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.State;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Contents;
import wexilla.core.food.facts.Country;
import wexilla.core.food.facts.Known;
import wexilla.core.food.facts.Making;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.recipe.steps.HeatAdvice;

/** What is in a food, and how hot it must get. */
@RestController
class FactPreviews {

    private static final int MOST_LINES = 200;

    private final FoodBook foods;
    private final HeatAdvice advice;

    FactPreviews(Reference reference, Vessels vessels) {
        this.foods = reference.book();
        this.advice = new HeatAdvice(reference.heat(), vessels.pressure());
    }

    /** @param country uk, eu or us; absent for the fourteen allergens of the EU */
    record ContainsAsked(List<String> lines, @Nullable String country) {}

    /**
     * What is in one food of a line.
     *
     * @param has allergens that are in it for sure, {@code often} those its makers often put in or that it has traces of
     * @param look whether its pack must be looked at; {@code known} whether anybody has said what it is
     */
    record LineContents(String text, List<String> has, List<String> often, boolean look, boolean known) {}

    /**
     * @param often what is not in it for sure; {@code look} foods whose packs must be looked at; {@code unknown} what nobody
     *     has described
     * @param diets yes, no, look or not known, by the diet
     */
    record ContainsView(
            List<LineContents> lines,
            List<String> has,
            List<String> often,
            List<String> look,
            List<String> unknown,
            Map<String, String> diets) {}

    @PostMapping("/api/preview/contains")
    ContainsView contains(@RequestBody ContainsAsked asked) {
        if (asked.lines().isEmpty() || asked.lines().size() > MOST_LINES) {
            throw Problem.at(
                    "/lines",
                    "From 1 to " + MOST_LINES + " lines, not " + asked.lines().size() + ".");
        }
        Country country = country(asked.country());
        LineReader reader = new LineReader(foods);
        List<LineContents> lines = new ArrayList<>();
        List<Food> all = new ArrayList<>();
        for (int i = 0; i < asked.lines().size(); i++) {
            String at = "/lines/" + i;
            String text = Asked.name(at, asked.lines().get(i), 500);
            List<Food> of = Asked.at(at, () -> reader.read(text)).each().stream()
                    .map(FactPreviews::food)
                    .toList();
            all.addAll(of);
            lines.add(line(text, of, country));
        }
        Set<Allergen> has = new TreeSet<>();
        Set<Allergen> often = new TreeSet<>();
        Set<String> look = new LinkedHashSet<>();
        Set<String> unknown = new LinkedHashSet<>();
        for (Food food : all) {
            Contents contents = food.traits().contents();
            has.addAll(contents.allergens(country));
            often.addAll(contents.often(country));
            if (contents.look()) {
                look.add(food.name());
            }
            if (contents.making() == Making.UNKNOWN) {
                unknown.add(food.name());
            }
        }
        often.removeAll(has);
        return new ContainsView(
                lines, words(has), words(often), List.copyOf(look), List.copyOf(unknown), diets(all, country));
    }

    /** The food of a line, with what its words say; what nobody knows under its own words. */
    private static Food food(ReadLine line) {
        return line.saidFood()
                .orElseGet(() -> Food.unknown(
                                Key.food(line.foodName()),
                                line.foodName().isBlank() ? line.text() : line.foodName(),
                                Unit.PIECE)
                        .saying(line.text()));
    }

    private static LineContents line(String text, List<Food> foods, @Nullable Country country) {
        Set<Allergen> has = new TreeSet<>();
        Set<Allergen> often = new TreeSet<>();
        for (Food food : foods) {
            has.addAll(food.traits().contents().allergens(country));
            often.addAll(food.traits().contents().often(country));
        }
        often.removeAll(has);
        return new LineContents(
                text,
                words(has),
                words(often),
                foods.stream().anyMatch(food -> food.traits().contents().look()),
                foods.stream().allMatch(food -> food.traits().contents().making() != Making.UNKNOWN));
    }

    private static List<String> words(Set<Allergen> allergens) {
        return allergens.stream().map(Allergen::words).toList();
    }

    private static Map<String, String> diets(List<Food> foods, @Nullable Country country) {
        Map<String, String> diets = new LinkedHashMap<>();
        for (Diet diet : Diet.values()) {
            diets.put(diet.words(), words(foods.stream().map(diet::against).reduce(Known.WITHOUT, Known::and)));
        }
        for (Allergen allergen : List.of(Allergen.GLUTEN, Allergen.MILK, Allergen.NUTS, Allergen.EGGS)) {
            diets.put(
                    allergen.words().replaceFirst("s$", "") + "-free",
                    words(foods.stream()
                            .map(food -> food.traits().contents().of(allergen, country))
                            .reduce(Known.WITHOUT, Known::and)));
        }
        return diets;
    }

    private static String words(Known against) {
        return switch (against) {
            case WITHOUT -> "yes";
            case LOOK -> "look";
            case NOT_KNOWN -> "not known";
            case HAS -> "no";
        };
    }

    private static @Nullable Country country(@Nullable String word) {
        return word == null || word.isBlank()
                ? null
                : Country.ofWord(word)
                        .orElseThrow(
                                () -> Problem.at("/country", "“" + word + "” has no rules here; say UK, EU or US."));
    }

    /**
     * @param state raw, frozen or cooked; raw when nothing is said
     * @param method oven, pan, slow cooker, pressure cooker, microwave; any when nothing is said
     * @param weight of one piece: "2.3 kg"
     * @param country UK, EU or US; absent for the published US tables
     */
    record HeatAsked(
            String food,
            @Nullable String state,
            @Nullable String method,
            @Nullable String weight,
            @Nullable String country) {}

    /**
     * @param core degrees to reach, absent where nothing asks for any
     * @param minutes where a sourced rule gives them; else {@code asks} says what nobody knows
     */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record HeatView(
            @Nullable String core,
            String unit,
            int restMin,
            String rule,
            String source,
            @Nullable String minutes,
            List<String> asks,
            List<String> warnings) {}

    @PostMapping("/api/preview/heat")
    HeatView heat(@RequestBody HeatAsked asked) {
        String name = Asked.name("/food", asked.food(), 500);
        ReadLine line = Asked.at("/food", () -> new LineReader(foods).read(name));
        Amount weight =
                asked.weight() == null || asked.weight().isBlank() ? null : Asked.amount("/weight", asked.weight());
        if (weight != null && weight.unit().dimension() != Dimension.MASS) {
            throw Problem.at("/weight", "“" + asked.weight() + "” is no weight; write it like 2.3 kg.");
        }
        HeatAdvice.State state = oneOf(
                "/state",
                asked.state(),
                HeatAdvice.State.class,
                line.state() == State.FROZEN ? HeatAdvice.State.FROZEN : HeatAdvice.State.RAW);
        HeatAdvice.Method method = oneOf("/method", asked.method(), HeatAdvice.Method.class, HeatAdvice.Method.ANY);
        HeatAdvice.Answer answer = advice.of(food(line), name, state, method, weight, country(asked.country()));
        Integer core = answer.heat().core();
        Integer minutes = answer.minutes();
        return new HeatView(
                core == null ? null : core.toString(),
                "C",
                answer.heat().restMin(),
                answer.heat().rule(),
                answer.heat().source(),
                minutes == null ? null : minutes.toString(),
                answer.asks(),
                answer.warnings());
    }

    private static <E extends Enum<E>> E oneOf(String field, @Nullable String said, Class<E> kinds, E usual) {
        if (said == null || said.isBlank()) {
            return usual;
        }
        for (E kind : kinds.getEnumConstants()) {
            if (kind.name().replace('_', ' ').equalsIgnoreCase(said.strip())) {
                return kind;
            }
        }
        throw Problem.at(
                field,
                "“" + said + "” is not known; say one of "
                        + String.join(
                                        ", ",
                                        java.util.Arrays.stream(kinds.getEnumConstants())
                                                .map(kind -> kind.name().replace('_', ' '))
                                                .toList())
                                .toLowerCase(java.util.Locale.ROOT)
                        + ".");
    }
}
