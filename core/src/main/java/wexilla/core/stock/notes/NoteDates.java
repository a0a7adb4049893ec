package wexilla.core.stock.notes;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.NotAnAmount;

/**
 * The days a stock note speaks of, each with its role (design: facts, section 4): "made Sat, frozen Mon, out Tue night",
 * "opened 25th", "use by Fri", "BBE 11/26", "Oct". Made, bought, opened, frozen and thawed lie behind; a limit lies ahead,
 * as far as its thing can keep. A month is its first day for what is aged, its last for a limit: the cautious end of both.
 */
final class NoteDates {

    /** What happened on a day, or ends on it. */
    enum Event {
        /** Nothing was said. */
        BARE,
        /** The day its clock began. */
        SINCE,
        COOKED,
        OPENED,
        FROZEN,
        THAWED,
        /** Thawing began. */
        OUT,
        /** Put up in jars at home. */
        CANNED,
        USE_BY,
        BEST_BEFORE,
        /** Sets the last day it was to be sold. */
        SELL_BY,
        /** Sets nothing. */
        DISPLAY_UNTIL;

        boolean limit() {
            return this == USE_BY || this == BEST_BEFORE || this == SELL_BY || this == DISPLAY_UNTIL;
        }
    }

    /**
     * @param behind the last such day that was, today included; for what names its year the day itself
     * @param ahead the next such day to come, today included; for what names its year the day itself
     * @param month whether only a month was said
     */
    record Day(Event event, LocalDate behind, LocalDate ahead, boolean month) {

        private static Day fixed(Event event, LocalDate date, boolean month) {
            return new Day(event, date, date, month);
        }
    }

    /** The days found, and the words without them. @param atOnce whether it thawed in water or a microwave */
    record Found(List<Day> days, String rest, boolean atOnce) {}

