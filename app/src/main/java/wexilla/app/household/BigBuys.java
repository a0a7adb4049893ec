package wexilla.app.household;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;
import wexilla.core.food.Key;
import wexilla.core.food.facts.Yield;
import wexilla.core.quantity.Rational;
import wexilla.core.stretch.DishKind;
import wexilla.core.stretch.Protein;
import wexilla.core.stretch.StretchPlan.Form;

/**
 * What the reference knows of big buys: dishes for their parts, the protein of what is cut and what extends it, and what
 * is left of mince by its fat.
 */
public record BigBuys(List<DishKind> kinds, Protein protein, List<Fat> fats) {

    /** @param above per cent of fat from which on so much is left */
    public record Fat(Rational above, Yield left) {}

    static BigBuys read() {
        return new BigBuys(
                ReferenceRows.of("dish_kinds.csv").stream().map(BigBuys::kind).toList(),
                new Protein(ReferenceRows.of("protein.csv").stream()
                        .collect(Collectors.toMap(row -> Key.food(row.get("slug")), BigBuys::perHundred))),
                ReferenceRows.of("fat.csv").stream().map(BigBuys::fat).toList());
    }

    /** What is left of mince with so much fat. @param percent from 0 to 100 */
    public Yield left(Rational percent) {
        return fats.stream()
                .filter(fat -> percent.compareTo(fat.above()) > 0 || fat.above().isZero())
                .max(Comparator.comparing(Fat::above))
                .orElseThrow()
                .left();
    }

    private static DishKind kind(CSVRecord row) {
        return new DishKind(
                row.get("name"),
                Set.copyOf(ReferenceRows.list(row, "groups")),
                Form.valueOf(row.get("form").toUpperCase(Locale.ROOT)),
                number(row, "grams"),
                number(row, "least"),
                number(row, "most"),
                row.get("extender"),
                number(row, "extender_grams"),
                row.get("bones").equals("yes"),
                row.get("freezes").equals("yes"),
                number(row, "hands"),
                number(row, "hands_each"));
    }

    private static Protein.PerHundred perHundred(CSVRecord row) {
        return new Protein.PerHundred(number(row, "grams"), row.get("of").equals("cooked"), ReferenceRows.source(row));
    }

    private static Fat fat(CSVRecord row) {
        return new Fat(number(row, "above_percent"), new Yield(number(row, "of_one"), ReferenceRows.source(row)));
    }

    private static Rational number(CSVRecord row, String column) {
        return Rational.of(new BigDecimal(row.get(column)));
    }
}
