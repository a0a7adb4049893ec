package wexilla.core.quantity.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Quantity;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * Reads the amount at the beginning of what a cook typed: {@code 1 1/2 cups}, {@code 1½}, {@code 2-3 tbsp},
 * {@code 500g}, {@code 2 x 400 g tins}, {@code 1 (14 oz) can}, {@code one 3-4 lb}, {@code 1 tin (400 g)},
 * {@code 1 lb 6 oz}, {@code 1 cup plus 2 tbsp}, {@code 250 g/9 oz}, {@code half a}, {@code a good pinch},
 * {@code about 2 heaped tbsp}, decimal comma or point. A comma before exactly three digits separates thousands before g
 * and ml ({@code 1,500 g}) and is a decimal comma otherwise ({@code 1,250 kg}).
 */
public final class AmountReader {

    /**
     * What was read.
     *
     * @param packs how many packs of what each, when it was written so; the quantity is their total
     * @param said words in and before the amount that do not change it: "about", "heaped"
     * @param again the same amount said in other measures: "9 oz"
     * @param rest the text behind the amount, trimmed
     * @param bare true when only a number stood there, so that the unit {@code piece} is a reading, not what was written
     */
    public record Reading(
            Quantity quantity,
            @Nullable Packs packs,
            List<String> said,
            List<String> again,
            String rest,
            boolean bare) {

        public Reading {
            said = List.copyOf(said);
            again = List.copyOf(again);
        }

        /** The same without a container: what was taken for one begins the name behind it. */
        public Reading withoutPacks() {
            return new Reading(quantity, null, said, again, rest, bare);
        }
    }

