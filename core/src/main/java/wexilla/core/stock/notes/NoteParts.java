package wexilla.core.stock.notes;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.regex.Pattern;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Phrase;
import wexilla.core.recipe.lines.LineReader;

/** Whether a line of a note names several things, and where one ends. */
final class NoteParts {

    private static final Pattern SPLIT = Pattern.compile("\\s*(?:,|;|\\s+and\\s+|\\s+&\\s+|\\s+\\+\\s+)\\s*");

    private final FoodBook foods;
    private final LineReader lines;
    private final Currency currency;

    NoteParts(FoodBook foods, Currency currency) {
        this.foods = foods;
        this.lines = new LineReader(foods);
        this.currency = currency;
    }

    /** "Pork 3.4 kg 5.99/kg, salmon 500 g 9.50" are two things, each with its price; "milk 2 l, 30 eggs given" too. */
    List<String> apart(String text) {
        List<String> parts = List.of(text.split("\\s*[,;]\\s+|\\s+(?:and|&|\\+)\\s+"));
        if (parts.size() < 2 || parts.stream().anyMatch(part -> namesNothing(name(part)))) {
            return List.of(text);
        }
        boolean priced =
                parts.stream().allMatch(part -> NotePrice.in(part, currency).said() != null);
        boolean given =
                NotePrice.free(text) && of(NotePrice.in(text, currency).rest()).size() == parts.size();
        return priced || given ? parts : List.of(text);
    }

    private String name(String part) {
        return NoteWords.trimmed(NoteWords.name(
                NoteAmounts.in(NotePrice.in(part, currency).rest()).rest()));
    }

    /** Whether this names no thing: how something is, what it is in, or nothing at all. */
    private static boolean namesNothing(String name) {
        return name.isBlank() || Phrase.namesNothing(List.of(name.strip().split("\\s+")));
    }

    /** "Milk, eggs 10, bit of cheddar" are three things when each part names a known one. */
    List<String> of(String text) {
        String plain = text.replaceFirst(",?\\s*\\ball for \\d{1,2}\\b", "").replaceAll("\\([^()]*\\)", " ");
        List<String> parts = new ArrayList<>();
        for (String part : SPLIT.split(plain)) {
            if (!part.isBlank()) {
                parts.add(part.strip());
            }
        }
        if (parts.size() < 2
                || foods.find(plain).isPresent() && foods.named(plain).isPresent()) {
            return List.of(text);
        }
        String[] named = NoteAmounts.in(plain).rest().split("\\s+");
        boolean joined = foods.inNames(List.of(named)).stream().anyMatch(at -> named[at].matches("(?i)and|&|.*,"));
        if (joined) {
            return List.of(text);
        }
        for (String part : parts) {
            NoteAmounts amounts = NoteAmounts.in(part);
            String name = amounts.rest().replaceFirst("(?i)^(?:bit|some|a bit|little) of\\s+", "");
            if (NoteWords.trimmed(NoteWords.name(name)).isBlank()) {
                return List.of(text);
            }
            if (lines.readStored(name).food() == null) {
                if (amounts.lots().get(0).each() == null || namesNothing(name)) {
                    return List.of(text);
                }
            }
        }
        return parts;
    }
}
