package wexilla.core.menu;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Currency;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wexilla.core.money.Money;
import wexilla.core.quantity.Rational;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.Unfit;

/** Reads a wish for a plan as a cook says it. */
public final class WishReader {

    /** A wish that must be kept if it can be. */
    public sealed interface Wish permits UseBy, Without, Often, FewNew, ForTheWeek, CookOn {
        /** As it was typed. */
        String text();
    }

    /** "use the mince by Friday". */
    public record UseBy(String text, String food, LocalDate by) implements Wish {}

    /** "nothing with fish", "no oven on Tuesday". @param days on which; every day where it is empty */
    public record Without(String text, String what, Set<DayOfWeek> days) implements Wish {

        public Without {
            days = Set.copyOf(days);
        }

        /** Whether it is meant for this day. */
        public boolean on(LocalDate day) {
            return days.isEmpty() || days.contains(day.getDayOfWeek());
        }
    }

    /**
     * "fish twice", "meat at most once", "beans on Mondays".
     *
     * @param least meals of it in each seven days, or on each of the days
     * @param most {@link MenuProblem#NONE} for no limit
     * @param days on each of which; the whole week where it is empty
     */
    public record Often(String text, String what, int least, int most, Set<DayOfWeek> days) implements Wish {

        public Often {
            days = Set.copyOf(days);
        }
    }

    /** "few new dishes". */
    public record FewNew(String text) implements Wish {}

    /** "52 for the week". */
    public record ForTheWeek(String text, Money most) implements Wish {}

    /**
     * "cook on Sunday for 2 hours": time for cooking ahead.
     *
     * @param from the first such day; @param weekly whether each week has one
     * @param minutes of hands
     */
    public record CookOn(String text, LocalDate from, boolean weekly, int minutes) implements Wish {

        /** Whether it is on this day. */
        public boolean on(LocalDate day) {
            return day.equals(from) || weekly && day.isAfter(from) && day.getDayOfWeek() == from.getDayOfWeek();
        }
    }

    /** A cook day when nobody says how long. */
    private static final int COOK_MINUTES = Trade.whole("menu.cook-day-minutes");

    private static final int MOST_COOK_MINUTES = 12 * 60;
    private static final int MOST_TIMES = 7;
    private static final Pattern COOK = Pattern.compile(
            "^(?:cook day|cook(?: ahead)?|batch cook)\\s+(?:on\\s+)?(?:every\\s+)?([a-z0-9-]+?)s?(?:\\s+(?:for\\s+)?(.+))?$");
    private static final Pattern HOURS = Pattern.compile(
            "^(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(hours?|h|minutes?|mins?)(?:\\s*(\\d{1,2})\\s*(?:minutes?|mins?)?)?$");

    private static final Pattern USE = Pattern.compile(
            "^(?:use|use up|eat|finish)\\s+(?:up\\s+)?(?:the\\s+)?(.+?)\\s+(?:by|before|until)\\s+(.+)$");
    private static final String ON_DAYS = "((?:(?:"
            + Arrays.stream(DayOfWeek.values())
                    .map(day -> day.name().toLowerCase(Locale.ROOT))
                    .map(day -> day + "s?|" + day.substring(0, 3))
                    .collect(Collectors.joining("|"))
            + "|tues|thurs?|weekdays?|weekends?)(?:\\s*(?:,|and|&)\\s*)?)+)";
    private static final Pattern WITHOUT = Pattern.compile(
            "^(?:nothing with|no|without|not|never)\\s+(?:the\\s+|any\\s+)?(.+?)(?:\\s+on\\s+(?:an?\\s+)?" + ON_DAYS
                    + ")?$");
    private static final Pattern MEATLESS = Pattern.compile("^meat(?:less|-free)\\s+(?:on\\s+)?" + ON_DAYS + "$");
    private static final Pattern ON = Pattern.compile("^(.+?)\\s+(?:on|every)\\s+" + ON_DAYS + "$");
    private static final String COUNT = "(once|twice|(?:\\d+|one|two|three|four|five|six|seven)(?:\\s+times?|\\s*x))";
    private static final String AT = "(?:(at least|at most|no more than|only)\\s+)?";
    private static final String A_WEEK = "(?:\\s+(?:a|per|each|every|in the|in a)\\s+week)?";
    private static final Pattern OFTEN = Pattern.compile("^(.+?)\\s+" + AT + COUNT + A_WEEK + "$");
    private static final Pattern OFTEN_FIRST = Pattern.compile("^" + AT + COUNT + A_WEEK + "\\s+(.+?)" + A_WEEK + "$");
    private static final Pattern FEW_NEW =
            Pattern.compile("^(?:(?:few|no) new (?:foods?|dish(?:es)?|things|recipes)|nothing new|no experiments)$");
    private static final List<String> NUMBERS = List.of("zero", "one", "two", "three", "four", "five", "six", "seven");
    private static final Pattern WEEK = Pattern.compile(
            "^(?:at most\\s+|under\\s+)?[€$£]?\\s*(\\d+(?:[.,]\\d{1,2})?)\\s*[€$£]?\\s*(?:for|a|per|each)?\\s*(?:the\\s+)?week$");

