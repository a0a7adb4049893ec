package wexilla.core.stock;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.NotAnAmount;

/**
 * The days a stock note speaks of, each with what happened on it: "made Sat, frozen Mon, out Tue night", "opened 24 Nov",
 * "Oct". A weekday is the last one that was, a month its first day: the cautious end of what is aged.
 */
final class NoteDates {

    /** What happened on a day. */
    enum Event {
        /** Nothing was said: the day its clock began. */
        SINCE,
        COOKED,
        OPENED,
        FROZEN,
        THAWED,
        /** Thawing began. */
        OUT,
        /** The date printed on it. */
        PRINTED,
        /** Put up in jars at home. */
        CANNED
    }

    /** @param month whether only a month was said */
    record Day(Event event, LocalDate date, boolean month) {}

    /** The days found, and the words without them. */
    record Found(List<Day> days, String rest) {}

    private static final String MONTHS =
            "(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?";
    private static final String WEEKDAYS =
            "(?:mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)";
    private static final Pattern VERB = Pattern.compile(
            "(?<!\\p{L})(?:(?<cooked>made|cooked|baked|boiled|roasted|reheated|caught|bought|got|from|since|marinating|cut|chopped)"
                    + "|(?<opened>opened|open)|(?<frozen>frozen|froze|in(?:to)? (?:the )?freezer)"
                    + "|(?<thawed>thawed|defrosted)|(?<out>took out(?: of (?:the )?freezer)?|taken out|out of (?:the )?freezer|out|thawing)"
                    + "|(?<printed>best before|best by|bb|use by|use-by|sell by|exp(?:ires)?\\.?)|(?<canned>(?:home[- ])?canned|bottled|jarred))"
                    + "(?:[ ,]+(?:in (?:the )?fridge|in (?:the )?freezer|on|since|from|about|around|of|the))*$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DATE = Pattern.compile(
            "(?<iso>\\b\\d{4}-\\d{2}-\\d{2}\\b)"
                    + "|(?<my>\\b(?:0?[1-9]|1[0-2])/20\\d{2}\\b)"
                    + "|(?<md>\\b\\d{1,2}/\\d{1,2}(?:/\\d{2,4})?\\b(?!\\s*(?:cup|tsp|tbsp|lb|kg|oz|pint|litre|of|jar|tin|pack)))"
                    + "|(?<dm>(?<![x×]\\s?)\\b(?:0?[1-9]|[12]\\d|3[01])(?:st|nd|rd|th)?\\.?\\s+" + MONTHS
                    + "(?:\\s+20\\d{2}\\b)?(?![\\p{L}]|\\s+\\d))"
                    + "|(?<mon>(?<![\\p{L}-])" + MONTHS
                    + "(?:\\s+\\d{1,2}(?:st|nd|rd|th)?\\b(?!\\s*(?:x|kg|g|lb|oz|ml|l)\\b)|\\s+20\\d{2}\\b)?(?![\\p{L}]))"
                    + "|(?<year>\\b20[2-4]\\d\\b)"
                    + "|(?<rel>\\b(?:today|tonight|this (?:morning|evening|afternoon)|just now|yesterday(?: (?:morning|noon|afternoon|evening|night|lunchtime))?|last night|"
                    + "last week(?:end)?|(?:a|one) week ago(?: maybe)?|(?:\\d|two|three|four|five) (?:days|weeks) ago)\\b)"
                    + "|(?<wd>\\b(?:(?:last|this|on) )?" + WEEKDAYS + "(?:'s)?(?: (?:morning|night|evening|lunch))?\\b)"
                    + "|(?<feast>\\b(?:halloween|thanksgiving|christmas|xmas|new year'?s?|boxing day)\\b)",
            Pattern.CASE_INSENSITIVE);

    private final LocalDate today;

    NoteDates(LocalDate today) {
        this.today = today;
    }

