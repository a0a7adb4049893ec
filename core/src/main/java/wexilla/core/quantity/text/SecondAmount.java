package wexilla.core.quantity.text;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/** A second amount beside a first: "1 lb 6 oz", "1/4 cup + 1 tbsp", "1 cup minus 1 tbsp". */
final class SecondAmount {

    private static final Pattern EACH = Pattern.compile("\\s*\\beach\\b\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern AND_MORE = Pattern.compile("\\s*(?:\\+|\\bplus\\b|\\band\\b|&)\\s*(?=[\\d½⅓⅔¼¾])");
    private static final Pattern MINUS =
            Pattern.compile("\\s*(?:\\bminus\\b|\\bless\\b)\\s*(?=[\\d½⅓⅔¼¾⅛])", Pattern.CASE_INSENSITIVE);

    private static final Pattern TO = Pattern.compile("\\s*(?:-|–|—|\\bto\\b)\\s*(?=[\\d½⅓⅔¼¾])");

    private SecondAmount() {}

    /** "1 cup minus 1 tbsp", in the unit of what is taken off; null when nothing is. */
    static @Nullable Amount takenOff(Cursor cursor, Quantity first) {
        int before = cursor.at();
        if (cursor.accept(MINUS)) {
            NumberReader.Number number = NumberReader.read(cursor);
            Unit unit = number == null ? null : UnitReader.read(cursor);
            if (number != null
                    && unit != null
                    && unit.dimension() == first.unit().dimension()) {
                Rational whole = together(first.max(), Amount.of(0, unit)).value();
                if (whole.compareTo(number.in(unit)) > 0) {
                    return Amount.of(whole.minus(number.in(unit)), unit);
                }
            }
        }
        cursor.moveTo(before);
        return null;
    }

    /** A second amount directly behind the first: "6 oz" behind "1 lb", "400 g" behind "1 tin". */
    static @Nullable Amount behind(Cursor cursor, Unit first) {
        int before = cursor.at();
        cursor.accept(AND_MORE);
        NumberReader.Number number = NumberReader.read(cursor);
        Unit unit = number == null || number.word() ? null : UnitReader.read(cursor);
        boolean counted = first.dimension() == Dimension.COUNT;
        if (number != null
                && unit != null
                && !unit.equals(first)
                && (counted ? unit.dimension() != Dimension.COUNT : unit.dimension() == first.dimension())) {
            return Amount.of(number.in(unit), unit);
        }
        cursor.moveTo(before);
        return null;
    }

    /** A range whose ends have units of their own: "750 g–1 kg"; null when none follows, or it runs backwards. */
    static @Nullable Quantity upTo(Cursor cursor, Amount least) {
        int before = cursor.at();
        if (cursor.accept(TO)) {
            NumberReader.Number number = NumberReader.read(cursor);
            Unit unit = number == null ? null : UnitReader.read(cursor);
            boolean alike = unit != null
                    && !unit.equals(least.unit())
                    && unit.dimension() == least.unit().dimension();
            if (number != null && unit != null && alike) {
                Amount first = together(least, Amount.of(0, unit));
                if (first.value().compareTo(number.in(unit)) < 0) {
                    return new Quantity(first, Amount.of(number.in(unit), unit));
                }
            }
        }
        cursor.moveTo(before);
        return null;
    }

    /** Both in the smaller unit, whose factor to the larger does not depend on the household's cup. */
    static Amount together(Amount first, Amount second) {
        Rational ratio = Measures.US.factor(first.unit()).dividedBy(Measures.US.factor(second.unit()));
        return Amount.of(first.value().times(ratio).plus(second.value()), second.unit());
    }

    static void requireNotNegative(Cursor cursor) {
        String text = cursor.text();
        int digit = 1;
        while (digit < text.length() && Character.isWhitespace(text.charAt(digit))) {
            digit++;
        }
        if (digit < text.length() && "-−–".indexOf(text.charAt(0)) >= 0 && Character.isDigit(text.charAt(digit))) {
            throw new NotAnAmount("an amount cannot be below zero: “" + cursor.firstWords() + "”");
        }
    }

    /** The size in a bracket and nothing else: "(400 g)", "(3 to 4 pound)", "(400 g each)", "(each 400 g)". */
    static @Nullable Quantity inBracket(String inside) {
        String size = EACH.matcher(inside).replaceAll(" ").strip();
        return AmountReader.read(size)
                .filter(found -> found.rest().isEmpty()
                        && !found.bare()
                        && found.said().isEmpty()
                        && found.quantity().unit().dimension() != Dimension.COUNT)
                .map(AmountReader.Reading::quantity)
                .orElse(null);
    }
}
