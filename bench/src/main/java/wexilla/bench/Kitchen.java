package wexilla.bench;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import wexilla.core.food.Food;
import wexilla.core.food.FoodFact;
import wexilla.core.food.Key;
import wexilla.core.food.Scaling;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.facts.Traits;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;

/** The reference foods and the lines of the corpus, as the application has them. */
final class Kitchen {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .get();

    private Kitchen() {}

    static FoodBook foods(Path sources) {
        Path reference = sources.resolve("main/resources/reference");
        Map<String, List<FoodFact>> facts = rows(reference.resolve("food_facts.csv")).stream()
                .collect(Collectors.groupingBy(
                        row -> row.get("slug"),
                        Collectors.mapping(
                                row -> new FoodFact(
                                        amount(row.get("from")),
                                        amount(row.get("to")),
                                        row.get("source"),
                                        FoodFact.Trust.MEMORY),
                                Collectors.toList())));
        return new FoodBook(rows(reference.resolve("foods.csv")).stream()
                .map(row -> new Food(
                        Key.food(row.get("slug")),
                        row.get("name"),
                        list(row.get("also")),
                        list(row.get("kinds")),
                        Unit.ofSymbol(row.get("base")),
                        row.get("keeping"),
                        row.get("seasoning").equals("yes"),
                        Scaling.valueOf(row.get("scaling").toUpperCase(Locale.ROOT)),
                        facts.getOrDefault(row.get("slug"), List.of()),
                        Traits.NONE))
                .toList());
    }

    static List<String> lines(Path sources) {
        try (var rows = Files.lines(sources.resolve("test/resources/corpus/lines.psv"))) {
            return rows.filter(row -> !row.startsWith("#"))
                    .map(row -> row.substring(0, row.indexOf('|')).strip())
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Amount amount(String text) {
        return AmountReader.read(text).orElseThrow().quantity().max();
    }

    private static List<String> list(String cell) {
        return Arrays.stream(cell.split(";")).filter(word -> !word.isBlank()).toList();
    }

    private static List<CSVRecord> rows(Path file) {
        try (Reader reader = Files.newBufferedReader(file)) {
            return FORMAT.parse(reader).getRecords();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
