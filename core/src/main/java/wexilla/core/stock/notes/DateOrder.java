package wexilla.core.stock.notes;

import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import wexilla.core.food.facts.Country;

/** Which of day and month a household writes first where both are numbers. */
public enum DateOrder {
    DAY_FIRST,
    MONTH_FIRST;

    /** As the country has it, else the continent of the zone; null where neither says. */
    public static @Nullable DateOrder of(@Nullable Country country, ZoneId zone) {
        if (country != null) {
            return country == Country.US ? MONTH_FIRST : DAY_FIRST;
        }
        String id = zone.getId();
        if (id.startsWith("Europe/") || id.startsWith("Australia/") || id.startsWith("Africa/")) {
            return DAY_FIRST;
        }
        boolean us = id.startsWith("US/")
                || id.matches("America/(?:New_York|Chicago|Denver|Los_Angeles|Phoenix|Anchorage|Detroit|Boise"
                        + "|Indiana/.*|Kentucky/.*|North_Dakota/.*)|Pacific/Honolulu");
        return us ? MONTH_FIRST : null;
    }
}
