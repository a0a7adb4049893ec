package wexilla.core.stock;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wexilla.core.quantity.NotAnAmount;

/** Dates behind a food in a stock note. A month alone is its first day: the cautious end for something aged. */
final class NoteDates {

    record Found(@Nullable LocalDate date, String rest) {}

    private static final String MONTHS =
            "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)(?:uary|ruary|ch|il|e|y|ust|t|tember|ober|ember)?";
    private static final Pattern MONTH = Pattern.compile(
            "[\\s,]+(?:(\\d{1,2})\\.?\\s+)?" + MONTHS + "\\.?(?:\\s+(\\d{4}))?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern ISO = Pattern.compile("[\\s,]+(\\d{4})-(\\d{2})-(\\d{2})$");
    private static final Pattern WORD = Pattern.compile("[\\s,]+(today|yesterday)$", Pattern.CASE_INSENSITIVE);

    private final LocalDate today;

    NoteDates(LocalDate today) {
        this.today = today;
    }

    Found atEndOf(String text) {
        try {
            return find(text);
        } catch (DateTimeException impossible) {
            throw new NotAnAmount("“" + text + "” ends in a date that does not exist");
        }
    }

    private Found find(String text) {
        Matcher word = WORD.matcher(text);
        if (word.find()) {
            int days = word.group(1).equalsIgnoreCase("today") ? 0 : 1;
            return new Found(today.minusDays(days), text.substring(0, word.start()));
        }
        Matcher iso = ISO.matcher(text);
        if (iso.find()) {
            LocalDate date = LocalDate.of(number(iso, 1), number(iso, 2), number(iso, 3));
            return new Found(checked(date), text.substring(0, iso.start()));
        }
        Matcher month = MONTH.matcher(text);
        if (!month.find()) {
            return new Found(null, text);
        }
        Month named = Month.of(1
                + "janfebmaraprmayjunjulaugsepoctnovdec".indexOf(month.group(2).toLowerCase(Locale.ROOT)) / 3);
        int day = month.group(1) == null ? 1 : number(month, 1);
        LocalDate date = LocalDate.of(month.group(3) == null ? today.getYear() : number(month, 3), named, day);
        if (month.group(3) == null && date.isAfter(today)) {
            date = date.minusYears(1);
        }
        return new Found(checked(date), text.substring(0, month.start()));
    }

    private LocalDate checked(LocalDate date) {
        if (date.isAfter(today) || date.isBefore(today.minusYears(3))) {
            throw new NotAnAmount(
                    date + " is no day this can be from; write one of the last three years, up to " + today);
        }
        return date;
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }
}
