package wexilla.core.quantity;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
    private static final Pattern RANGE = Pattern.compile("\\s*(?:-|–|—|\\bto\\b)\\s*(?=[\\d½⅓⅔¼¾⅛⅜⅝⅞⅕⅙])");
    private static final Pattern TIMES = Pattern.compile("\\s*[x×*]\\s*(?=[\\d½⅓⅔¼¾])", Pattern.CASE_INSENSITIVE);
    private static final Pattern WORD = Pattern.compile("\\s*(\\p{L}+\\.?)");
    private static final Pattern BRACKET = Pattern.compile("\\s*\\(\\s*([^()]*)\\)");
    private static final Set<Unit> SMALL = Set.of(Unit.G, Unit.ML);

    private final String text;
    private int at;

    private AmountReader(String text) {
        this.text = text;
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
        if (text.matches("(?s)[-−–]\\s*\\d.*")) {
            throw new NotAnAmount("an amount cannot be below zero: “" + firstWords() + "”");
        }
        Number first = number();
        if (first == null) {
            return Optional.empty();
        }
        if (accept(TIMES)) {
            return Optional.of(packs(first));
        }
        Number last = accept(RANGE) ? number() : null;
        Unit unit = unit();
        boolean bare = unit == null;
        Unit written = unit == null ? Unit.PIECE : unit;
        Amount min = Amount.of(first.in(written), written);
        if (last != null) {
            Amount max = Amount.of(last.in(written), written);
            return Optional.of(new Reading(new Quantity(min, max), null, rest(), bare));
        }
        return Optional.of(followed(min, bare));
    }

    /** "400 g tins" behind "2 x". */
    private Reading packs(Number count) {
        Number size = number();
        Unit unit = unit();
        if (size == null || unit == null || unit.dimension() == Dimension.COUNT) {
            throw new NotAnAmount("“" + firstWords() + "” needs a unit after the size of one, such as 2 x 400 g");
        }
        int before = at;
        Unit container = unit();
        if (container == null || container.dimension() != Dimension.COUNT) {
            at = before;
            container = null;
        }
        return packsOf(count.plain(), Amount.of(size.in(unit), unit), container);
    }

    private Reading packsOf(Rational count, Amount each, @Nullable Unit container) {
        return new Reading(Quantity.of(each.times(count)), new Packs(count, each, container), rest(), false);
    }

    /** A second amount directly behind the first: "1 lb 6 oz", "1 tin 400 g", "1 tin (400 g)". */
    private Reading followed(Amount first, boolean bare) {
        if (bare) {
            return new Reading(Quantity.of(first), null, rest(), true);
        }
        int before = at;
        Number number = number();
        Unit unit = number == null || number.word ? null : unit();
        if (number != null && unit != null && unit.dimension() != Dimension.COUNT) {
            Amount second = Amount.of(number.in(unit), unit);
            if (first.unit().dimension() == Dimension.COUNT) {
                return packsOf(first.value(), second, first.unit());
            }
            if (first.unit().dimension() == unit.dimension() && !first.unit().equals(unit)) {
                return new Reading(Quantity.of(together(first, second)), null, rest(), false);
            }
        }
        at = before;
        Matcher bracket = matcher(BRACKET);
        if (first.unit().dimension() == Dimension.COUNT && bracket.lookingAt()) {
            Optional<Reading> inside = read(bracket.group(1));
            if (inside.isPresent()
                    && inside.get().rest().isEmpty()
                    && !inside.get().bare()) {
                at = bracket.end();
                return packsOf(first.value(), inside.get().quantity().max(), first.unit());
            }
        }
        return new Reading(Quantity.of(first), null, rest(), false);
    }

    /** Both in the smaller unit, whose factor to the larger does not depend on the household's cup. */
    private static Amount together(Amount first, Amount second) {
        Rational ratio = Measures.US.factor(first.unit()).dividedBy(Measures.US.factor(second.unit()));
        return Amount.of(first.value().times(ratio).plus(second.value()), second.unit());
    }

    private record Number(Rational asDecimal, @Nullable Rational asThousands, boolean word) {
        Rational plain() {
            return asDecimal;
        }

        Rational in(Unit unit) {
            return asThousands != null && SMALL.contains(unit) ? asThousands : asDecimal;
        }
    }

    private @Nullable Number number() {
        skipSpace();
        if (at < text.length() && VULGAR.containsKey(text.charAt(at))) {
            return new Number(vulgar(), null, false);
        }
        Matcher fraction = matcher(FRACTION);
        if (fraction.lookingAt()) {
            at = fraction.end();
            return new Number(fractionOf(fraction.group(1), fraction.group(2)), null, false);
        }
        Matcher digits = matcher(DIGITS);
        return digits.lookingAt() ? digitsAt(digits) : word();
    }

    private Number digitsAt(Matcher digits) {
        String written = digits.group();
        if (written.length() > 20) {
            throw new NotAnAmount("“" + written.substring(0, 12) + "…” is too long for an amount");
        }
        at = digits.end();
        if (matcher(Pattern.compile("[eE][+-]?\\d")).lookingAt()) {
            throw new NotAnAmount("“" + firstWords() + "” is no amount a kitchen knows; write it in plain figures");
        }
        Matcher slash = matcher(SLASH);
        if (slash.lookingAt() && written.indexOf(',') < 0 && written.indexOf('.') < 0) {
            at = slash.end();
            return new Number(fractionOf(written, slash.group(1)), null, false);
        }
        Rational value = decimal(written);
        Rational thousands = written.matches("\\d{1,3}(?:,\\d{3})+") ? decimal(written.replace(",", "")) : null;
        Matcher mixed = matcher(FRACTION);
        if (mixed.lookingAt()) {
            at = mixed.end();
            return new Number(value.plus(fractionOf(mixed.group(1), mixed.group(2))), null, false);
        }
        int before = at;
        skipSpace();
        if (at < text.length() && VULGAR.containsKey(text.charAt(at))) {
            return new Number(value.plus(vulgar()), null, false);
        }
        at = before;
        return new Number(value, thousands, false);
    }

    private @Nullable Number word() {
        Matcher word = matcher(WORD);
        if (!word.lookingAt()) {
            return null;
        }
        String name = word.group(1).toLowerCase(java.util.Locale.ROOT);
        if (name.equals("half")) {
            at = word.end();
            Matcher article = matcher(Pattern.compile("\\s+an?\\b"));
            at = article.lookingAt() ? article.end() : at;
            return new Number(Rational.of(1, 2), null, true);
        }
        Integer value = WORDS.get(name);
        if (value == null) {
            return null;
        }
        at = word.end();
        return new Number(Rational.of(value), null, true);
    }

    private @Nullable Unit unit() {
        Matcher two = matcher(Pattern.compile(
                "\\s*(fl\\.? ?oz\\.?|fluid ounces?|imperial pints?)(?![\\p{L}])", Pattern.CASE_INSENSITIVE));
        if (two.lookingAt()) {
            at = two.end();
            return two.group(1).toLowerCase(java.util.Locale.ROOT).startsWith("imp") ? Unit.IMPERIAL_PINT : Unit.FL_OZ;
        }
        Matcher word = matcher(WORD);
        if (!word.lookingAt()) {
            return null;
        }
        Optional<Unit> unit = Unit.parse(word.group(1));
        unit.ifPresent(found -> at = word.end());
        return unit.orElse(null);
    }

    private Rational vulgar() {
        return java.util.Objects.requireNonNull(VULGAR.get(text.charAt(at++)));
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
        return Rational.of(new java.math.BigDecimal(pointed));
    }

    private boolean accept(Pattern pattern) {
        Matcher matcher = matcher(pattern);
        if (!matcher.lookingAt()) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    private Matcher matcher(Pattern pattern) {
        return pattern.matcher(text).region(at, text.length()).useTransparentBounds(true);
    }

    private void skipSpace() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    private String rest() {
        return text.substring(at).strip();
    }

    private String firstWords() {
        return text.length() > 24 ? text.substring(0, 24) + "…" : text;
    }
}
