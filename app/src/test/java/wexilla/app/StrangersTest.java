package wexilla.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Currency;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wexilla.app.household.Reference;
import wexilla.app.support.Kitchen;
import wexilla.core.food.Food;
import wexilla.core.keeping.Storage;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.lines.LineReader;
import wexilla.core.recipe.lines.ReadLine;
import wexilla.core.stock.notes.NoteKeeping;
import wexilla.core.stock.notes.NoteLine;
import wexilla.core.stock.notes.NoteReader;

/**
 * Lines and stock notes written by people who had not seen the reader. A line must never come back as a food its row
 * forbids; a note must never be given a later date than its row allows. The rows are never edited to pass.
 */
class StrangersTest {

    private static final Set<String> SMALL = Set.of(
            "of", "the", "a", "an", "and", "in", "with", "or", "fresh", "ground", "dried", "raw", "cooked", "plain",
            "whole", "dry", "home");
    private static final Pattern EAT_BY = Pattern.compile("eat by (\\d{4}-\\d\\d-\\d\\d)");
    private static final LocalDate WEDNESDAY = LocalDate.of(2026, 12, 2);

    private final Reference reference = Kitchen.bean(Reference.class);

    @Test
    void noLineIsMisreadAndNearlyEveryOneIsRead() throws Exception {
        LineReader reader = new LineReader(reference.book());
        List<String> wrong = new ArrayList<>();
        List<String> missed = new ArrayList<>();
        List<Map<String, String>> rows = rows("lines.psv");
        for (Map<String, String> row : rows) {
            ReadLine line = reader.read(cell(row, "text"));
            List<ReadLine> all =
                    Stream.concat(Stream.of(line), line.also().stream()).toList();
            String said = line.foodName() + " + "
                    + line.also().stream().map(ReadLine::foodName).toList();
            if (all.stream().anyMatch(one -> forbidden(row, one))) {
                wrong.add(row.get("text") + " → " + said);
            }
            boolean foods = Arrays.stream(cell(row, "food").split(" \\+ "))
                    .allMatch(want -> all.stream().anyMatch(one -> meets(want, one)));
            if (!foods || !amount(row, line)) {
                missed.add(row.get("text") + " → " + line.quantity() + " " + said);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(missed).hasSizeLessThanOrEqualTo(rows.size() * 4 / 100);
    }

    /** A row forbids a name unless the words of what was wanted stand beside it. */
    private boolean forbidden(Map<String, String> row, ReadLine line) {
        if (line.food() == null) {
            return false;
        }
        Set<String> said = words(line.foodName() + " " + line.preparation() + " " + line.state());
        String state = cell(row, "form").equals("-") ? "" : cell(row, "form");
        for (String name : cell(row, "must_not").split(",")) {
            boolean named = names(line.food()).contains(key(name));
            boolean wanted = words(cell(row, "food")).containsAll(words(name)) && said.containsAll(words(state));
            boolean asAsked = !key(name).equals(key(line.foodName()))
                    && meets(cell(row, "food").split(" \\+ ")[0], line);
            if (!name.isBlank() && !name.strip().equals("-") && named && !wanted && !asAsked) {
                return true;
            }
        }
        return false;
    }

    private static boolean meets(String wants, ReadLine line) {
        Set<String> said = words(line.foodName() + " " + line.preparation() + " " + line.state());
        Food food = line.food();
        return Arrays.stream(wants.split(" / ")).anyMatch(want -> {
            Set<String> needed = words(want);
            needed.removeAll(SMALL);
            return said.containsAll(needed) || food != null && names(food).contains(key(want));
        });
    }

    private static Set<String> names(Food food) {
        return Stream.concat(food.names(), food.kinds().stream())
                .map(StrangersTest::key)
                .collect(Collectors.toSet());
    }

    /** The amount, or "also" another way to say it; a count of packs stands for what is in them. */
    private static boolean amount(Map<String, String> row, ReadLine line) {
        if (cell(row, "min").startsWith("-")) {
            return line.quantity() == null;
        }
        Quantity read = line.quantity();
        if (read == null) {
            return false;
        }
        String unit = first(cell(row, "unit"));
        if (same(first(cell(row, "min")), first(cell(row, "max")), unit, read)) {
            return true;
        }
        boolean count = line.packs() != null && line.packs().count().toString().equals(first(cell(row, "max")));
        boolean pieces = read.unit().base().equals(read.unit())
                && read.max().value().toString().equals(first(cell(row, "max")));
        return count || pieces || cell(row, "why").contains("also");
    }

    private static boolean same(String min, String max, String unit, Quantity read) {
        Unit as = Unit.parse(unit).orElseGet(() -> Unit.named(unit));
        return near(min, as, read.min()) && near(max, as, read.max());
    }

    private static boolean near(String number, Unit unit, Amount read) {
        String[] parts = number.split("/");
        BigDecimal value = new BigDecimal(parts[0]);
        value = parts.length == 1 ? value : value.divide(new BigDecimal(parts[1]), MathContext.DECIMAL64);
        Amount wanted =
                Measures.US.toBase(Amount.of(Rational.of(value.setScale(9, java.math.RoundingMode.HALF_UP)), unit));
        Amount got = Measures.US.toBase(read);
        double off = Math.abs(wanted.value().toDecimal(6).doubleValue()
                - got.value().toDecimal(6).doubleValue());
        boolean counted = wanted.unit().equals(Unit.PIECE) || got.unit().equals(Unit.PIECE);
        return (wanted.unit().equals(got.unit()) || counted)
                && off <= 0.01 * Math.max(0.001, wanted.value().toDecimal(6).doubleValue());
    }

    @Test
    void noNoteIsGivenALaterDateThanItsRowAllows() throws Exception {
        NoteReader reader = new NoteReader(reference.book(), Currency.getInstance("EUR"), Measures.METRIC, WEDNESDAY);
        List<String> unsafe = new ArrayList<>();
        List<String> missed = new ArrayList<>();
        int totals = 0;
        int paid = 0;
        List<Map<String, String>> rows = rows("notes.psv");
        for (Map<String, String> row : rows) {
            List<NoteLine> things = reader.read(cell(row, "text"));
            List<Storage> places =
                    things.stream().map(thing -> place(row, thing)).toList();
            List<NoteKeeping> kept = new ArrayList<>();
            for (int i = 0; i < things.size(); i++) {
                kept.add(NoteKeeping.of(things.get(i), places.get(i), reference.keeping(), WEDNESDAY));
            }
            boolean asks = kept.stream().anyMatch(NoteKeeping::unclear)
                    || things.stream().anyMatch(thing -> !thing.asks().isEmpty());
            String dates = cell(row, "eat_or_best");
            LocalDate soonest = kept.stream()
                    .map(one -> one.dates().last().orElse(null))
                    .filter(Objects::nonNull)
                    .min(LocalDate::compareTo)
                    .orElse(null);
            Matcher limit = EAT_BY.matcher(dates);
            boolean asked = dates.contains("ask");
            boolean late = limit.find() && (soonest == null || soonest.isAfter(LocalDate.parse(limit.group(1))));
            String got = row.get("text") + " → "
                    + things.stream().map(NoteLine::foodName).toList() + " " + places + " " + soonest;
            if (late && !(asked && asks)) {
                unsafe.add(got);
            }
            boolean lies = Arrays.stream(cell(row, "place").split(" \\+ "))
                    .allMatch(place -> places.stream().anyMatch(storage -> fits(place, storage)));
            if (!lies || things.size() < cell(row, "thing").split(" \\+ ").length) {
                missed.add(got);
            }
            Matcher total = Pattern.compile("total (\\d+\\.\\d\\d)").matcher(cell(row, "why"));
            if (cell(row, "said_where").equals("haul") && total.find()) {
                totals++;
                BigDecimal sum = things.stream()
                        .map(NoteLine::price)
                        .filter(Objects::nonNull)
                        .map(money -> new BigDecimal(money.decimal()))
                        .reduce(BigDecimal.ZERO, BigDecimal::add);
                paid += sum.compareTo(new BigDecimal(total.group(1))) == 0 ? 1 : 0;
            }
        }
        assertThat(unsafe).isEmpty();
        assertThat(missed).hasSizeLessThanOrEqualTo(rows.size() * 8 / 100);
        assertThat(paid).isGreaterThanOrEqualTo(totals * 9 / 10);
    }

    private Storage place(Map<String, String> row, NoteLine thing) {
        String said = cell(row, "said_where");
        return said.equals("-") || said.equals("haul")
                ? NoteKeeping.likely(thing, reference.keeping(), WEDNESDAY)
                : Storage.valueOf(said.toUpperCase(Locale.ROOT));
    }

    private static boolean fits(String place, Storage storage) {
        boolean shelf = storage == Storage.CUPBOARD || storage == Storage.COUNTER;
        return place.equals("cupboard") || place.equals("counter")
                ? shelf
                : place.equals(storage.name().toLowerCase(Locale.ROOT));
    }

    private static String first(String cell) {
        return cell.split(" \\+ ")[0].split(" / ")[0].strip();
    }

    private static String cell(Map<String, String> row, String column) {
        return Objects.requireNonNull(row.get(column), column);
    }

    private static String key(String text) {
        return String.join(" ", list(text));
    }

    private static Set<String> words(@Nullable String text) {
        return new HashSet<>(list(text == null ? "" : text));
    }

    /** Its words in the singular, as plainly as a reader of both sides needs it. */
    private static List<String> list(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^a-zà-ÿ]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> word.replaceFirst("(?:toes)$", "to")
                        .replaceFirst("ies$", "y")
                        .replaceFirst("eaves$", "eaf")
                        .replaceFirst("chillie?$|chili(?:es)?$|chilly$", "chilli")
                        .replaceFirst("(?<=..)(?<!s|u)s$", ""))
                .toList();
    }

    private static List<Map<String, String>> rows(String file) throws Exception {
        try (InputStream stream =
                Objects.requireNonNull(StrangersTest.class.getResourceAsStream("/strangers/" + file))) {
            List<String> lines = new String(stream.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
            String[] columns = lines.get(0).split("\\|");
            List<Map<String, String>> rows = new ArrayList<>();
            for (String line : lines.subList(1, lines.size())) {
                String[] cells = line.split("\\|", -1);
                Map<String, String> row = new LinkedHashMap<>();
                for (int i = 0; i < columns.length; i++) {
                    row.put(columns[i], cells[i]);
                }
                rows.add(row);
            }
            return rows;
        }
    }
}
