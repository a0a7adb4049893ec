package wexilla.core.quantity;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads the amount at the beginning of what a cook typed: {@code 1 1/2 cups}, {@code 1½}, {@code 2-3 tbsp},
 * {@code 500g}, {@code 2 x 400 g tins}, {@code 1 tin (400 g)}, {@code 1 lb 6 oz}, {@code half a}, {@code a pinch},
 * decimal comma or point. A comma before exactly three digits separates thousands before g and ml ({@code 1,500 g})
 * and is a decimal comma otherwise ({@code 1,250 kg}).
 */
public final class AmountReader {

    /**
     * What was read.
     *
     * @param packs how many packs of what each, when it was written so; the quantity is their total
     * @param rest the text behind the amount, trimmed
     * @param bare true when only a number stood there, so that the unit {@code piece} is a reading, not what was written
     */
    public record Reading(Quantity quantity, @Nullable Packs packs, String rest, boolean bare) {}

    /** Several packs of one size: {@code 2 x 400 g tins}; the container only when it was written. */
    public record Packs(
            Rational count, Amount each, @Nullable Unit container) {}

    private static final Pattern RANGE = Pattern.compile("\\s*(?:-|–|—|\\bto\\b)\\s*(?=[\\d½⅓⅔¼¾⅛⅜⅝⅞⅕⅙])");
    private static final Pattern TIMES = Pattern.compile("\\s*[x×*]\\s*(?=[\\d½⅓⅔¼¾])", Pattern.CASE_INSENSITIVE);
    static final Pattern WORD = Pattern.compile("\\s*(\\p{L}+\\.?)");
    private static final Pattern BRACKET = Pattern.compile("\\s*\\(\\s*([^()]*)\\)");

    private final Cursor cursor;

    private AmountReader(String text) {
        this.cursor = new Cursor(text);
    }

    /**
     * @return what was read; empty when the text does not begin with an amount
     * @throws NotAnAmount if it begins with a number that cannot be an amount: negative, beyond a thousand million,
     *     divided by zero, a range that runs backwards
     */
    public static Optional<Reading> read(String text) {
        AmountReader reader = new AmountReader(text.strip());
        try {
            return reader.reading();
        } catch (NotAnAmount problem) {
            throw problem;
        } catch (IllegalArgumentException | ArithmeticException problem) {
            throw new NotAnAmount(String.valueOf(problem.getMessage()));
        }
    }

    private Optional<Reading> reading() {
        if (cursor.text().matches("(?s)[-−–]\\s*\\d.*")) {
            throw new NotAnAmount("an amount cannot be below zero: “" + cursor.firstWords() + "”");
        }
        NumberReader.Number first = NumberReader.read(cursor);
        if (first == null) {
            return Optional.empty();
        }
        if (cursor.accept(TIMES)) {
            return Optional.of(packs(first));
        }
        NumberReader.Number last = cursor.accept(RANGE) ? NumberReader.read(cursor) : null;
        Unit unit = unit();
        boolean bare = unit == null;
        Unit written = unit == null ? Unit.PIECE : unit;
        Amount min = Amount.of(first.in(written), written);
        if (last != null) {
            Amount max = Amount.of(last.in(written), written);
            return Optional.of(new Reading(new Quantity(min, max), null, cursor.rest(), bare));
        }
        return Optional.of(followed(min, bare));
    }

    /** "400 g tins" behind "2 x". */
    private Reading packs(NumberReader.Number count) {
        NumberReader.Number size = NumberReader.read(cursor);
        Unit unit = unit();
        if (size == null || unit == null || unit.dimension() == Dimension.COUNT) {
            throw new NotAnAmount(
                    "“" + cursor.firstWords() + "” needs a unit after the size of one, such as 2 x 400 g");
        }
        int before = cursor.at();
        Unit container = unit();
        if (container == null || container.dimension() != Dimension.COUNT) {
            cursor.moveTo(before);
            container = null;
        }
        return packsOf(count.plain(), Amount.of(size.in(unit), unit), container);
    }

    private Reading packsOf(Rational count, Amount each, @Nullable Unit container) {
        return new Reading(Quantity.of(each.times(count)), new Packs(count, each, container), cursor.rest(), false);
    }

    /** A second amount directly behind the first: "1 lb 6 oz", "1 tin 400 g", "1 tin (400 g)". */
    private Reading followed(Amount first, boolean bare) {
        if (bare) {
            return new Reading(Quantity.of(first), null, cursor.rest(), true);
        }
        int before = cursor.at();
        NumberReader.Number number = NumberReader.read(cursor);
        Unit unit = number == null || number.word() ? null : unit();
        if (number != null && unit != null && unit.dimension() != Dimension.COUNT) {
            Amount second = Amount.of(number.in(unit), unit);
            if (first.unit().dimension() == Dimension.COUNT) {
                return packsOf(first.value(), second, first.unit());
            }
            if (first.unit().dimension() == unit.dimension() && !first.unit().equals(unit)) {
                return new Reading(Quantity.of(together(first, second)), null, cursor.rest(), false);
            }
        }
        cursor.moveTo(before);
        Matcher bracket = cursor.matcher(BRACKET);
        if (first.unit().dimension() == Dimension.COUNT && bracket.lookingAt()) {
            Optional<Reading> inside = read(bracket.group(1));
            if (inside.isPresent()
                    && inside.get().rest().isEmpty()
                    && !inside.get().bare()) {
                cursor.moveTo(bracket.end());
                return packsOf(first.value(), inside.get().quantity().max(), first.unit());
            }
        }
        return new Reading(Quantity.of(first), null, cursor.rest(), false);
    }

    /** Both in the smaller unit, whose factor to the larger does not depend on the household's cup. */
    private static Amount together(Amount first, Amount second) {
        Rational ratio = Measures.US.factor(first.unit()).dividedBy(Measures.US.factor(second.unit()));
        return Amount.of(first.value().times(ratio).plus(second.value()), second.unit());
    }

    private @Nullable Unit unit() {
        Matcher two = cursor.matcher(Pattern.compile(
                "\\s*(fl\\.? ?oz\\.?|fluid ounces?|imperial pints?)(?![\\p{L}])", Pattern.CASE_INSENSITIVE));
        if (two.lookingAt()) {
            cursor.moveTo(two.end());
            return two.group(1).toLowerCase(java.util.Locale.ROOT).startsWith("imp") ? Unit.IMPERIAL_PINT : Unit.FL_OZ;
        }
        Matcher word = cursor.matcher(WORD);
        if (!word.lookingAt()) {
            return null;
        }
        Optional<Unit> unit = Unit.parse(word.group(1));
        unit.ifPresent(found -> cursor.moveTo(word.end()));
        return unit.orElse(null);
    }
}
