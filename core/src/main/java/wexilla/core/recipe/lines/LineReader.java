package wexilla.core.recipe.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.Food;
import wexilla.core.food.book.FoodBook;
import wexilla.core.food.book.Grammar;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader.Reading;
import wexilla.core.quantity.text.Blanks;

/**
 * Reads one typed line: amount, unit, food and its state, preparation, what may be taken instead, further foods, whether
 * optional. It guesses no food: what the book does not know keeps its own words and is named as not understood (design:
 * things, section 1).
 */
public final class LineReader {

    /** Raised when lines read otherwise than before: what is stored is read again once. */
    public static final int VERSION = 6;

    /** Longest line accepted, in characters. */
    public static final int LONGEST = 300;

    private static final Set<String> LEADING = Grammar.words("leading");
    private static final Pattern SPACE = Pattern.compile("\\s+");
    /** "For the sauce: 2 tbsp butter". */
    private static final Pattern HEADING = Pattern.compile(
            "^(for (?:the |a )?[^:\\d]{2,40}):\\s*(?=\\S)|^(?!optional)(\\p{L}[\\p{L} ]{2,30}):\\s+(?=[\\d½⅓⅔¼¾⅛])",
            Pattern.CASE_INSENSITIVE);

    /** What is left of a thing when it was cut or cooked: nobody buys the thing for it. */
    private static final Pattern LEFT_OF = Pattern.compile(
            "^(?:the )?(bones?|carcass(?:es)?|giblets|necks?|skin|fat|drippings?|trimmings|cooking (?:liquid|water)) (?:of|from) (?:the )?(.+)$",
            Pattern.CASE_INSENSITIVE);
    /** The same, where it goes by a name of its own; else the thing is bought for it. */
    private static final Pattern MAYBE_LEFT_OF =
            Pattern.compile("^(?:the )?(liquid|shells) (?:of|from) (?:the )?(.+)$", Pattern.CASE_INSENSITIVE);

    private final FoodBook foods;

    public LineReader(FoodBook foods) {
        this.foods = foods;
    }

    /**
     * @throws NotAnAmount if the line begins with a number that cannot be an amount, is blank, longer than
     *     {@link #LONGEST}, or names no food
     */
    public ReadLine read(String typed) {
        String text = Blanks.single(typed);
        if (text.isEmpty()) {
            throw new NotAnAmount("an empty line; write an amount and a food, such as 500 g minced beef");
        }
        if (text.length() > LONGEST) {
            throw new NotAnAmount("this line has " + text.length() + " characters; " + LONGEST + " is the most");
        }
        Optional<ReadLine> left = leftOf(text);
        if (left.isPresent()) {
            return left.get();
        }
        Matcher heading = HEADING.matcher(text);
        String head = heading.find() ? (heading.group(1) != null ? heading.group(1) : heading.group(2)) : "";
        LineAmount amount = LineAmount.of(head.isEmpty() ? text : text.substring(heading.end()));
        List<String> words = words(amount.words());
        if (words.isEmpty() && !head.isEmpty()) {
            head = "";
            amount = LineAmount.of(text);
            words = words(amount.words());
        }
        if (words.isEmpty()) {
            return unitThatIsFood(text, amount);
        }
        LineAmount whole = containerOfName(amount);
        if (whole != null) {
            amount = whole;
            words = words(amount.words());
        }
        return new LineClauses(foods, amount, words, head).read(text);
    }

    /** "200 g glass noodles": what was taken for a container begins the name; null where it does not. */
    private @Nullable LineAmount containerOfName(LineAmount amount) {
        Reading reading = amount.reading();
        Unit container = reading == null || reading.packs() == null
                ? null
                : reading.packs().container();
        if (reading == null || container == null) {
            return null;
        }
        String all = container.symbol() + " " + amount.words();
        List<String> said = words(all.split(",", 2)[0]);
        boolean named = IntStream.rangeClosed(2, Math.min(4, said.size()))
                .anyMatch(length ->
                        foods.named(String.join(" ", said.subList(0, length))).isPresent());
        return named
                ? new LineAmount(amount.part(), reading.withoutPacks(), all, amount.notes(), amount.optional())
                : null;
    }

