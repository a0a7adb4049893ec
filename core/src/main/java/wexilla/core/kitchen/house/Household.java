package wexilla.core.kitchen.house;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Country;
import wexilla.core.money.Money;
import wexilla.core.pricing.OwnGoods;
import wexilla.core.pricing.Seasoning;
import wexilla.core.quantity.KitchenMeasure;
import wexilla.core.quantity.Measures;
import wexilla.core.stock.notes.DateOrder;

/**
 * The household a request belongs to.
 *
 * @param version of its settings, counted up with each change
 * @param riceKept whether cooked rice is cooled within the hour and kept 3–4 days, not one
 * @param ownGoods what own and given goods count as
 * @param country whose rules hold; null until somebody said: the published US tables, the allergens of the EU
 * @param system how kitchen measures are shown: cups and spoons, or grams
 */
public record Household(
        UUID id,
        String name,
        ZoneId zone,
        Currency currency,
        KitchenMeasure.System system,
        Measures measures,
        Seasoning seasoning,
        Money flat,
        boolean riceKept,
        OwnGoods ownGoods,
        @Nullable Country country,
        int version) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm", Locale.ROOT);

    /** The moment as the clocks of this household show it. */
    public LocalDateTime at(Instant instant) {
        return instant.atZone(zone).toLocalDateTime();
    }

    public LocalDate dayOf(Instant instant) {
        return instant.atZone(zone).toLocalDate();
    }

    /** Which of day and month is written first; null where nobody can say. */
    public @Nullable DateOrder dateOrder() {
        return DateOrder.of(country, zone);
    }

    /** A day as people say it: "Sat 28 Nov". */
    public static String words(LocalDate day) {
        return DAY.format(day);
    }

    /** ISO date and time in this household's zone, to the minute. */
    public String timeOf(Instant instant) {
        return MINUTES.format(instant.atZone(zone));
    }
}
