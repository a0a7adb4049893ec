package wexilla.core.quantity;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads one number: {@code 2}, {@code 0,5}, {@code 1,500}, {@code 1 1/2}, {@code 1½}, {@code half a}, {@code two}. */
final class NumberReader {

    private static final Set<Unit> SMALL = Set.of(Unit.G, Unit.ML);
    private static final Map<Character, Rational> VULGAR = Map.ofEntries(
            Map.entry('½', Rational.of(1, 2)),
            Map.entry('⅓', Rational.of(1, 3)),
            Map.entry('⅔', Rational.of(2, 3)),
            Map.entry('¼', Rational.of(1, 4)),
            Map.entry('¾', Rational.of(3, 4)),
            Map.entry('⅛', Rational.of(1, 8)),
            Map.entry('⅜', Rational.of(3, 8)),
            Map.entry('⅝', Rational.of(5, 8)),
            Map.entry('⅞', Rational.of(7, 8)),
            Map.entry('⅕', Rational.of(1, 5)),
            Map.entry('⅙', Rational.of(1, 6)));
    private static final Map<String, Integer> WORDS = Map.ofEntries(
            Map.entry("a", 1),
            Map.entry("an", 1),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("dozen", 12),
            Map.entry("twelve", 12));
    private static final Pattern DIGITS = Pattern.compile("\\d+(?:[.,]\\d+)*");
    private static final Pattern FRACTION = Pattern.compile("\\s*(\\d{1,4})\\s*[/⁄]\\s*(\\d{1,4})");
    private static final Pattern SLASH = Pattern.compile("\\s*[/⁄]\\s*(\\d{1,4})");

    private NumberReader() {}

    /** As read, and as it would be if its comma parted thousands. */
    record Number(Rational asDecimal, @Nullable Rational asThousands, boolean word) {
        Rational plain() {
            return asDecimal;
        }

        Rational in(Unit unit) {
            return asThousands != null && SMALL.contains(unit) ? asThousands : asDecimal;
        }
    }

    /** The number at the cursor, which moves behind it; null when there is none. */
    static @Nullable Number read(Cursor cursor) {
        cursor.skipSpace();
        if (VULGAR.containsKey(cursor.next())) {
            return new Number(vulgar(cursor), null, false);
        }
        Matcher fraction = cursor.matcher(FRACTION);
        if (fraction.lookingAt()) {
            cursor.moveTo(fraction.end());
            return new Number(fractionOf(fraction.group(1), fraction.group(2)), null, false);
        }
        Matcher digits = cursor.matcher(DIGITS);
        return digits.lookingAt() ? digitsAt(cursor, digits) : word(cursor);
    }

    private static Number digitsAt(Cursor cursor, Matcher digits) {
        String written = digits.group();
        if (written.length() > 20) {
            throw new NotAnAmount("“" + written.substring(0, 12) + "…” is too long for an amount");
        }
        cursor.moveTo(digits.end());
        if (cursor.matcher(Pattern.compile("[eE][+-]?\\d")).lookingAt()) {
            throw new NotAnAmount(
                    "“" + cursor.firstWords() + "” is no amount a kitchen knows; write it in plain figures");
        }
        Matcher slash = cursor.matcher(SLASH);
        if (slash.lookingAt() && written.indexOf(',') < 0 && written.indexOf('.') < 0) {
            cursor.moveTo(slash.end());
            return new Number(fractionOf(written, slash.group(1)), null, false);
        }
        Rational value = decimal(written);
        Rational thousands = written.matches("\\d{1,3}(?:,\\d{3})+") ? decimal(written.replace(",", "")) : null;
        Matcher mixed = cursor.matcher(FRACTION);
        if (mixed.lookingAt()) {
            cursor.moveTo(mixed.end());
            return new Number(value.plus(fractionOf(mixed.group(1), mixed.group(2))), null, false);
        }
        int before = cursor.at();
        cursor.skipSpace();
        if (VULGAR.containsKey(cursor.next())) {
            return new Number(value.plus(vulgar(cursor)), null, false);
        }
        cursor.moveTo(before);
        return new Number(value, thousands, false);
    }

    private static @Nullable Number word(Cursor cursor) {
        Matcher word = cursor.matcher(AmountReader.WORD);
        if (!word.lookingAt()) {
            return null;
        }
        String name = word.group(1).toLowerCase(Locale.ROOT);
        if (name.equals("half")) {
            cursor.moveTo(word.end());
            Matcher article = cursor.matcher(Pattern.compile("\\s+an?\\b"));
            if (article.lookingAt()) {
                cursor.moveTo(article.end());
            }
            return new Number(Rational.of(1, 2), null, true);
        }
        Integer value = WORDS.get(name);
        if (value == null) {
            return null;
        }
        cursor.moveTo(word.end());
        return new Number(Rational.of(value), null, true);
    }

    private static Rational vulgar(Cursor cursor) {
        return Objects.requireNonNull(VULGAR.get(cursor.take()));
    }

    private static Rational fractionOf(String numerator, String denominator) {
        if (Long.parseLong(denominator) == 0) {
            throw new NotAnAmount("“" + numerator + "/" + denominator + "” divides by zero");
        }
        return Rational.of(Long.parseLong(numerator), Long.parseLong(denominator));
    }

    private static Rational decimal(String written) {
        String pointed = written.replace(',', '.');
        if (pointed.indexOf('.') != pointed.lastIndexOf('.')) {
            throw new NotAnAmount("“" + written + "” has two decimal points");
        }
        return Rational.of(new BigDecimal(pointed));
    }
}