    /** "Bones of 4 chicken legs": the bones, whatever the legs cost; how much they weigh nobody said. */
    private Optional<ReadLine> leftOf(String text) {
        Matcher surely = LEFT_OF.matcher(text);
        Matcher maybe = MAYBE_LEFT_OF.matcher(text);
        boolean sure = surely.matches();
        if (!sure && !maybe.matches()) {
            return Optional.empty();
        }
        Matcher found = sure ? surely : maybe;
        String part = found.group(1).toLowerCase(Locale.ROOT);
        List<String> of = words(LineAmount.of(found.group(2)).words());
        for (int length = of.size(); length > 0; length--) {
            for (int from = 0; from + length <= of.size(); from++) {
                String name = bare(String.join(" ", of.subList(from, from + length))) + " " + part;
                Optional<Food> food = foods.named(name);
                if (food.isPresent()) {
                    String said = text.substring(found.end(1)).strip();
                    return Optional.of(ReadLine.of(text, null, food.get().name(), food.get(), said));
                }
            }
        }
        return sure
                ? Optional.of(ReadLine.of(text, null, text, null, "").notUnderstood(List.of(text)))
                : Optional.empty();
    }

    /** A stored line that cannot be read any more is kept as its own words; reading what is stored never fails. */
    public ReadLine readStored(String text) {
        try {
            return read(text);
        } catch (Unfit unreadable) {
            return ReadLine.of(text, null, text, null, "").notUnderstood(List.of(text));
        }
    }

    /** Whether this, with or without an amount before it, is the whole name of a food. */
    boolean knows(String text) {
        String name = LineAmount.of(text).words();
        return foods.named(name.isBlank() ? text : name).isPresent();
    }

    /** Whether this alone is a line of a known food, and nothing in it leads nowhere. */
    boolean understands(String text) {
        ReadLine line = readStored(text);
        return line.food() != null && line.notUnderstood().isEmpty();
    }

    /** "6 cloves": what was taken for a unit is the food itself. */
    private ReadLine unitThatIsFood(String text, LineAmount amount) {
        Reading reading = amount.reading();
        Unit unit = reading == null ? null : reading.quantity().unit();
        Unit container = reading == null || reading.packs() == null
                ? null
                : reading.packs().container();
        if (reading != null
                && container != null
                && foods.named(container.symbol()).isPresent()) {
            // "500 g cloves": so much of them in all
            Food named = foods.named(container.symbol()).orElseThrow();
            return ReadLine.of(text, reading.quantity(), named.name(), named, "")
                    .written(amount, amount.optional());
        }
        Optional<Food> food = unit == null ? Optional.empty() : foods.named(unit.symbol());
        if (reading == null || food.isEmpty() || reading.packs() != null) {
            throw new NotAnAmount("“" + text + "” names no food; write what it is, such as 500 g minced beef");
        }
        Quantity pieces = new Quantity(
                Amount.of(reading.quantity().min().value(), Unit.PIECE),
                Amount.of(reading.quantity().max().value(), Unit.PIECE));
        String preparation = String.join(", ", amount.notes());
        return ReadLine.of(text, pieces, food.get().name(), food.get(), preparation)
                .written(amount, amount.optional());
    }

    static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        for (String word : SPACE.split(
                text.strip().replace(";", ",").replace(",", ", ").replaceAll("(?<=\\p{L})/(?=\\p{L})", " / "))) {
            boolean leading = words.isEmpty() && LEADING.contains(word.toLowerCase(Locale.ROOT));
            if (word.equals(",") && !words.isEmpty()) {
                words.set(words.size() - 1, words.get(words.size() - 1) + ",");
            } else if (!word.isEmpty() && !word.equals(",") && !leading) {
                words.add(word);
            }
        }
        return words;
    }

    static String bare(String word) {
        return word.endsWith(",") || word.endsWith(".") || word.endsWith(":")
                ? word.substring(0, word.length() - 1)
                : word;
    }
}
