package wexilla.core.food;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The substances that must be declared. Source: Regulation (EU) 1169/2011, Annex II (list from memory). */
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
    MOLLUSCS;

    /** As a cook says it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Allergen> ofWord(String word) {
        return Arrays.stream(values())
                .filter(a -> a.words().equalsIgnoreCase(word.strip()))
                .findFirst();
    }
}
