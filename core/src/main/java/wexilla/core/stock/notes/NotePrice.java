package wexilla.core.stock.notes;

import java.util.Currency;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.money.UnitPrice;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Dimension;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.NotAnAmount;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unit;

/**
 * What a line of a haul says of its price: in all, each, by weight, several for a price, reduced, free. What can be meant
 * in two ways is asked, never guessed.
 *
 * @param rest the line without it
 * @param ask what must be asked; empty when nothing
 */
record NotePrice(@Nullable Said said, String rest, String ask) {

    /**
     * A price as written.
     *
     * @param per each thing, or one of this unit; null for all of it
     * @param each whether it is of each thing; with a unit beside it ("@ 0.25") only of what is not weighed
     * @param forSo so many for the price; 1 when one is said
     * @param single the price of one beyond those; null when it was not said
     */
    record Said(
            Money money,
            @Nullable Unit per,
            boolean each,
            int forSo,
            @Nullable Money single) {}

    private static final String MONEY = "[€$£]?\\s?(\\d{0,6}[.,]\\d{2})(?![\\d%])\\s?(?:€|eur\\b)?";
    private static final Pattern FREE = Pattern.compile(
            "\\b(?:free(?![- ]?range)|given|gift:?|for nothing)(?![\\p{L}])(?:\\s+(?:from|by)\\s+[\\p{L} ]+)?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WAS = Pattern.compile(
            "\\bwas\\s+" + MONEY + ",?\\s*(?:now|reduced to|down to)\\s+" + MONEY, Pattern.CASE_INSENSITIVE);
    private static final Pattern BOGO =
            Pattern.compile("\\b(?:bogo|bogof|buy one get one(?: free)?|2 for 1)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern N_FOR_N =
            Pattern.compile("\\b(\\d)\\s+for\\s+(\\d)\\b(?![.,]\\d)(?=.*\\d[.,]\\d{2})", Pattern.CASE_INSENSITIVE);
    private static final Pattern N_FOR = Pattern.compile(
            "(?:^|[,\\s])\\s*(\\d{1,2})\\s+for\\s+[€$£]?\\s?(\\d{1,4}(?:[.,]\\d{2})?)(?![\\d%])",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SINGLE =
            Pattern.compile(MONEY + "\\s*(?:each|ea\\.?|single|apiece)\\b", Pattern.CASE_INSENSITIVE);
    /** "2.29 x 3": each of three. */
    private static final Pattern TIMES = Pattern.compile(
            "(?<=[\\s€$£@])" + MONEY + "\\s*(?:each|ea\\.?|apiece)?\\s*[x×]\\s*(\\d{1,2})\\s*$",
            Pattern.CASE_INSENSITIVE);
    /** What stands before a price and is no part of the thing. */
    private static final Pattern OFFERED = Pattern.compile(
            "[,\\s]*\\b(?:reduced|marked down|knocked down|down|now|only|for only|on offer|on sale|special(?: offer)?|yellow sticker|clearance|paid|cost|costs|price)(?:\\s+(?:to|at|from))?\\s*:?\\s*$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern HALF_PRICE = Pattern.compile(
            "\\b(?:(?:at )?half[- ]price|on (?:special )?offer|on special|on sale|discounted|yellow[- ]sticker(?:ed)?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GOT = Pattern.compile(",?\\s*\\bgot\\s+(\\d{1,2})\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern PERCENT = Pattern.compile("-\\s?\\d{1,2}\\s?%");
    private static final Pattern COUPON = Pattern.compile(
            "\\b(?:after|with|less)\\s+" + MONEY + "\\s*(?:coupon|voucher|off|discount)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern PRICE = Pattern.compile(
            "(?:^|[\\s,(@])(?:(at|@)\\s*)?(?:[€$£]\\s?(\\d{1,6}(?:[.,]\\d{1,2})?)|(\\d{0,6}[.,]\\d{2})(?![\\d%])|(\\d{1,6}[.,]\\d)(?=\\s*$)|(\\d{1,6})(?=\\s*(?:€|eur\\b)))\\s*(?:€|eur\\b)?\\s*"
                    + "(each|ea\\b\\.?|apiece|(?:/|per\\s+|a\\s+)\\s*(?:kg|kilo|lb|pound|g|l|litre|liter|100\\s?g)\\b)?"
                    + "\\s*(?:tot(?:al)?\\b)?\\)?\\s*$",
            Pattern.CASE_INSENSITIVE);

    /** Whether something in it was given. */
    static boolean free(String text) {
        Matcher free = FREE.matcher(text);
        return free.find()
                && !BOGO.matcher(text).find()
                && !text.matches("(?i).*(?:gluten|dairy|fat|sugar|lactose|wheat|nut|meat|egg|salt)[- ]free.*");
    }

    static NotePrice in(String text, Currency currency) {
        String line = COUPON.matcher(text).replaceAll(" ").strip();
        if (free(line)) {
            Said nothing = new Said(Money.zero(currency), null, false, 1, null);
            return new NotePrice(nothing, FREE.matcher(line).replaceFirst(" "), "");
        }
        Matcher was = WAS.matcher(line);
        if (was.find()) {
            return new NotePrice(all(money(was.group(2), currency)), was.replaceFirst(" "), "");
        }
        line = HALF_PRICE.matcher(line).replaceAll(" ").strip();
        boolean reduced = PERCENT.matcher(line).find();
        line = PERCENT.matcher(line).replaceAll(" ").strip();
        if (N_FOR_N.matcher(line).find() && !BOGO.matcher(line).find()) {
            String rest =
                    SINGLE.matcher(N_FOR_N.matcher(line).replaceFirst(" ")).replaceFirst(" ");
            return new NotePrice(null, rest, "what was paid in all for " + line);
        }
        Matcher several = N_FOR.matcher(line);
        if (several.find()) {
            String rest = several.replaceFirst(" ");
            Matcher single = SINGLE.matcher(rest);
            Money one = single.find() ? money(single.group(1), currency) : null;
            rest = one == null ? rest : single.replaceFirst(" ");
            Matcher got = GOT.matcher(rest);
            rest = got.find() ? got.replaceFirst(" x$1 ") : rest;
            Said said =
                    new Said(money(several.group(2), currency), null, false, Integer.parseInt(several.group(1)), one);
            return new NotePrice(said, rest, "");
        }
        Matcher times = TIMES.matcher(line);
        if (times.find()) {
            Said each = new Said(money(times.group(1), currency), null, true, 1, null);
            return new NotePrice(each, line.substring(0, times.start()) + " x" + times.group(2), "");
        }
        boolean second = BOGO.matcher(line).find();
        line = BOGO.matcher(line).replaceAll(" ").strip();
        Matcher price = PRICE.matcher(line);
        if (!price.find()) {
            return new NotePrice(null, line, "");
        }
        String number = price.group(2) != null
                ? price.group(2)
                : price.group(3) != null ? price.group(3) : price.group(4) != null ? price.group(4) : price.group(5);
        Money money = money(number, currency);
        String per = price.group(6) == null ? "" : price.group(6).toLowerCase(Locale.ROOT);
        Said said = per.isEmpty()
                ? new Said(money, null, false, second ? 2 : 1, null)
                : per.startsWith("ea") || per.startsWith("apiece")
                        ? new Said(money, null, true, 1, null)
                        : new Said(money, unit(per), false, 1, null);
        if (price.group(1) != null && per.isEmpty()) {
            said = new Said(money, Unit.KG, true, 1, null);
        }
        String before = OFFERED.matcher(line.substring(0, price.start())).replaceFirst("");
        String rest = before + " " + line.substring(price.end());
        return new NotePrice(
                second ? all(money) : said, rest, reduced ? "whether " + money + " is after the reduction" : "");
    }

    private static Said all(Money money) {
        return new Said(money, null, false, 1, null);
    }

    private static Unit unit(String per) {
        return per.contains("lb") || per.contains("pound")
                ? Unit.LB
                : per.contains("100")
                        ? Unit.G
                        : per.contains("kg") || per.contains("kilo") ? Unit.KG : per.endsWith("g") ? Unit.G : Unit.L;
    }

    private static Money money(String number, Currency currency) {
        String plain = number.replace(',', '.');
        return Money.parse(plain.startsWith(".") ? "0" + plain : plain, currency);
    }

    /** What all of it cost; null when no price was said. */
    @Nullable
    Money paid(int count, @Nullable Amount each, Measures measures) {
        if (said == null) {
            return null;
        }
        Currency currency = said.money().currency();
        boolean pieces = each != null
                && each.unit().dimension() == Dimension.COUNT
                && !each.unit().equals(Unit.PORTION);
        Rational things = count > 1 || each == null || !pieces ? Rational.of(count) : each.value();
        boolean weighed = each != null && measures.toBase(each).unit().equals(Unit.G);
        if (said.each() && !(said.per() != null && weighed)) {
            return Money.rounded(said.money().exact().times(things), currency);
        }
        if (said.per() != null) {
            Amount all = each == null ? null : measures.toBase(each).times(Rational.of(count));
            if (all == null || !all.unit().equals(said.per().base())) {
                if (all != null && said.per().equals(Unit.KG) && all.unit().dimension() == Dimension.COUNT) {
                    throw new NotAnAmount("a price a kilo needs the amount in kg or g");
                }
                throw new NotAnAmount("a price by " + said.per().symbol() + " needs the amount in a weight or volume");
            }
            return UnitPrice.of(said.money(), measures.toBase(Amount.of(1, said.per())))
                    .of(all.value());
        }
        if (said.forSo() > 1) {
            Rational sets =
                    Rational.of(things.dividedBy(Rational.of(said.forSo())).floor());
            Rational left = things.minus(sets.times(Rational.of(said.forSo())));
            Money single = said.single();
            Rational sum = said.money().exact().times(sets);
            Rational more = left.isZero()
                    ? Rational.ZERO
                    : single == null
                            ? said.money().exact().times(left).dividedBy(Rational.of(said.forSo()))
                            : single.exact().times(left);
            return Money.rounded(sum.plus(more), currency);
        }
        return said.money();
    }
}