    private static final String MONTHS =
            "(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?";
    private static final String WEEKDAYS =
            "(?:mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)";
    private static final Pattern VERB = Pattern.compile(
            "(?<![\\p{L}-])(?:(?<use>use[- ]?by(?: date)?|eat by|exp(?:iry(?: date)?|ires|\\.)?|consume (?:by|before)|ub(?:d)?)"
                    + "|(?<best>best(?:[- ]before(?: end)?| by| if used (?:by|before))?|bbe?|bbd|good until)"
                    + "|(?<sell>sell[- ]by)|(?<display>display until)"
                    + "|(?<cooked>made|cooked|baked|boiled|roasted|reheated|caught|bought|got|from|since|packed|marinating|cut|chopped)"
                    + "|(?<opened>opened|open)|(?<frozen>frozen|froze|in(?:to)? (?:the )?freezer)"
                    + "|(?<thawed>thawed|defrosted)|(?<out>took out(?: of (?:the )?freezer)?|taken out|out of (?:the )?freezer|out|thawing)"
                    + "|(?<canned>(?:home[- ])?canned|bottled|jarred))"
                    + "(?:[ ,:]+(?:in (?:the )?fridge|in (?:the )?freezer|in (?:the )?microwave|in (?:cold |the )*water|on|since|from|about|around|of|the|end))*:?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DATE = Pattern.compile(
            "(?<iso>\\b\\d{4}-\\d{2}-\\d{2}\\b)"
                    + "|(?<my>\\b(?:0?[1-9]|1[0-2])[/.]20\\d{2}\\b)"
                    + "|(?<md>\\b\\d{1,2}/\\d{1,2}(?:/\\d{2,4})?\\b(?!\\s*(?:cup|tsp|tbsp|lb|kg|oz|pint|litre|of|jar|tin|pack)))"
                    + "|(?<dot>(?<![\\d.,])\\d{1,2}\\.\\d{1,2}\\.(?:\\d{2,4}\\b)?(?!\\d))"
                    + "|(?<dm>(?<![x×]\\s?)\\b(?:" + WEEKDAYS
                    + ",?\\s+)?(?:0?[1-9]|[12]\\d|3[01])(?:st|nd|rd|th)?\\.?\\s+(?:of\\s+)?" + MONTHS
                    + "(?:,?\\s+(?:20\\d{2}|'?(?:3[2-9]|[4-9]\\d|2[6-9]))\\b)?(?![\\p{L}]|\\s+\\d))"
                    + "|(?<mon>(?<![\\p{L}-])(?:" + WEEKDAYS + ",?\\s+)?" + MONTHS
                    + "(?:\\s+'?\\d{1,2}(?:st|nd|rd|th)?\\b(?!\\s*(?:x|kg|g|lb|oz|ml|l)\\b)(?:,?\\s+20\\d{2}\\b)?|\\s+20\\d{2}\\b)?(?![\\p{L}]))"
                    + "|(?<year>\\b20[2-4]\\d\\b)"
                    + "|(?<rel>\\b(?:today|tonight|tomorrow(?: (?:morning|noon|evening|night))?|this (?:morning|evening|afternoon)|just now|(?:at )?lunchtime|yesterday(?: (?:morning|noon|afternoon|evening|night|lunchtime))?|last night|"
                    + "last week(?:end)?|(?:a|one) week ago(?: maybe)?|(?:\\d|two|three|four|five) (?:days|weeks) ago|in (?:\\d|two|three|four|five) (?:days|weeks))\\b)"
                    + "|(?<wd>\\b(?:(?:last|this|next|on) )?" + WEEKDAYS
                    + "(?:'s)?(?: (?:morning|night|evening|lunch))?\\b)"
                    + "|(?<th>(?<![\\d/.])(?:the )?(?:0?[1-9]|[12]\\d|3[01])(?:st|nd|rd|th)\\b)"
                    + "|(?<feast>\\b(?:halloween|thanksgiving|christmas|xmas|new year'?s?|boxing day)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern AT_ONCE = Pattern.compile(
            "\\b(?:thawed|defrosted|thawing|defrosting)\\b[^,;]*\\b(?:microwave|water)\\b"
                    + "|\\b(?:microwave|water)[- ](?:thawed|defrosted)\\b",
            Pattern.CASE_INSENSITIVE);
    /** "31 Dec 9999": a day of a year nothing keeps to; "3 Nov 1500 g" is an amount. */
    private static final Pattern NO_YEAR = Pattern.compile(
            "\\b(?:\\d{1,2}(?:st|nd|rd|th)?\\.?\\s+(?:of\\s+)?)?" + MONTHS
                    + "(?:\\s+\\d{1,2}(?:st|nd|rd|th)?)?,?\\s+(?!20\\d{2}\\b)\\d{4,}\\b(?!\\s*(?:x|kg|g|lb|oz|ml|l|cl)\\b)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NO_DATE_YEAR = Pattern.compile("20\\d{2}");

    private final LocalDate today;
    private final @Nullable DateOrder order;

    /** @param order null where nobody says: of two readings the earlier is taken */
    NoteDates(LocalDate today, @Nullable DateOrder order) {
        this.today = today;
        this.order = order;
    }

    Found in(String text) {
        Matcher never = NO_YEAR.matcher(text);
        if (never.find()) {
            throw new NotAnAmount(
                    "“" + never.group() + "” is no day anything keeps to; write a year like " + (today.getYear() + 1));
        }
        List<Day> days = new ArrayList<>();
        StringBuilder rest = new StringBuilder();
        int at = 0;
        Matcher date = DATE.matcher(text);
        while (date.find()) {
            String head = text.substring(at, date.start());
            Matcher verb = VERB.matcher(head.stripTrailing());
            boolean said = verb.find();
            Event event = said ? event(verb) : Event.BARE;
            Day day = day(date, event);
            if (day == null) {
                continue;
            }
            rest.append(said ? head.stripTrailing().substring(0, verb.start()) : head)
                    .append(' ');
            if (said && verb.group().toLowerCase(Locale.ROOT).startsWith("marinating")) {
                rest.append("marinating ");
            }
            if (said && event == Event.CANNED) {
                rest.append("canned ");
            }
            if (said
                    && event == Event.COOKED
                    && verb.group().matches("(?i)(?:cooked|boiled|roasted|baked|cut|chopped).*")) {
                rest.append(verb.group().split("[ ,]")[0]).append(' ');
            }
            days.add(checked(day));
            at = date.end();
        }
        rest.append(text.substring(at));
        boolean atOnce = AT_ONCE.matcher(text).find();
        String left = atOnce
                ? rest.toString()
                        .replaceAll("(?i),?\\s*\\b(?:in|under) (?:the |cold |running )*(?:microwave|water)\\b", " ")
                : rest.toString();
        return new Found(List.copyOf(days), left, atOnce);
    }

    private static Event event(Matcher verb) {
        if (verb.group("use") != null) {
            return Event.USE_BY;
        }
        if (verb.group("best") != null) {
            return Event.BEST_BEFORE;
        }
        if (verb.group("sell") != null) {
            return Event.SELL_BY;
        }
        if (verb.group("display") != null) {
            return Event.DISPLAY_UNTIL;
        }
        return verb.group("opened") != null
                ? Event.OPENED
                : verb.group("frozen") != null
                        ? Event.FROZEN
                        : verb.group("thawed") != null
                                ? Event.THAWED
                                : verb.group("out") != null
                                        ? Event.OUT
                                        : verb.group("canned") != null
                                                ? Event.CANNED
                                                : madeOrSince(verb.group("cooked"));
    }

    private static Event madeOrSince(String verb) {
        return switch (verb.toLowerCase(Locale.ROOT)) {
            case "made", "cooked", "baked", "boiled", "roasted", "reheated" -> Event.COOKED;
            default -> Event.SINCE;
        };
    }

    private @Nullable Day day(Matcher date, Event event) {
        try {
            if (date.group("iso") != null) {
                return Day.fixed(event, LocalDate.parse(date.group("iso")), false);
            }
            if (date.group("my") != null) {
                String[] parts = date.group("my").split("[/.]");
                return Day.fixed(event, month(Integer.parseInt(parts[1]), Integer.parseInt(parts[0]), event), true);
            }
            if (date.group("md") != null) {
                return numbers(date.group("md").split("/"), event);
            }
            if (date.group("dot") != null) {
                return numbers(date.group("dot").split("\\."), event);
            }
            if (date.group("dm") != null || date.group("mon") != null) {
                return named(date.group("dm") != null ? date.group("dm") : date.group("mon"), event);
            }
            if (date.group("year") != null) {
                return event.limit()
                        ? Day.fixed(event, LocalDate.of(Integer.parseInt(date.group("year")), 12, 31), true)
                        : null;
            }
            if (date.group("rel") != null) {
                return relative(date.group("rel").toLowerCase(Locale.ROOT), event);
            }
            if (date.group("wd") != null) {
                return weekday(date.group("wd").toLowerCase(Locale.ROOT), event);
            }
            if (date.group("th") != null) {
                return ordinal(Integer.parseInt(date.group("th").replaceAll("\\D", "")), event);
            }
            LocalDate feast = feast(date.group("feast").toLowerCase(Locale.ROOT), today.getYear());
            return event.limit() && feast.isBefore(today)
                    ? Day.fixed(event, feast(date.group("feast").toLowerCase(Locale.ROOT), today.getYear() + 1), false)
                    : yearless(event, feast, false);
        } catch (DateTimeException impossible) {
            if (date.group("md") != null || date.group("dot") != null) {
                return null;
            }
            throw new NotAnAmount("“" + date.group() + "” is a date that does not exist");
        }
    }

    /** A month of a year: of a limit its last day, else its first. */
    private static LocalDate month(int year, int month, Event event) {
        LocalDate first = LocalDate.of(year, month, 1);
        return event.limit() ? first.with(TemporalAdjusters.lastDayOfMonth()) : first;
    }

    /** Day and month without a year: the last that was and the next to come. */
    private Day yearless(Event event, LocalDate some, boolean month) {
        LocalDate behind = some;
        while (behind.isAfter(today)) {
            behind = behind.minusYears(1);
        }
        LocalDate ahead = some;
        while (ahead.isBefore(today)) {
            ahead = ahead.plusYears(1);
        }
        return month && event.limit()
                ? new Day(event, last(behind), last(ahead), true)
                : new Day(event, behind, ahead, month);
    }

    private static LocalDate last(LocalDate day) {
        return day.with(TemporalAdjusters.lastDayOfMonth());
    }

    /**
     * "11/20", "3.12.", "12/03/27": by the household's order alone; where that cannot be, or none is set, what can be, of
     * two readings the earlier. Without a role small ones are fractions.
     */
    private @Nullable Day numbers(String[] parts, Event event) {
        int a = Integer.parseInt(parts[0]);
        int b = Integer.parseInt(parts[1]);
        boolean fraction = event == Event.BARE && parts.length == 2 && a < b && (b < 9 && a < 5);
        if (fraction) {
            return null;
        }
        Integer year = parts.length < 3 ? null : Integer.valueOf(parts[2]);
        Integer of = year == null ? null : Integer.valueOf(year < 100 ? 2000 + year : year);
        Day dayFirst = numbered(of, b, a, event);
        Day monthFirst = numbered(of, a, b, event);
        if (order != null) {
            Day own = order == DateOrder.DAY_FIRST ? dayFirst : monthFirst;
            if (own != null) {
                return own;
            }
        }
        Day other =
                dayFirst == null ? monthFirst : monthFirst == null ? dayFirst : earlier(dayFirst, monthFirst, event);
        boolean monthAndYear = parts.length == 2 && event.limit() && a >= 1 && a <= 12 && b > 12;
        if (monthAndYear && b > 31) {
            return Day.fixed(event, month(2000 + b, a, event), true);
        }
        return other;
    }

    private Day earlier(Day one, Day two, Event event) {
        boolean ahead = event.limit();
        LocalDate first = ahead ? one.ahead() : one.behind();
        LocalDate second = ahead ? two.ahead() : two.behind();
        return second.isBefore(first) ? two : one;
    }

    private @Nullable Day numbered(@Nullable Integer year, int month, int day, Event event) {
        if (month < 1 || month > 12 || day < 1 || day > 31) {
            return null;
        }
        try {
            return year != null
                    ? Day.fixed(event, LocalDate.of(year, month, day), false)
                    : yearless(event, LocalDate.of(today.getYear(), month, day), false);
        } catch (DateTimeException noSuchDay) {
            return null;
        }
    }

    private Day named(String text, Event event) {
        Matcher name = Pattern.compile("(?<!\\p{L})" + MONTHS, Pattern.CASE_INSENSITIVE)
                .matcher(text);
        name.find();
        Month month = Month.of(1
                + "janfebmaraprmayjunjulaugsepoctnovdec"
                                .indexOf(name.group().substring(0, 3).toLowerCase(Locale.ROOT))
                        / 3);
        int number = 0;
        int year = 0;
        for (String part : text.substring(0, name.start())
                .concat(" ")
                .concat(text.substring(name.end()))
                .split("\\D+")) {
            if (part.isEmpty()) {
                continue;
            }
            int value = Integer.parseInt(part);
            boolean years = NO_DATE_YEAR.matcher(part).matches() || value > 31 || number != 0;
            if (years) {
                year = value < 100 ? 2000 + value : value;
            } else {
                number = value;
            }
        }
        if (year != 0) {
            return number == 0
                    ? Day.fixed(event, month(year, month.getValue(), event), true)
                    : Day.fixed(event, LocalDate.of(year, month, number), false);
        }
        Day day = yearless(event, LocalDate.of(today.getYear(), month, number == 0 ? 1 : number), number == 0);
        return number == 0 ? day : onWeekday(day, text.toLowerCase(Locale.ROOT));
    }

    /** "Tue 24 Nov" says its year: the one in which that day is a Tuesday. */
    private static Day onWeekday(Day day, String text) {
        int at = "montuewedthufrisatsun".indexOf(text.substring(0, Math.min(3, text.length())));
        if (!Character.isLetter(text.charAt(0)) || at < 0 || at % 3 != 0) {
            return day;
        }
        DayOfWeek of = DayOfWeek.of(1 + at / 3);
        boolean behind = day.behind().getDayOfWeek() == of;
        boolean ahead = day.ahead().getDayOfWeek() == of && (day.event().limit() || day.event() == Event.BARE);
        return behind == ahead ? day : Day.fixed(day.event(), behind ? day.behind() : day.ahead(), false);
    }

    private Day relative(String text, Event event) {
        if (text.startsWith("tomorrow")) {
            return Day.fixed(event == Event.BARE ? Event.USE_BY : event, today.plusDays(1), false);
        }
        if (text.startsWith("in ")) {
            int many = many(text.split(" ")[1]);
            LocalDate day = today.plusDays(text.contains("week") ? 7L * many : many);
            return Day.fixed(event == Event.BARE ? Event.USE_BY : event, day, false);
        }
        return Day.fixed(event, ago(text), false);
    }

    private LocalDate ago(String text) {
        if (text.startsWith("to")
                || text.startsWith("this")
                || text.startsWith("just")
                || text.endsWith("lunchtime") && !text.startsWith("yesterday")) {
            return today;
        }
        if (text.startsWith("yesterday") || text.equals("last night")) {
            return today.minusDays(1);
        }
        if (text.startsWith("last week")) {
            return today.with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY))
                    .minusDays(7);
        }
        if (text.startsWith("a ") || text.startsWith("one ")) {
            return today.minusDays(7);
        }
        int many = many(text.split(" ")[0]);
        return today.minusDays(text.contains("week") ? 7L * many : many);
    }

    private static int many(String word) {
        return switch (word) {
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "five" -> 5;
            default -> Integer.parseInt(word);
        };
    }

    /** A limit is today or one of the next six days; everything else lies behind. */
    private Day weekday(String text, Event event) {
        boolean last = text.startsWith("last ");
        String day = text.replaceFirst("^(?:last|this|next|on) ", "").substring(0, 3);
        DayOfWeek of = DayOfWeek.of(1 + "montuewedthufrisatsun".indexOf(day) / 3);
        LocalDate behind = today.with(TemporalAdjusters.previousOrSame(of));
        // "last Monday" may be this week's or the one before: the older one is the safe one
        LocalDate date = event.limit() && !last
                ? today.with(TemporalAdjusters.nextOrSame(of))
                : last ? behind.minusDays(7) : behind;
        return Day.fixed(event, date, false);
    }

    /** "25th": of this month or the one it is nearest in. */
    private Day ordinal(int number, Event event) {
        LocalDate behind = today;
        while (behind.getDayOfMonth() != number) {
            behind = behind.minusDays(1);
        }
        LocalDate ahead = today;
        while (ahead.getDayOfMonth() != number) {
            ahead = ahead.plusDays(1);
        }
        return new Day(event, behind, ahead, false);
    }

    private static LocalDate feast(String text, int year) {
        if (text.startsWith("hallow")) {
            return LocalDate.of(year, 10, 31);
        }
        if (text.startsWith("thanks")) {
            return LocalDate.of(year, 11, 1).with(TemporalAdjusters.dayOfWeekInMonth(4, DayOfWeek.THURSDAY));
        }
        return text.startsWith("new")
                ? LocalDate.of(year, 1, 1)
                : LocalDate.of(year, 12, text.startsWith("box") ? 26 : 25);
    }

    private Day checked(Day day) {
        boolean limit = day.event().limit();
        boolean bare = day.event() == Event.BARE;
        if (day.behind().isBefore(today.minusYears(limit || bare ? 5 : 3))
                || day.behind().isAfter(limit || bare ? today.plusYears(15) : today)) {
            throw new NotAnAmount(
                    day.behind() + " is no day this can be from; write one of the last three years, up to " + today);
        }
        return day;
    }
}
