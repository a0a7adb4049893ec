package wexilla.app.household;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import wexilla.core.food.FoodFact.Trust;

/** Rows of the reference files. */
final class ReferenceRows {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true)
            .setCommentMarker('#')
            .get();

    private ReferenceRows() {}

    /**
     * Where a value comes from, as a screen says it. [M]: published, written down from memory (docs/references.md says
     * which); [S]: published; [P]: practice; [D]: our definition.
     */
    static String source(CSVRecord row) {
        return switch (row.get("mark")) {
            case "P" -> "common practice, no source";
            case "D" -> "own definition";
            default -> row.get("source");
        };
    }

    static List<CSVRecord> of(String file) {
        InputStream stream = Objects.requireNonNull(Reference.class.getResourceAsStream("/reference/" + file), file);
        try (InputStreamReader reader = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
            return FORMAT.parse(reader).getRecords();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    static Trust trust(CSVRecord row) {
        return switch (row.get("mark")) {
            case "M" -> Trust.MEMORY;
            case "P", "D" -> Trust.PRACTICE;
            default -> Trust.PUBLISHED;
        };
    }

    /** A column that holds several values parted by semicolons. */
    static List<String> list(CSVRecord row, String column) {
        return Arrays.stream(row.get(column).split(";"))
                .map(String::strip)
                .filter(a -> !a.isEmpty())
                .toList();
    }
}
