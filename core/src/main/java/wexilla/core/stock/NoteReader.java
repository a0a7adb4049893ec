package wexilla.core.stock;

import java.time.LocalDate;
import java.util.Currency;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.FoodBook;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.AmountReader;
import wexilla.core.quantity.AmountReader.Reading;
import wexilla.core.quantity.Blanks;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;
import wexilla.core.recipe.LineReader;
import wexilla.core.recipe.ReadLine;

/**
 * Reads a line of a stock note: {@code 3.2 kg pork shoulder, bone in, 17.57}, {@code 3 x 500 g mince Oct},
 * {@code 2 bolognese for 6}, {@code flour}. A price is a number with two decimals at the end, perhaps with "each" or
 * "/kg"; a date is a month, a day and month, an ISO date, today or yesterday behind the food.
 */
public final class NoteReader {

    /** More containers than this on one line is a slip of the finger. */
    public static final int MOST_CONTAINERS = 60;

    private static final Pattern PRICE = Pattern.compile(
            "(?<=[\\s,@€$£])[€$£]?\\s*(\\d{1,6}[.,]\\d{1,2}|(?<=[€$£])\\d{1,6}|\\d{1,6}(?=\\s*(?:€|eur\\b)))\\s*(?:€|eur\\b)?\\s*(each|/\\s*kg|a kilo|/\\s*l)?\\s*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FOR = Pattern.compile("\\s+for\\s+(\\d{1,3})\\s*$", Pattern.CASE_INSENSITIVE);
    private static final Pattern TRAILING = Pattern.compile("[\\s,@€$£]+$");

    private final LineReader lines;
    private final Currency currency;
    private final Measures measures;
    private final NoteDates dates;

    /** @param today in the household's zone; a month without a year is its latest past one */
    public NoteReader(FoodBook foods, Currency currency, Measures measures, LocalDate today) {
        this.lines = new LineReader(foods);
        this.currency = currency;
        this.measures = measures;
        this.dates = new NoteDates(today);
    }

    /** @throws IllegalArgumentException with the reason, in the cook's words, when the line cannot be stock */
    public NoteLine read(String typed) {
        String text = Blanks.single(typed);
        if (text.length() > LineReader.LONGEST) {
            throw new NotAnAmount(
                    "this line has " + text.length() + " characters; " + LineReader.LONGEST + " is the most");
        }
        Matcher priced = PRICE.matcher(text);
        boolean hasPrice = priced.find();
        String rest = hasPrice ? trimmed(text.substring(0, priced.start())) : text;
        NoteDates.Found dated = dates.atEndOf(rest);
        rest = trimmed(dated.rest());
        Matcher portions = FOR.matcher(rest);
        if (portions.find()) {
            Money price = hasPrice ? Money.parse(priced.group(1), currency) : null;
            return dish(text, rest, portions, price, dated.date());
        }
        ReadLine line = lines.read(rest);
        int count = line.packs() == null ? 1 : whole(line.packs().count());
        Amount each = line.packs() != null
                ? line.packs().each()
                : line.quantity() == null ? null : line.quantity().max();
        if (each != null && each.value().isZero()) {
            throw new NotAnAmount("an amount of nothing is no stock: “" + text + "”");
        }
        Money price = hasPrice ? price(priced, count, each) : null;
        return new NoteLine(
                text, count, each, line.foodName(), line.food(), line.preparation(), price, dated.date(), false);
    }

    private NoteLine dish(String text, String rest, Matcher portions, @Nullable Money price, @Nullable LocalDate date) {
        String head = rest.substring(0, portions.start());
        Optional<Reading> reading = AmountReader.read(head);
        int count = reading.map(r -> whole(r.quantity().max().value())).orElse(1);
        String name = reading.map(Reading::rest).orElse(head).strip();
        int each = Integer.parseInt(portions.group(1));
        if (name.isEmpty() || each == 0) {
            throw new NotAnAmount("“" + text + "” names no dish; write it like 2 bolognese for 6");
        }
        return new NoteLine(text, count, Amount.of(each, Unit.PORTION), name, null, "", price, date, true);
    }

    private Money price(Matcher priced, int count, @Nullable Amount each) {
        Money written = Money.parse(priced.group(1), currency);
        String per = priced.group(2);
        if (per == null) {
            return written;
        }
        if (per.equalsIgnoreCase("each")) {
            Rational times = each != null && each.unit().equals(Unit.PIECE) ? each.value() : Rational.of(count);
            return Money.rounded(written.exact().times(times), currency);
        }
        Amount whole = each == null ? null : measures.toBase(each).times(Rational.of(count));
        Unit unit = per.contains("l") && !per.contains("k") ? Unit.ML : Unit.G;
        if (whole == null || !whole.unit().equals(unit)) {
            throw new NotAnAmount(
                    "a price " + per + " needs the amount in " + (unit.equals(Unit.G) ? "kg or g" : "l or ml"));
        }
        return UnitPrice.of(written, Amount.of(1000, unit)).of(whole.value());
    }

    private static int whole(Rational count) {
        if (!count.isWhole() || count.signum() <= 0 || count.compareTo(Rational.of(MOST_CONTAINERS)) > 0) {
            throw new NotAnAmount(
                    "containers are counted in whole numbers from 1 to " + MOST_CONTAINERS + ", not " + count.plain());
        }
        return count.numerator().intValueExact();
    }

    private static String trimmed(String text) {
        return TRAILING.matcher(text).replaceFirst("");
    }
}