    Found in(String text) {
        java.util.ArrayList<Day> days = new java.util.ArrayList<>();
        StringBuilder rest = new StringBuilder();
        int at = 0;
        Matcher date = DATE.matcher(text);
        while (date.find()) {
            String head = text.substring(at, date.start());
            Matcher verb = VERB.matcher(head.stripTrailing());
            boolean said = verb.find();
            Event event = said ? event(verb) : Event.SINCE;
            boolean month = date.group("mon") != null && !date.group("mon").matches(".*\\d.*");
            LocalDate when = date(date, event);
            if (when == null) {
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
            days.add(new Day(
                    event, checked(when, event), month || date.group("my") != null || date.group("year") != null));
            at = date.end();
        }
        rest.append(text.substring(at));
        return new Found(List.copyOf(days), rest.toString());
    }

    private static Event event(Matcher verb) {
        return verb.group("opened") != null
                ? Event.OPENED
                : verb.group("frozen") != null
                        ? Event.FROZEN
                        : verb.group("thawed") != null
                                ? Event.THAWED
                                : verb.group("out") != null
                                        ? Event.OUT
                                        : verb.group("printed") != null
                                                ? Event.PRINTED
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

    private @Nullable LocalDate date(Matcher date, Event event) {
        try {
            if (date.group("iso") != null) {
                return LocalDate.parse(date.group("iso"));
            }
            if (date.group("my") != null) {
                String[] parts = date.group("my").split("/");
                return end(LocalDate.of(Integer.parseInt(parts[1]), Integer.parseInt(parts[0]), 1), event);
            }
            if (date.group("md") != null) {
                return numbers(date.group("md"), event);
            }
            if (date.group("dm") != null || date.group("mon") != null) {
                return month(date.group("dm") != null ? date.group("dm") : date.group("mon"), event);
            }
            if (date.group("year") != null) {
                return event == Event.PRINTED ? LocalDate.of(Integer.parseInt(date.group("year")), 12, 31) : null;
            }
            if (date.group("rel") != null) {
                return relative(date.group("rel").toLowerCase(Locale.ROOT));
            }
            if (date.group("wd") != null) {
                return weekday(date.group("wd").toLowerCase(Locale.ROOT));
            }
            return feast(date.group("feast").toLowerCase(Locale.ROOT));
        } catch (DateTimeException impossible) {
            if (date.group("md") != null) {
                return null;
            }
            throw new NotAnAmount("“" + date.group() + "” is a date that does not exist");
        }
    }

    private static LocalDate end(LocalDate first, Event event) {
        return event == Event.PRINTED ? first.with(TemporalAdjusters.lastDayOfMonth()) : first;
    }

    /** "11/20" and "20/11": what is possible; where both are, the month first as most who write it with a slash do. */
    private @Nullable LocalDate numbers(String text, Event event) {
        String[] parts = text.split("/");
        int a = Integer.parseInt(parts[0]);
        int b = Integer.parseInt(parts[1]);
        int month = a > 12 ? b : a;
        int day = a > 12 ? a : b;
        if (month < 1
                || month > 12
                || day < 1
                || day > 31
                || a <= 12 && b <= 12 && parts.length == 2 && a < 5 && b < 9) {
            return null;
        }
        if (parts.length == 3) {
            int year = Integer.parseInt(parts[2]);
            return LocalDate.of(year < 100 ? 2000 + year : year, month, day);
        }
        return past(LocalDate.of(today.getYear(), month, day), event);
    }

    private LocalDate month(String text, Event event) {
        Matcher name = Pattern.compile(MONTHS, Pattern.CASE_INSENSITIVE).matcher(text);
        name.find();
        Month month = Month.of(1
                + "janfebmaraprmayjunjulaugsepoctnovdec"
                                .indexOf(name.group().substring(0, 3).toLowerCase(Locale.ROOT))
                        / 3);
        String numbers = text.replace(name.group(), " ")
                .replaceAll("(?i)(?<=\\d)(?:st|nd|rd|th)", "")
                .strip();
        int number = 0;
        int year = 0;
        for (String part : numbers.split("\\D+")) {
            if (!part.isEmpty()) {
                int value = Integer.parseInt(part);
                year = value > 1000 ? value : year;
                number = value > 1000 ? number : value;
            }
        }
        if (event == Event.PRINTED
                && year == 0
                && number >= today.getYear() % 100
                && number <= today.getYear() % 100 + 12) {
            year = 2000 + number;
            number = 0;
        }
        LocalDate date = LocalDate.of(year == 0 ? today.getYear() : year, month, number == 0 ? 1 : number);
        if (year != 0) {
            return number == 0 ? end(date, event) : date;
        }
        LocalDate near = past(date, event);
        return number == 0 ? end(near, event) : near;
    }

    /** Without a year: the last one that was; a printed one the next to come. */
    private LocalDate past(LocalDate date, Event event) {
        if (event == Event.PRINTED) {
            return date.isBefore(today.minusMonths(2)) ? date.plusYears(1) : date;
        }
        return date.isAfter(today) ? date.minusYears(1) : date;
    }

    private LocalDate relative(String text) {
        if (text.startsWith("to") || text.startsWith("this") || text.startsWith("just")) {
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
        String first = text.split(" ")[0];
        int many = switch (first) {
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            case "five" -> 5;
            default -> Integer.parseInt(first);
        };
        return today.minusDays(text.contains("week") ? 7L * many : many);
    }

    private LocalDate weekday(String text) {
        boolean last = text.startsWith("last ");
        String day = text.replaceFirst("^(?:last|this|on) ", "").substring(0, 3);
        DayOfWeek of = DayOfWeek.of(1 + "montuewedthufrisatsun".indexOf(day) / 3);
        LocalDate date = today.with(TemporalAdjusters.previousOrSame(of));
        // "last Monday" may be this week's or the one before: the older one is the safe one
        return last ? date.minusDays(7) : date;
    }

    private LocalDate feast(String text) {
        int year = today.getYear();
        LocalDate date;
        if (text.startsWith("hallow")) {
            date = LocalDate.of(year, 10, 31);
        } else if (text.startsWith("thanks")) {
            date = LocalDate.of(year, 11, 1).with(TemporalAdjusters.dayOfWeekInMonth(4, DayOfWeek.THURSDAY));
        } else if (text.startsWith("new")) {
            date = LocalDate.of(year, 1, 1);
        } else {
            date = LocalDate.of(year, 12, text.startsWith("box") ? 26 : 25);
        }
        return date.isAfter(today) ? date.minusYears(1) : date;
    }

    private LocalDate checked(LocalDate date, Event event) {
        boolean printed = event == Event.PRINTED;
        if (date.isBefore(today.minusYears(printed ? 5 : 3)) || date.isAfter(printed ? today.plusYears(15) : today)) {
            throw new NotAnAmount(
                    date + " is no day this can be from; write one of the last three years, up to " + today);
        }
        return date;
    }
}
