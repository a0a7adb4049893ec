package wexilla.core.food.facts;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The groups of substances a pack must name. Sources: Regulation (EU) 1169/2011, Annex II, which the UK kept (fourteen);
 * US Food Allergen Labeling and Consumer Protection Act with sesame since 2023 (nine, wheat in place of gluten); both
 * lists from memory.
 */
public enum Allergen {
    GLUTEN,
    CRUSTACEANS,
    EGGS,
    FISH,
    PEANUTS,
    SOYA,
    MILK,
    NUTS,
    CELERY,
    MUSTARD,
    SESAME,
    SULPHITES,
    LUPIN,
    MOLLUSCS,
    WHEAT;

    private static final Set<Allergen> FOURTEEN = EnumSet.complementOf(EnumSet.of(WHEAT));
    private static final Set<Allergen> NINE =
            EnumSet.of(MILK, EGGS, FISH, CRUSTACEANS, NUTS, PEANUTS, WHEAT, SOYA, SESAME);

    /** As a cook says it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Allergen> ofWord(String word) {
        return Arrays.stream(values())
                .filter(a -> a.words().equalsIgnoreCase(word.strip()))
                .findFirst();
    }

    /** What packs must name in a country, in the order of its list. */
    public static List<Allergen> namedIn(@Nullable Country country) {
        return List.copyOf(country == Country.US ? NINE : FOURTEEN);
    }

    /** Whether a pack that does not name it tells that it is not in it; else the maker must be asked. */
    public boolean isNamedIn(@Nullable Country country) {
        return (country == Country.US ? NINE : FOURTEEN).contains(this) || country != Country.US && this == WHEAT;
    }
}
