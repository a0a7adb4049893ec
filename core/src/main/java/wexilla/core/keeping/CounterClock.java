package wexilla.core.keeping;

import java.time.Duration;
import java.time.LocalDateTime;
import wexilla.core.quantity.Trade;
import wexilla.core.quantity.text.CookWords;

/**
 * Cooked food that stands about: two hours from the heat to the cold (USDA FSIS, the 2-hour rule, from memory).
 *
 * @param by when it must be in the cold
 * @param minutesLeft until then, below zero when it is past
 */
public record CounterClock(LocalDateTime by, long minutesLeft) {

    private static final int MINUTES = Trade.whole("counter.minutes");

    /** @param since when its heat ended */
    public static CounterClock of(LocalDateTime since, LocalDateTime now) {
        LocalDateTime by = since.plusMinutes(MINUTES);
        return new CounterClock(by, Duration.between(now, by).toMinutes());
    }

    /** "into the cold by 19:05, 35 min left" as a cook is told. */
    public String words() {
        String at = "%02d:%02d".formatted(by.getHour(), by.getMinute());
        if (minutesLeft >= 0) {
            return "into the fridge or freezer by " + at + ": " + CookWords.minutes(minutesLeft) + " left";
        }
        return "should have been cold by " + at + ", " + CookWords.minutes(-minutesLeft) + " ago";
    }
}
