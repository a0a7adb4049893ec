package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.AmountReader.Reading;
import wexilla.core.quantity.text.Packs;

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
    /** "Half a jar of sauce now, the other half later" is a jar. */
    private static final Pattern HALVES = Pattern.compile(
            "^half\\s+(?:of\\s+)?(?:the\\s+|(an?\\s+))?(.+?)(?:\\s+(?:now|first))?,?\\s+(?:and\\s+)?(?:the\\s+)?(?:other\\s+|second\\s+)?half\\s+(later\\b.*|afterwards|at the end|for\\s.+|to\\s.+|in\\s.+)$",
            Pattern.CASE_INSENSITIVE);
    /** "1 whole chicken 4 lb", "2 tins chickpeas 400g": the size stands behind, though no comma parts it. */
    private static final Pattern SIZE_BEHIND = Pattern.compile(
            "(?<=\\p{L})(?<!\\b(?:or|and|plus|with|of|to|in|per))\\s+((?:(?:about|approx\\.?|roughly|around)\\s+)?\\d+(?:[.,/]\\d+)?(?:\\s+\\d/\\d)?\\s*(?:kg|g|lbs?|pounds?|oz|ounces?|ml|cl|l|litres?|grams?)\\.?(?:\\s+each)?)(?=\\s*(?:,|$|\\(|\\p{L}+ed\\s*(?:,|$)))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FAT_BEHIND =
            Pattern.compile("(?<=\\p{L})\\s+(\\d{1,2}\\s?%\\s+(?:fat|lean))\\b", Pattern.CASE_INSENSITIVE);
    /** "Eggs 6", "carrots x3, sliced": the count stands behind; "flour type 00" is a kind. */
    private static final Pattern COUNT_BEHIND = Pattern.compile(
            "^(\\p{L}[\\p{L}' -]*?(?<!\\b(?:type|no|nr|size|grade))),?\\s+[x×]?\\s?([1-9]\\d?)(\\s*(?:,.*)?)$",
            Pattern.CASE_INSENSITIVE);
    /** "Yolk of 1 egg". */
    private static final Pattern YOLK_OF =
            Pattern.compile("^(?:the )?(yolks?|whites?) of (\\S+) (?:\\p{L}+ )?eggs?\\b", Pattern.CASE_INSENSITIVE);
    /** "A 5cm piece of ginger": so long a piece, whatever stands before. */
    private static final Pattern LONG_PIECE = Pattern.compile(
            "^(?:an?|one|1)\\s+(?=\\d+(?:[.,/]\\d+)?\\s*-?\\s*(?:cm|inch)\\b)", Pattern.CASE_INSENSITIVE);
    /** "80/20 ground beef": so much lean and so much fat, no amount. */
    private static final Pattern LEAN =
            Pattern.compile("\\b(\\d{2})/(\\d{1,2})\\b(?=\\s+(?:\\p{L}+\\s+)*\\p{L}|\\s*$)");

    private static final Pattern OPTIONAL =
            Pattern.compile("[,;(]?\\s*\\boptional(?:ly)?\\b\\s*[):,]?", Pattern.CASE_INSENSITIVE);
    /** "1 #10 can": the number is a size of tin. */
    private static final Pattern TIN_SIZE = Pattern.compile("(?:^|\\s)(#\\s?\\d{1,3})(?=\\s)");

    /** A line that says more than the largest usual tin for several says all of them. */
    private static final Rational LARGE_TIN = Trade.number("tin.most-grams");

    private static final Rational SMALL_TIN = Trade.number("tin.least-grams");

    private static final Pattern BRACKETS = Pattern.compile("[(\\[]([^()\\[\\]]*)[)\\]]");
    private static final Pattern PART =
            Pattern.compile("^(?:the\\s+)?((?:\\p{L}+\\s+){0,3}?\\p{L}+)\\s+(?:of|from)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBER_BEHIND = Pattern.compile("[\\s,:;–—.-]+(?=[\\d½⅓⅔¼¾⅛])");
    private static final Pattern ABOUT = Pattern.compile(
            "^(?:about|approximately|approx\\.?|around|roughly|ca\\.?|circa|total)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern FIXES = Pattern.compile(
            "\\s*\\b(?:each|apiece|in total|total|in all|altogether|drained weight|net weight|drained|weight)\\b\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern EACH = Pattern.compile("\\s*\\b(?:each|apiece)\\b\\s*", Pattern.CASE_INSENSITIVE);

    public LineAmount {
        notes = List.copyOf(notes);
    }

    /** @throws NotAnAmount if the line begins with a number that cannot be an amount */
    public static LineAmount of(String typed) {
        String text = BULLET.matcher(typed).replaceFirst("").strip();
        text = HALVES.matcher(text).replaceFirst("$1$2, half now, half $3");
        text = YOLK_OF.matcher(text).replaceFirst("$2 egg $1");
        text = LONG_PIECE.matcher(text).replaceFirst("");
        text = COUNT_BEHIND.matcher(text).replaceFirst("$2 $1$3");
        Matcher size = TIN_SIZE.matcher(text);
        String sizeSaid = size.find() ? size.group(1) : "";
        if (!sizeSaid.isEmpty()) {
            text = size.replaceFirst(" ").strip();
        }
        Matcher lean = LEAN.matcher(text);
        if (lean.find() && Integer.parseInt(lean.group(1)) + Integer.parseInt(lean.group(2)) == 100) {
            sizeSaid = lean.group();
            text = lean.replaceFirst(" ").strip();
        }
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
                boolean uncounted = reading == null && wanted.group(1).matches("(?i).*\\b(?:juice|zest|rind|peel)");
                part = reading == null && !uncounted ? "" : wanted.group(1);
                words = uncounted ? text.substring(wanted.end()) : reading == null ? text : reading.rest();
            }
        }
        words = FAT_BEHIND.matcher(words).replaceFirst(", $1");
        String parted = reading == null
                ? words
                : SIZE_BEHIND
                        .matcher(words)
                        .replaceFirst(", $1, ")
                        .replaceAll(",\\s*,", ",")
                        .replaceFirst(",\\s*$", "");
        return withoutBrackets(part, reading, parted, sizeSaid, optional);
    }

    private static LineAmount withoutBrackets(
            String part, @Nullable Reading before, String words, String size, boolean optional) {
        Reading reading = before;
        List<String> notes = new ArrayList<>();
        if (!size.isEmpty()) {
            notes.add(size);
        }
        String left = words;
        if (words.indexOf('(') >= 0 || words.indexOf('[') >= 0) {
            Matcher brackets = BRACKETS.matcher(words);
            StringBuilder kept = new StringBuilder();
            while (brackets.find()) {
                String inside = brackets.group(1).strip();
                Optional<Reading> said = sized(reading, inside);
                if (said.isEmpty()) {
                    notes.add(inside);
                } else {
                    reading = said.get();
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

    /**
     * What an amount behind the food fixes: the size of each where that is said or where packs are counted, else the total
     * of all pieces. Empty when the text is only a note.
     *
     * @param counted the amount before it; null when there is none
     */
    static Optional<Reading> sized(@Nullable Reading counted, String inside) {
        String size = FIXES.matcher(ABOUT.matcher(inside).replaceFirst(""))
                .replaceAll(" ")
                .strip();
        Optional<Reading> read = amount(size, true);
        if (read.isEmpty() || read.get().quantity().unit().dimension() == Dimension.COUNT) {
            return Optional.empty();
        }
        boolean about = !read.get().said().isEmpty() || ABOUT.matcher(inside).find();
        Quantity said = read.get().quantity();
        if (counted == null) {
            return about ? Optional.empty() : read;
        }
        if (inside.toLowerCase(java.util.Locale.ROOT).contains("drained")
                && counted.quantity().unit().base().equals(said.unit().base())) {
            return Optional.of(with(counted, said, counted.packs()));
        }
        Quantity count = counted.quantity();
        boolean pieces = counted.packs() == null
                && count.unit().dimension() == Dimension.COUNT
                && count.min().equals(count.max())
                && !count.max().value().isZero();
        if (!pieces) {
            return Optional.empty();
        }
        Rational many = count.max().value();
        Unit unit = counted.bare() ? null : count.unit();
        boolean pack = unit != null && unit.isPack() && !tinsTogether(unit, said.max(), many);
        boolean each = EACH.matcher(inside).find() || pack;
        if (each) {
            Quantity all = new Quantity(said.min().times(many), said.max().times(many));
            return Optional.of(with(counted, all, new Packs(many, said.max(), unit)));
        }
        Amount one = Amount.of(said.max().value().dividedBy(many), said.unit());
        return Optional.of(with(counted, said, new Packs(many, one, unit, true)));
    }

    /** "2 tins tomatoes (800 g)": no tin of that size is usual, two that weigh so much together are. */
    private static boolean tinsTogether(Unit unit, Amount said, Rational many) {
        boolean metric = said.unit().equals(Unit.G) || said.unit().equals(Unit.ML);
        return metric
                && unit.equals(Unit.named("tin"))
                && said.value().compareTo(LARGE_TIN) > 0
                && said.value().dividedBy(many).compareTo(SMALL_TIN) >= 0;
    }

    private static Reading with(Reading counted, Quantity quantity, @Nullable Packs packs) {
        return new Reading(quantity, packs, counted.said(), counted.again(), counted.rest(), false);
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
    public static boolean saysAmount(String note) {
        return amount(
                        EACH.matcher(ABOUT.matcher(note).replaceFirst(""))
                                .replaceAll(" ")
                                .strip(),
                        true)
                .isPresent();
    }
}
