package wexilla.core.food;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** How the amount of a line follows the size of a batch: handbook, section 2. */
public enum Scaling {
    /** With the batch; nearly everything. */
    LINEAR("with the batch"),
    /** With the batch, but in one pot begun with less and tasted: salt, strong spices, vinegar. */
    SEASONING("in one pot begin with less, then taste"),
    /** With the vessels or their surface: greasing, a pastry lid, cheese on top. */
    PER_VESSEL("with the vessels or their surface"),
    /** What the grain takes up with the batch, what boils away with the pots: water for rice in an open pot. */
    EVAPORATING("what the grain takes up, and what boils away from each pot"),
    /** So much for each pot, whatever is in it: bay leaf. */
    FIXED("the same for each pot"),
    /** With the batch, then whole pieces: eggs. */
    WHOLE("with the batch, in whole pieces");

    private final String words;

    Scaling(String words) {
        this.words = words;
    }

    /** In the cook's words. */
    public String words() {
        return words;
    }

    /** As written in files and calls: "per vessel". */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public static Optional<Scaling> ofCode(String code) {
        String plain = code.strip().toLowerCase(Locale.ROOT).replaceAll("[_-]", " ");
        return Arrays.stream(values()).filter(rule -> rule.code().equals(plain)).findFirst();
    }

    /** All codes, for messages. */
    public static String codes() {
        return Arrays.stream(values()).map(Scaling::code).collect(Collectors.joining(", "));
    }
}
