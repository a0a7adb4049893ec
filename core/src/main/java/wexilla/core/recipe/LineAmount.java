package wexilla.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.AmountReader.Packs;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;

/**
 * Where the amount of a line stands and what is left without it: in front, behind ("minced beef, 500 g"), in brackets
 * ("minced beef (500 g)"), or behind the part that is wanted ("juice of 2 lemons").
 *
 * @param part the part that is wanted: "juice"; empty when the whole is
 * @param reading null when no amount is written
 * @param words the line without its amount, its part and its brackets
 * @param notes what stood in brackets
 * @param optional the line says so
 */
public record LineAmount(String part, @Nullable Reading reading, String words, List<String> notes, boolean optional) {

    private static final Pattern BULLET =
            Pattern.compile("^(?:\\s|[•*·☐□▢✓‣●○]|\\[[ xX]?\\]|[-–—]\\s|\\d{1,2}\\)\\s|\\d{1,2}\\.\\s+(?=\\d))+");
    private static final Pattern OPTIONAL =
            Pattern.compile("[,;(]?\\s*\\boptional(?:ly)?\\b\\s*[):,]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKETS = Pattern.compile("[(\\[]([^()\\[\\]]*)[)\\]]");
    private static final Pattern PART =
            Pattern.compile("^(?:the\\s+)?((?:\\p{L}+\\s+){0,3}?\\p{L}+)\\s+(?:of|from)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBER_BEHIND = Pattern.compile("[\\s,:;–—.-]+(?=[\\d½⅓⅔¼¾⅛])");
    private static final Pattern ABOUT = Pattern.compile(
            "^(?:about|approximately|approx\\.?|around|roughly|ca\\.?|circa|total)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH = Pattern.compile("\\s*\\beach\\b\\s*", Pattern.CASE_INSENSITIVE);

    public LineAmount {
        notes = List.copyOf(notes);
    }

    /** @throws NotAnAmount if the line begins with a number that cannot be an amount */
    static LineAmount of(String typed) {
        String text = BULLET.matcher(typed).replaceFirst("").strip();
        boolean optional = OPTIONAL.matcher(text).find();
        if (optional) {
            text = OPTIONAL.matcher(text).replaceAll(" ").strip();
        }
        Reading reading = AmountReader.read(text).orElse(null);
        String part = "";
        String words = reading == null ? text : reading.rest();
        if (reading == null) {
            Matcher wanted = PART.matcher(text);
            if (wanted.find()) {
                reading = AmountReader.read(text.substring(wanted.end())).orElse(null);
                part = reading == null ? "" : wanted.group(1);
                words = reading == null ? text : reading.rest();
            }
        }
        return withoutBrackets(part, reading, words, optional);
    }

    private static LineAmount withoutBrackets(String part, @Nullable Reading before, String words, boolean optional) {
        Reading reading = before;
        List<String> notes = new ArrayList<>();
        String left = words;
        if (words.indexOf('(') >= 0 || words.indexOf('[') >= 0) {
            Matcher brackets = BRACKETS.matcher(words);
            StringBuilder kept = new StringBuilder();
            while (brackets.find()) {
                String inside = brackets.group(1).strip();
                Reading said = sized(reading, inside);
                if (said == null) {
                    notes.add(inside);
                } else {
                    reading = said;
                }
                brackets.appendReplacement(kept, " ");
            }
            left = brackets.appendTail(kept).toString();
        }
        if (reading == null) {
            return behind(part, left, notes, optional);
        }
        return new LineAmount(part, reading, left.strip(), notes, optional);
    }

    /** An amount in brackets behind the food: of the whole line, or of each piece. Null when it is only a note. */
    private static @Nullable Reading sized(@Nullable Reading counted, String inside) {
        Optional<Reading> size = amount(EACH.matcher(inside).replaceAll(" ").strip(), true);
        if (size.isEmpty() || size.get().quantity().unit().dimension() == Dimension.COUNT) {
            return null;
        }
        boolean exact = size.get().said().isEmpty();
        if (counted == null) {
            return exact ? size.get() : null;
        }
        Quantity count = counted.quantity();
        boolean pieces = counted.packs() == null
                && count.unit().dimension() == Dimension.COUNT
                && count.min().equals(count.max());
        if (!pieces || !(exact || EACH.matcher(inside).find())) {
            return null;
        }
        Rational many = count.max().value();
        Quantity each = size.get().quantity();
        return new Reading(
                new Quantity(each.min().times(many), each.max().times(many)),
                new Packs(many, each.max(), counted.bare() ? null : count.unit()),
                counted.said(),
                counted.again(),
                counted.rest(),
                false);
    }

    /** "minced beef, 500 g", "flour ... 2 cups", "onion, chopped, 1 cup". */
    private static LineAmount behind(String part, String words, List<String> notes, boolean optional) {
        Matcher number = NUMBER_BEHIND.matcher(words);
        while (number.find()) {
            Optional<Reading> read = amount(words.substring(number.end()), false);
            if (read.isPresent() && number.start() > 0) {
                return new LineAmount(part, read.get(), words.substring(0, number.start()), notes, optional);
            }
        }
        return new LineAmount(part, null, words.strip(), notes, optional);
    }

    /** The amount this text is, whole, with its unit. */
    private static Optional<Reading> amount(String text, boolean roughly) {
        try {
            return AmountReader.read(text)
                    .filter(found -> found.rest().isEmpty()
                            && !found.bare()
                            && (roughly || found.said().isEmpty()));
        } catch (NotAnAmount noAmount) {
            return Optional.empty();
        }
    }

    /** Whether this note says the amount again in other measures, so that it is wrong at any other size. */
    static boolean saysAmount(String note) {
        return amount(
                        EACH.matcher(ABOUT.matcher(note).replaceFirst(""))
                                .replaceAll(" ")
                                .strip(),
                        true)
                .isPresent();
    }
}
