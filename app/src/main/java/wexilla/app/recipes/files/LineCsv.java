package wexilla.app.recipes.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import wexilla.app.files.Cells;
import wexilla.app.recipes.Marks;
import wexilla.app.recipes.RecipeInput;
import wexilla.app.recipes.files.RecipeFiles.Found;
import wexilla.core.kitchen.Written;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unfit;
import wexilla.core.recipe.RecipeLine;
import wexilla.core.recipe.lines.ReadLine;

/** Lines of recipes as a table: recipe, portions, the line as written, amount, unit, food, preparation. */
final class LineCsv {

    private static final String[] HEADER = {"recipe", "portions", "line", "least", "most", "unit", "food", "preparation"
    };
    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private LineCsv() {}

    static String of(List<Written> recipes) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, Cells.format(HEADER))) {
            for (Written stored : recipes) {
                for (RecipeLine line : stored.recipe().lines()) {
                    printer.printRecord(row(stored, line.read()));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<String> row(Written stored, ReadLine line) {
        Quantity quantity = line.quantity();
        return List.of(
                Cells.harmless(stored.recipe().title()),
                String.valueOf(stored.recipe().portions()),
                Cells.harmless(line.text()),
                quantity == null ? "" : quantity.min().value().plain(),
                quantity == null ? "" : quantity.max().value().plain(),
                quantity == null ? "" : quantity.unit().symbol(),
                Cells.harmless(line.foodName()),
                Cells.harmless(line.preparation()));
    }

    static boolean isOne(String text) {
        String head = text.lines().findFirst().orElse("").replace("\"", "").replace("\ufeff", "");
        return head.startsWith("recipe,") && List.of(head.split(",")).contains("line");
    }

    /** @throws IllegalArgumentException if a row is broken */
    static List<Found> read(String text) {
        Map<String, List<String>> lines = new LinkedHashMap<>();
        Map<String, String> portions = new LinkedHashMap<>();
        try {
            for (CSVRecord row : READ.parse(new StringReader(text.replace("\ufeff", "")))) {
                if (!row.isConsistent()) {
                    throw new Unfit("row " + row.getRecordNumber() + " has " + row.size()
                            + " cells, the heading more or fewer");
                }
                String title = SchemaReader.plain(row.get("recipe"));
                lines.computeIfAbsent(title, t -> new ArrayList<>())
                        .add(SchemaReader.plain(row.get("line").replaceFirst("^'(?=[=+@-])", "")));
                portions.putIfAbsent(title, row.isMapped("portions") ? row.get("portions") : "");
            }
        } catch (IOException | IllegalStateException | java.io.UncheckedIOException broken) {
            throw new Unfit("this table cannot be read: " + broken.getMessage());
        }
        List<Found> found = new ArrayList<>();
        lines.forEach((title, all) -> {
            String count = String.valueOf(portions.get(title));
            Integer number = count.matches("[1-9]\\d{0,2}") ? Integer.valueOf(count) : null;
            List<String> unread = number == null ? List.of("portions: no whole number") : List.of();
            found.add(new Found(
                    new RecipeInput(
                            title,
                            number,
                            all.stream().map(Marks::line).toList(),
                            List.of(),
                            "",
                            List.of(),
                            String.join("\n", all),
                            null,
                            List.of()),
                    unread));
        });
        return found;
    }
}
