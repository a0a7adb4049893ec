package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import wexilla.core.plan.Judgement.Level;

/**
 * What stands against an evening, or is to be done for it, in the cook's words.
 *
 * @param why the rule or source; empty when the words say it all
 */
public record Remark(Level level, String words, String why) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    static Remark stop(String words, String why) {
        return new Remark(Level.STOP, words, why);
    }

    static Remark act(String words, String why) {
        return new Remark(Level.DO, words, why);
    }

    static Remark hint(String words) {
        return new Remark(Level.HINT, words, "");
    }

    /** "Fri 27 Nov". */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** "17:10", and the day with it when it is another one. */
    public static String time(LocalDateTime at, LocalDate day) {
        return TIME.format(at) + (at.toLocalDate().equals(day) ? "" : " on " + day(at.toLocalDate()));
    }

    /** "Fri 27 Nov, 10:00". */
    static String dayAndTime(LocalDateTime at) {
        return day(at.toLocalDate()) + ", " + TIME.format(at);
    }
}
