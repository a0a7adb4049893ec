package wexilla.app.platform;

import java.math.BigDecimal;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Currency;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.Measures;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Unfit;
import wexilla.core.quantity.Unit;
import wexilla.core.quantity.text.AmountReader;
import wexilla.core.quantity.text.Blanks;

/** Reads the fields of a preview request; what is wrong is told at its field. */
public final class Asked {

    /** Previews know no household; their money has two decimals. */
    public static final Currency CURRENCY = Currency.getInstance("EUR");

    private static final int MOST_DIGITS = 15;
    /** Decimals the books are kept in. */
    private static final int DIGITS_KEPT = 6;

    private static final int LONGEST_AMOUNT = 120;
    private static final BigDecimal LEAST_TBSP = BigDecimal.TEN;
    private static final BigDecimal MOST_TBSP = BigDecimal.valueOf(25);

    private Asked() {}

    /** @param cup {@code us} or {@code metric}; @param tbsp ml. US when nothing is said */
    public static Measures measures(@Nullable String cup, @Nullable BigDecimal tbsp) {
        if (cup != null && !cup.equals("us") && !cup.equals("metric")) {
            throw Problem.at("/cup", "“" + cup + "” is no cup; say us or metric.");
        }
        Measures base = "metric".equals(cup) ? Measures.METRIC : Measures.US;
        if (tbsp == null) {
            return cup == null ? Measures.US : new Measures(base.cupMl(), base.tbspMl());
        }
        // compared before it becomes exact: 1e-999999 would be endless work
        if (tbsp.compareTo(LEAST_TBSP) < 0 || tbsp.compareTo(MOST_TBSP) > 0 || tbsp.scale() > MOST_DIGITS) {
            throw Problem.at("/tbsp", "A tablespoon holds from 10 to 25 ml.");
        }
        return at("/tbsp", () -> new Measures(base.cupMl(), Rational.of(tbsp)));
    }

    /** A whole amount such as "2 cups", with nothing behind it. */
    public static Amount amount(String field, String text) {
        if (text.length() > LONGEST_AMOUNT) {
            throw Problem.at(field, "An amount has at most " + LONGEST_AMOUNT + " characters; write it like 500 g.");
        }
        AmountReader.Reading reading = at(
                field,
                () -> AmountReader.read(text)
                        .orElseThrow(() -> new Unfit("“" + text + "” is no amount; write it like 500 g")));
        if (!reading.rest().isEmpty()) {
            throw Problem.at(field, "“" + reading.rest() + "” is not understood; write only the amount, like 500 g.");
        }
        Amount amount = reading.quantity().max();
        Amount kept = Measures.US.toBase(amount);
        if (!amount.value().isZero()
                && Rational.of(kept.value().toDecimal(DIGITS_KEPT)).isZero()) {
            throw Problem.at(field, "“" + text + "” is too little to write down; write it like 500 g.");
        }
        return amount;
    }

    /** A number: 12.5, or as a cook writes it: 1/2, 1 1/2, 2,5. */
    public static Rational number(String field, String text) {
        if (text.length() > LONGEST_AMOUNT) {
            throw Problem.at(field, "A number has at most " + LONGEST_AMOUNT + " characters; write it like 12.5.");
        }
        String plain = text.strip();
        if (plain.matches("-?\\d{1," + MOST_DIGITS + "}(\\.\\d{1," + MOST_DIGITS + "})?")) {
            return Rational.of(new BigDecimal(plain));
        }
        boolean written = plain.matches("[\\d½⅓⅔¼¾⅛/., ]{1," + MOST_DIGITS + "}");
        return (written ? at(field, () -> AmountReader.read(plain)) : Optional.<AmountReader.Reading>empty())
                .filter(read -> read.bare()
                        && read.rest().isEmpty()
                        && read.quantity().unit().equals(Unit.PIECE))
                .map(read -> read.quantity().max().value())
                .orElseThrow(() -> Problem.at(field, "“" + text + "” is no number; write it like 12.5 or 1/2."));
    }

    /** Money of the previews, which know no household: it is never converted, so that the currency does not matter. */
    public static Money money(String field, String text) {
        return money(field, text, CURRENCY);
    }

    public static Money money(String field, String text, Currency currency) {
        return at(field, () -> Money.parse(text, currency));
    }

    /** A name as typed, without blanks around it. */
    public static String name(String field, String text, int longest) {
        String name = Blanks.single(text.replaceAll("\\p{Cf}|\\p{Cc}", " "));
        if (name.isEmpty() || name.length() > longest) {
            throw Problem.at(field, "A name has 1 to " + longest + " characters, this one " + name.length() + ".");
        }
        return name;
    }

    /** A time of day. */
    public static LocalTime time(String field, String text) {
        try {
            return LocalTime.parse(text.strip());
        } catch (DateTimeParseException unreadable) {
            throw Problem.at(field, "“" + text + "” is no time of day; write it like 17:30.");
        }
    }

    /** Words each of which names one of a kind. @param named what a word names; empty where it names none */
    public static <T> Set<T> each(String field, @Nullable List<String> words, Function<String, Optional<T>> named) {
        Set<T> all = new LinkedHashSet<>();
        for (int i = 0; words != null && i < words.size(); i++) {
            String word = words.get(i);
            String at = field + "/" + i;
            all.add(named.apply(word).orElseThrow(() -> Problem.at(at, "“" + word + "” is not known here.")));
        }
        return all;
    }

    /** What the core refuses is told at this field. */
    public static <T> T at(String field, Supplier<T> core) {
        try {
            return core.get();
        } catch (Unfit problem) {
            throw Problem.at(field, String.valueOf(problem.getMessage()));
        }
    }
}
