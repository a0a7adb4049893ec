package wexilla.app.household;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wexilla.core.food.Allergen;
import wexilla.core.food.Caution;
import wexilla.core.food.Food;
import wexilla.core.food.FoodBook;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Scaling;
import wexilla.core.food.Traits;
import wexilla.core.food.Yield;
import wexilla.core.keeping.KeepingGuide;
import wexilla.core.keeping.KeepingRule;
import wexilla.core.keeping.KeepingRule.Span;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** The reference files that ship with the application, read once into core types. A broken row stops the start. */
@Component
public class Reference {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true)
            .setCommentMarker('#')
            .get();

    private final List<Food> foods;
    private final FoodBook book;
    private final KeepingGuide keeping;

    Reference() {
        Map<String, List<FoodFact>> facts = rows("food_facts.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"), Collectors.mapping(Reference::fact, Collectors.toList())));
        Map<String, Yield> yields = rows("yields.csv").stream()
                .collect(Collectors.toMap(row -> row.get("slug") + " " + row.get("part"), Reference::yieldOf));
        Map<String, Map<Caution, String>> cautions = rows("cautions.csv").stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"),
                        Collectors.toMap(row -> Caution.valueOf(row.get("caution")), Reference::source)));
        foods = rows("foods.csv").stream()
                .map(row -> food(row, facts, yields, cautions))
                .toList();
        book = new FoodBook(foods);
        keeping = new KeepingGuide(
                rows("keeping.csv").stream().map(Reference::rule).toList());
    }

    public List<Food> foods() {
        return foods;
    }

    /** The reference foods, found by what people write. */
    public FoodBook book() {
        return book;
    }

    public KeepingGuide keeping() {
        return keeping;
    }

    private static List<String> list(CSVRecord row, String column) {
        return Arrays.stream(row.get(column).split(";"))
                .map(String::strip)
                .filter(a -> !a.isEmpty())
                .toList();
    }

    private static Food food(
            CSVRecord row,
            Map<String, List<FoodFact>> facts,
            Map<String, Yield> yields,
            Map<String, Map<Caution, String>> cautions) {
        List<String> aliases = list(row, "also");
        String slug = row.get("slug");
        return new Food(
                slug,
                row.get("name"),
                aliases,
                Unit.ofSymbol(row.get("base")),
                row.get("keeping"),
                row.get("seasoning").equals("yes"),
                Scaling.valueOf(row.get("scaling").toUpperCase(Locale.ROOT)),
                facts.getOrDefault(slug, List.of()),
                new Traits(
                        row.get("aisle"),
                        row.get("protein"),
                        list(row, "allergens").stream()
                                .map(word -> Allergen.ofWord(word).orElseThrow())
                                .collect(Collectors.toSet()),
                        cautions.getOrDefault(slug, Map.of()),
                        yields.get(slug + " cooked"),
                        yields.get(slug + " ready")));
    }

    private static Yield yieldOf(CSVRecord row) {
        return new Yield(Rational.of(new BigDecimal(row.get("of_one"))), source(row));
    }

    private static FoodFact fact(CSVRecord row) {
        return new FoodFact(amount(row.get("from")), amount(row.get("to")), source(row));
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static KeepingRule rule(CSVRecord row) {
        return new KeepingRule(
                row.get("class"),
                row.get("name"),
                span(row.get("fridge_days")),
                span(row.get("freezer_months")),
                span(row.get("cupboard_months")),
                span(row.get("opened_days")),
                source(row));
    }

    private static @Nullable Span span(String text) {
        if (text.isEmpty()) {
            return null;
        }
        String[] ends = text.split("-");
        return new Span(Integer.parseInt(ends[0]), Integer.parseInt(ends[ends.length - 1]));
    }

    /** [M]: a published value written down from memory; [P]: practice; [S]: published; [D]: our definition. */
    private static String source(CSVRecord row) {
        return switch (row.get("mark")) {
            case "M" -> row.get("source") + " (from memory)";
            case "P" -> "common practice, no source";
            case "D" -> "own definition";
            default -> row.get("source");
        };
    }

    private static List<CSVRecord> rows(String file) {
        InputStream stream = Objects.requireNonNull(Reference.class.getResourceAsStream("/reference/" + file), file);
        try (InputStreamReader reader = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
            return FORMAT.parse(reader).getRecords();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