    private static final Pattern RANGE = Pattern.compile("\\s*-?\\s*(?:-|–|—|\\bto\\b)\\s*(?=[\\d½⅓⅔¼¾⅛⅜⅝⅞⅕⅙])");
    private static final Pattern OR_SO_MANY =
            Pattern.compile("\\s+or\\s+(?=\\d|(?:two|three|four|five|six|seven|eight|nine|ten)\\b)");
    private static final Pattern AND = Pattern.compile("\\s*(?:and|&)\\s*(?=[\\d½⅓⅔¼¾])");
    private static final Pattern BETWEEN = Pattern.compile("between\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES =
            Pattern.compile("\\s*[x×*]\\s*(?=[\\d½⅓⅔¼¾]|about\\s)", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES_FOOD = Pattern.compile("\\s*[x×]\\s+(?=\\p{L})", Pattern.CASE_INSENSITIVE);
    private static final Pattern BRACKET = Pattern.compile("\\s*\\(\\s*([^()]*)\\)");
    private static final Pattern EACH = Pattern.compile("\\s*\\beach\\b\\s*", Pattern.CASE_INSENSITIVE);
    private static final Pattern SAID_AGAIN = Pattern.compile("\\s*/\\s*(?=[\\d½⅓⅔¼¾])");
    private static final Pattern AND_PART = Pattern.compile("\\s+and\\s+an?\\s+(half|quarter|third)\\b");
    private static final Pattern UP_TO =
            Pattern.compile("(?:up to|at most|max\\.?)\\s+(?=\\d)", Pattern.CASE_INSENSITIVE);
    /** "A cup or two of peas"; not "1 tbsp or 2 tsp". */
    private static final Pattern OR_TWO =
            Pattern.compile("\\s+or\\s+(two|three)\\b(?=\\s+of\\b|\\s*$|,)", Pattern.CASE_INSENSITIVE);

    private static final Pattern GLUED = Pattern.compile("(\\d)(\\p{L})");
    private static final Pattern ABOUT = Pattern.compile(
            "~\\s*|(?:about|approximately|approx\\.?|around|roughly|circa|ca\\.?|nearly|almost|at least)\\s+",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> ONE_IS_MEANT = Set.of(
            "pinch", "handful", "knob", "dash", "splash", "drizzle", "squeeze", "glug", "bunch", "thumb", "sprig");

    private final Cursor cursor;
    private final List<String> said = new ArrayList<>();
    private final List<String> again = new ArrayList<>();
    private boolean upTo;

    private AmountReader(String text) {
        this.cursor = new Cursor(text);
    }

    /**
     * @return what was read; empty when the text does not begin with an amount
     * @throws NotAnAmount if it begins with a number that cannot be an amount: negative, beyond a thousand million,
     *     divided by zero, a range that runs backwards
     */
    public static Optional<Reading> read(String text) {
        AmountReader reader = new AmountReader(Blanks.single(text));
        try {
            return Optional.ofNullable(reader.reading());
        } catch (NotAnAmount problem) {
            throw problem;
        } catch (IllegalArgumentException | ArithmeticException problem) {
            throw new NotAnAmount(String.valueOf(problem.getMessage()));
        }
    }

    private @Nullable Reading reading() {
        SecondAmount.requireNotNegative(cursor);
        boolean between = cursor.accept(BETWEEN);
        upTo = cursor.accept(UP_TO);
        said(ABOUT);
        UnitReader.manner(cursor, said);
        NumberReader.Number first = NumberReader.read(cursor);
        if (first == null || cursor.next() == '%') {
            return first == null ? uncounted() : null;
        }
        if (cursor.accept(TIMES)) {
            said(ABOUT);
            return packs(first);
        }
        if (cursor.accept(TIMES_FOOD)) {
            return done(Quantity.of(Amount.of(first.plain(), Unit.PIECE)), null, true);
        }
        if (LengthReader.at(cursor)) {
            Unit length = LengthReader.piece(cursor);
            return length == null ? null : done(Quantity.of(Amount.of(first.plain(), length)), null, false);
        }
        NumberReader.Number last = cursor.accept(RANGE) || between && cursor.accept(AND) || cursor.accept(OR_SO_MANY)
                ? NumberReader.read(cursor)
                : null;
        if (last != null && cursor.accept(TIMES)) {
            said(ABOUT);
            return packs(first, last);
        }
        Unit unit = UnitReader.mannered(cursor, said);
        if (last != null && unit != null && unit.dimension() != Dimension.COUNT) {
            Reading tins = countedBeforeADash(first, last, unit);
            if (tins != null) {
                return tins;
            }
        }
        if (unit == null) {
            Reading sized = last == null ? sized(first) : null;
            return sized != null ? sized : done(quantity(first, last, Unit.PIECE), null, true);
        }
        Matcher part = cursor.matcher(AND_PART);
        if (last == null && part.lookingAt()) {
            cursor.moveTo(part.end());
            Rational more = Rational.of(
                    1, part.group(1).equals("half") ? 2 : part.group(1).equals("third") ? 3 : 4);
            return done(Quantity.of(Amount.of(first.in(unit).plus(more), unit)), null, false);
        }
        Matcher more = cursor.matcher(OR_TWO);
        if (last == null && more.lookingAt()) {
            cursor.moveTo(more.end());
            Amount most = Amount.of(more.group(1).equalsIgnoreCase("two") ? 2 : 3, unit);
            return done(new Quantity(Amount.of(first.in(unit), unit), most), null, false);
        }
        return followed(quantity(first, last, unit));
    }

    /** "2 - 15 oz cans" are two of them: nobody sells tins from 2 to 15 oz. */
    private @Nullable Reading countedBeforeADash(NumberReader.Number first, NumberReader.Number last, Unit unit) {
        int before = cursor.at();
        Unit container = first.plain().isWhole() ? UnitReader.container(cursor) : null;
        if (container == null) {
            cursor.moveTo(before);
            return null;
        }
        return packsOf(first.plain(), Quantity.of(Amount.of(last.in(unit), unit)), container);
    }

    private static Quantity quantity(NumberReader.Number first, NumberReader.@Nullable Number last, Unit unit) {
        Amount min = Amount.of(first.in(unit), unit);
        return last == null ? Quantity.of(min) : new Quantity(min, Amount.of(last.in(unit), unit));
    }

    private Reading done(Quantity quantity, @Nullable Packs packs, boolean bare) {
        Quantity whole = upTo ? new Quantity(Amount.of(0, quantity.unit()), quantity.max()) : quantity;
        return new Reading(whole.bounded(), packs, said, again, cursor.rest(), bare);
    }

    private void said(Pattern words) {
        Matcher matcher = cursor.matcher(words);
        if (matcher.lookingAt()) {
            said.add(matcher.group().strip().replace("~", "about"));
            cursor.moveTo(matcher.end());
        }
    }

    /** "pinch of salt", "large handful spinach". */
    private @Nullable Reading uncounted() {
        Unit unit = UnitReader.read(cursor);
        if (unit == null
                || !ONE_IS_MEANT.contains(unit.symbol())
                || cursor.rest().isEmpty()) {
            return null;
        }
        Matcher more = cursor.matcher(OR_TWO);
        if (more.lookingAt()) {
            cursor.moveTo(more.end());
            return done(new Quantity(Amount.of(1, unit), Amount.of(2, unit)), null, false);
        }
        return done(Quantity.of(Amount.of(1, unit)), null, false);
    }

    /** "400 g tins" behind "2 x". */
    private Reading packs(NumberReader.Number count) {
        Reading sized = sized(count);
        if (sized == null) {
            throw new NotAnAmount(
                    "“" + cursor.firstWords() + "” needs a unit after the size of one, such as 2 x 400 g");
        }
        return sized;
    }

    /** "1-2 x 400 g tins". */
    private Reading packs(NumberReader.Number least, NumberReader.Number most) {
        Reading all = packs(most);
        Rational share = least.plain().dividedBy(most.plain());
        Quantity range =
                new Quantity(all.quantity().min().times(share), all.quantity().max());
        return new Reading(range, all.packs(), said, again, all.rest(), false);
    }

    /** A size behind a plain count: "14.5 ounce can" behind "1", "3- to 4-pound" behind "a", "(15 oz) cans". */
    private @Nullable Reading sized(NumberReader.Number count) {
        int before = cursor.at();
        Matcher bracket = cursor.matcher(BRACKET);
        if (bracket.lookingAt()) {
            Quantity each = SecondAmount.inBracket(bracket.group(1));
            if (each != null) {
                cursor.moveTo(bracket.end());
                return packsOf(count.plain(), each, UnitReader.container(cursor));
            }
            return null;
        }
        NumberReader.Number size = NumberReader.read(cursor);
        if (size != null && !size.word()) {
            NumberReader.Number last = cursor.accept(RANGE) ? NumberReader.read(cursor) : null;
            Unit unit = UnitReader.read(cursor);
            if (unit != null && unit.dimension() != Dimension.COUNT) {
                saidAgain();
                return packsOf(count.plain(), quantity(size, last, unit), UnitReader.container(cursor));
            }
        }
        cursor.moveTo(before);
        return null;
    }

    /** "2 sticks (1 cup)": the total of so many pieces. */
    private Reading allOf(Rational count, Quantity total, Unit piece) {
        Amount each = Amount.of(total.max().value().dividedBy(count), total.unit());
        return done(total, new Packs(count, each, piece, true), false);
    }

    private Reading packsOf(Rational count, Quantity each, @Nullable Unit container) {
        Quantity total = new Quantity(each.min().times(count), each.max().times(count));
        return done(total, new Packs(count, each.max(), container), false);
    }

    /** The same amount in other measures behind a stroke: "/9 oz", "/14oz tin". */
    private boolean saidAgain() {
        int before = cursor.at();
        if (cursor.accept(SAID_AGAIN)) {
            int from = cursor.at();
            NumberReader.Number number = NumberReader.read(cursor);
            Unit unit = number == null ? null : UnitReader.read(cursor);
            if (unit != null) {
                SecondAmount.behind(cursor, unit);
                again.add(
                        GLUED.matcher(cursor.text().substring(from, cursor.at()).strip())
                                .replaceAll("$1 $2"));
                return true;
            }
            cursor.moveTo(before);
        }
        return false;
    }

    /** What may stand behind an amount with its unit. */
    private Reading followed(Quantity first) {
        boolean single = first.min().equals(first.max());
        boolean counted = first.unit().dimension() == Dimension.COUNT;
        if (saidAgain()) {
            return done(first, null, false);
        }
        Quantity between = single && !counted ? SecondAmount.upTo(cursor, first.max()) : null;
        if (between != null) {
            return done(between, null, false);
        }
        Amount more = single ? SecondAmount.behind(cursor, first.unit()) : null;
        if (more != null && counted) {
            return packsOf(first.max().value(), Quantity.of(more), first.unit());
        }
        if (more != null && saidAgain()) {
            return done(Quantity.of(SecondAmount.together(first.max(), more)), null, false);
        }
        if (more != null) {
            return done(Quantity.of(SecondAmount.together(first.max(), more)), null, false);
        }
        Matcher bracket = cursor.matcher(BRACKET);
        if (single && counted && bracket.lookingAt()) {
            Quantity size = SecondAmount.inBracket(bracket.group(1));
            if (size != null) {
                cursor.moveTo(bracket.end());
                boolean ofOne =
                        first.unit().isPack() || EACH.matcher(bracket.group(1)).find();
                return ofOne
                        ? packsOf(first.max().value(), size, first.unit())
                        : allOf(first.max().value(), size, first.unit());
            }
        }
        boolean spoon = first.unit().fixedFactor().isEmpty();
        if (single && spoon && bracket.lookingAt()) {
            Quantity exact = SecondAmount.inBracket(bracket.group(1));
            if (exact != null && exact.unit().base().equals(Unit.ML)) {
                cursor.moveTo(bracket.end());
                again.add(first.toString());
                return done(exact, null, false);
            }
        }
        Amount less = single ? SecondAmount.takenOff(cursor, first) : null;
        if (less != null) {
            return done(Quantity.of(less), null, false);
        }
        Unit container = counted || spoon ? null : UnitReader.container(cursor);
        return container == null ? done(first, null, false) : packsOf(Rational.ONE, first, container);
    }
}
