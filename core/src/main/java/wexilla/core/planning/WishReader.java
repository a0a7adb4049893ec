package wexilla.core.planning;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAdjusters;
import java.util.Currency;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wexilla.core.money.Money;

/** Reads a wish for a plan as a cook says it. */
public final class WishReader {

    /** A wish that must be kept if it can be. */
    public sealed interface Wish permits UseBy, Without, ForTheWeek {
        /** As it was typed. */
        String text();
    }

    /** "use the mince by Friday". */
    public record UseBy(String text, String food, LocalDate by) implements Wish {}

    /** "nothing with fish". */
    public record Without(String text, String what) implements Wish {}

    /** "52 for the week". */
    public record ForTheWeek(String text, Money most) implements Wish {}

    private static final Pattern USE = Pattern.compile(
            "^(?:use|use up|eat|finish)\\s+(?:up\\s+)?(?:the\\s+)?(.+?)\\s+(?:by|before|until)\\s+(.+)$");
    private static final Pattern WITHOUT =
            Pattern.compile("^(?:nothing with|no|without|not)\\s+(?:the\\s+|any\\s+)?(.+)$");
    private static final Pattern WEEK = Pattern.compile(
            "^(?:at most\\s+|under\\s+)?[€$£]?\\s*(\\d+(?:[.,]\\d{1,2})?)\\s*[€$£]?\\s*(?:for|a|per|each)?\\s*(?:the\\s+)?week$");

    private final LocalDate today;
    private final Currency currency;

    public WishReader(LocalDate today, Currency currency) {
        this.today = today;
        this.currency = currency;
    }

    /** @throws IllegalArgumentException if it is none of these, saying what can be asked */
    public Wish read(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("[.!]+$", "");
        Matcher use = USE.matcher(text);
        if (use.matches()) {
            return new UseBy(typed.strip(), use.group(1), day(use.group(2)));
        }
        Matcher week = WEEK.matcher(text);
        if (week.matches()) {
            return new ForTheWeek(typed.strip(), Money.parse(week.group(1).replace(',', '.'), currency));
        }
        Matcher without = WITHOUT.matcher(text);
        if (without.matches()) {
            return new Without(typed.strip(), without.group(1));
        }
        throw new IllegalArgumentException("“" + typed.strip()
                + "” is not understood; say: use the mince by Friday · nothing with fish · 52 for the week");
    }

    /** "friday", "tomorrow", "2026-12-04": the next such day, today among them. */
    private LocalDate day(String text) {
        String word = text.strip();
        if (word.equals("today") || word.equals("tonight")) {
            return today;
        }
        if (word.equals("tomorrow")) {
            return today.plusDays(1);
        }
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = day.name().toLowerCase(Locale.ROOT);
            if (word.equals(name) || word.equals(name.substring(0, 3))) {
                return today.with(TemporalAdjusters.nextOrSame(day));
            }
        }
        try {
            return LocalDate.parse(word);
        } catch (DateTimeParseException unreadable) {
            throw new IllegalArgumentException("“" + text + "” is no day; say Friday, tomorrow or 2026-12-04");
        }
    }
}
