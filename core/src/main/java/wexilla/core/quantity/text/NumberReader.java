package wexilla.core.quantity.text;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Reads one number: {@code 2}, {@code 0,5}, {@code .5}, {@code 1,500}, {@code 1 1/2}, {@code 1-1/2}, {@code 1½},
 * {@code 1 and a half}, {@code half a}, {@code three quarters of a}, {@code two}, {@code a dozen}, {@code a couple of}.
 */
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
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("couple", 2),
            Map.entry("dozen", 12));
    private static final Map<String, Rational> PARTS = Map.of(
            "half", Rational.of(1, 2),
            "third", Rational.of(1, 3),
            "thirds", Rational.of(1, 3),
            "quarter", Rational.of(1, 4),
            "quarters", Rational.of(1, 4),
            "fourth", Rational.of(1, 4),
            "fourths", Rational.of(1, 4),
            "eighth", Rational.of(1, 8),
            "eighths", Rational.of(1, 8));
    /** Behind "a" these say that nobody counted. */
    private static final Set<String> VAGUE = Set.of("little", "few", "bit", "lot", "touch", "tad");

    private static final Pattern DIGITS = Pattern.compile("\\d+(?:[.,]\\d+)*|\\.\\d+");
    private static final Pattern FRACTION =
            Pattern.compile("(?:\\s+|\\s*&\\s*|\\s+and\\s+)?(\\d{1,4})\\s*[/⁄]\\s*(\\d{1,4})(?!\\d)");
    private static final Pattern SLASH = Pattern.compile("\\s*[/⁄]\\s*(\\d{1,4})(?!\\d)");
    /** "1-1/2": a fraction below one behind a hyphen belongs to the number; "1/4-1/2" and "1-1½" are ranges. */
    private static final Pattern HYPHENED = Pattern.compile("-([1-7])[/⁄]([2-8])(?!\\d)");

    private static final Pattern AND_PART =
            Pattern.compile("\\s+and\\s+(?:a|one)\\s+(half|third|quarter|fourth|eighth)\\b");
    private static final Pattern DOZEN = Pattern.compile("\\s+(?:dozen\\b|doz\\b\\.?)");
    private static final Pattern PART = Pattern.compile("\\s+(half|thirds?|quarters?|fourths?|eighths?)\\b");
    private static final Pattern OF_A = Pattern.compile("\\s+(?:of\\s+)?(?:an?|the)\\b|\\s+of\\b");
    private static final Pattern COUPLE = Pattern.compile("\\s+couple(?:\\s+of)?\\b");
    private static final Pattern EXPONENT = Pattern.compile("[eE][+-]?\\d");

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
        char next = cursor.next();
        if (VULGAR.containsKey(next)) {
            return new Number(vulgar(cursor), null, false);
        }
        if (Character.isLetter(next)) {
            return word(cursor);
        }
        if (!Character.isDigit(next) && next != '.') {
            return null;
        }
        Matcher digits = cursor.matcher(DIGITS);
        return digits.lookingAt() ? digitsAt(cursor, digits) : null;
    }

    private static Number digitsAt(Cursor cursor, Matcher digits) {
        String written = digits.group();
        if (written.length() > 20) {
            throw new NotAnAmount("“" + written.substring(0, 12) + "…” is too long for an amount");
        }
        cursor.moveTo(digits.end());
        if (cursor.matcher(EXPONENT).lookingAt()) {
            throw new NotAnAmount(
                    "“" + cursor.firstWords() + "” is no amount a kitchen knows; write it in plain figures");
        }
        if (written.length() <= 4 && written.indexOf(',') < 0 && written.indexOf('.') < 0) {
            Matcher slash = cursor.matcher(SLASH);
            if (slash.lookingAt()) {
                cursor.moveTo(slash.end());
                return new Number(fractionOf(written, slash.group(1)), null, false);
            }
        }
        Rational value = decimal(written);
        Rational thousands = thousands(written);
        for (Pattern pattern : new Pattern[] {HYPHENED, FRACTION}) {
            Matcher mixed = cursor.matcher(pattern);
            if (mixed.lookingAt()) {
                Rational part = fractionOf(mixed.group(1), mixed.group(2));
                if (value.isWhole() && part.compareTo(Rational.ONE) < 0) {
                    cursor.moveTo(mixed.end());
                    return new Number(value.plus(part), null, false);
                }
            }
        }
        int before = cursor.at();
        cursor.skipSpace();
        if (VULGAR.containsKey(cursor.next())) {
            return new Number(value.plus(vulgar(cursor)), null, false);
        }
        cursor.moveTo(before);
        return new Number(counted(cursor, value), thousands, false);
    }

    private static @Nullable Rational thousands(String written) {
        int comma = written.indexOf(',');
        boolean parted = comma > 0 && comma <= 3 && (written.length() - comma) % 4 == 0 && written.indexOf('.') < 0;
        return parted ? decimal(written.replace(",", "")) : null;
    }

    /** "2 dozen", "1 and a half". */
    private static Rational counted(Cursor cursor, Rational value) {
        if (cursor.accept(DOZEN)) {
            return value.times(Rational.of(12));
        }
        Matcher part = cursor.matcher(AND_PART);
        if (part.lookingAt()) {
            cursor.moveTo(part.end());
            return value.plus(Objects.requireNonNull(PARTS.get(part.group(1))));
        }
        return value;
    }

    private static @Nullable Number word(Cursor cursor) {
        int before = cursor.at();
        String name = cursor.word();
        Rational part = PARTS.get(name);
        if (part != null && !name.endsWith("s")) {
            return part(cursor, part);
        }
        Integer value = WORDS.get(name);
        if (value == null) {
            cursor.moveTo(before);
            return null;
        }
        if (name.startsWith("a")) {
            if (cursor.accept(COUPLE)) {
                return new Number(Rational.of(2), null, true);
            }
            int behind = cursor.at();
            cursor.skipSpace();
            boolean vague = VAGUE.contains(cursor.word());
            cursor.moveTo(vague ? before : behind);
            if (vague) {
                return null;
            }
        }
        Matcher parts = cursor.matcher(PART);
        if (parts.lookingAt()) {
            cursor.moveTo(parts.end());
            return part(cursor, Rational.of(value).times(Objects.requireNonNull(PARTS.get(parts.group(1)))));
        }
        return new Number(counted(cursor, Rational.of(value)), null, true);
    }

    /** "half a", "quarter of a", "half a dozen". */
    private static Number part(Cursor cursor, Rational part) {
        cursor.accept(OF_A);
        boolean dozen = cursor.accept(DOZEN);
        return new Number(dozen ? part.times(Rational.of(12)) : part, null, true);
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
