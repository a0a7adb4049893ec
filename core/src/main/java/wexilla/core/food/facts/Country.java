package wexilla.core.food.facts;

import java.util.Locale;
import java.util.Optional;

/**
 * Whose rules a household lives by: which allergens packs must name, how hot, how long. Asked once, with the zone; until
 * then the published US tables hold, and the fourteen allergens of the EU.
 */
public enum Country {
    UK("the UK"),
    EU("the EU"),
    US("the US");

    private final String words;

    Country(String words) {
        this.words = words;
    }

    /** As a cook says it. */
    public String words() {
        return words;
    }

    public static Optional<Country> ofWord(String word) {
        try {
            return Optional.of(valueOf(word.strip().toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