    private final LocalDate today;
    private final LocalDate from;
    private final Currency currency;

    /** @param from the first day of the plan that is asked for: a weekday is the first from then on */
    public WishReader(LocalDate today, LocalDate from, Currency currency) {
        this.today = today;
        this.from = from;
        this.currency = currency;
    }

    /** @throws Unfit if it is none of these, saying what can be asked */
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
        Matcher cook = COOK.matcher(text);
        if (cook.matches()) {
            return cookOn(typed.strip(), cook.group(1), cook.group(2));
        }
        if (FEW_NEW.matcher(text).matches()) {
            return new FewNew(typed.strip());
        }
        Matcher meatless = MEATLESS.matcher(text);
        if (meatless.matches()) {
            return new Without(typed.strip(), "meat", days(meatless.group(1)));
        }
        Matcher without = WITHOUT.matcher(text);
        if (without.matches()) {
            return new Without(typed.strip(), without.group(1), days(without.group(2)));
        }
        Matcher often = OFTEN.matcher(text);
        if (often.matches()) {
            return often(typed.strip(), often.group(1), often.group(2), often.group(3));
        }
        Matcher first = OFTEN_FIRST.matcher(text);
        if (first.matches()) {
            return often(typed.strip(), first.group(3), first.group(1), first.group(2));
        }
        Matcher on = ON.matcher(text);
        if (on.matches()) {
            return new Often(typed.strip(), on.group(1), 1, MenuProblem.NONE, days(on.group(2)));
        }
        throw new Unfit(
                "“" + typed.strip()
                        + "” is not understood; say: use the mince by Friday · nothing with fish · no oven on Tuesday · fish twice · "
                        + "beans on Mondays · meat at most three times · few new dishes · 52 for the week · cook on Sunday 2 h");
    }

    private static Often often(String text, String what, @Nullable String how, String count) {
        String word = count.strip().split("[\\sx]")[0];
        int times = word.equals("once") ? 1 : word.equals("twice") ? 2 : NUMBERS.indexOf(word);
        int many = times >= 0 ? times : Integer.parseInt(word);
        if (many > MOST_TIMES) {
            throw new Unfit("There are " + MOST_TIMES + " days in a week; " + count.strip() + " is too often");
        }
        boolean most = how != null && !how.equals("at least");
        return new Often(text, what, most ? 0 : many, most ? many : MenuProblem.NONE, Set.of());
    }

    /** "Mondays", "tue and thu", "weekdays"; none where nothing is said. */
    private static Set<DayOfWeek> days(@Nullable String text) {
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        if (text == null) {
            return days;
        }
        for (String word : text.split("\\s*(?:,|&|\\band\\b)\\s*|\\s+")) {
            if (word.startsWith("weekday")) {
                days.addAll(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
            } else if (word.startsWith("weekend")) {
                days.addAll(EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY));
            } else if (!word.isEmpty()) {
                Stream.of(DayOfWeek.values())
                        .filter(day -> word.startsWith(
                                day.name().toLowerCase(Locale.ROOT).substring(0, 3)))
                        .forEach(days::add);
            }
        }
        return days;
    }

    private CookOn cookOn(String text, String when, @Nullable String howLong) {
        boolean weekly = weekday(when) != null;
        int minutes = COOK_MINUTES;
        if (howLong != null) {
            Matcher hours = HOURS.matcher(howLong.strip());
            if (!hours.matches()) {
                throw new Unfit("“" + howLong + "” is no time; say 2 h or 90 min");
            }
            Rational one = hours.group(2).startsWith("h") ? Rational.of(60) : Rational.ONE;
            Rational said = Rational.of(new BigDecimal(hours.group(1).replace(',', '.')))
                    .times(one);
            minutes = said.rounded().intValue() + (hours.group(3) == null ? 0 : Integer.parseInt(hours.group(3)));
        }
        if (minutes < 1 || minutes > MOST_COOK_MINUTES) {
            throw new Unfit("A cook day has 1 min to 12 h of hands, not " + minutes + " min");
        }
        return new CookOn(text, day(when), weekly, minutes);
    }

    private static @Nullable DayOfWeek weekday(String word) {
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = day.name().toLowerCase(Locale.ROOT);
            if (word.equals(name) || word.equals(name.substring(0, 3))) {
                return day;
            }
        }
        return null;
    }

    /** "friday", "tomorrow", "2026-12-04". */
    private LocalDate day(String text) {
        String word = text.strip();
        if (word.equals("today") || word.equals("tonight")) {
            return today;
        }
        if (word.equals("tomorrow")) {
            return today.plusDays(1);
        }
        DayOfWeek named = weekday(word);
        if (named != null) {
            return from.with(TemporalAdjusters.nextOrSame(named));
        }
        try {
            return LocalDate.parse(word);
        } catch (DateTimeParseException unreadable) {
            throw new Unfit("“" + text + "” is no day; say Friday, tomorrow or 2026-12-04");
        }
    }
}
