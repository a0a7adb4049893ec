package wexilla.core.food.book;

import java.util.Locale;

/** In which state a food is, as a line or a note says it (design: things, section 2). */
public enum State {
    RAW,
    FRESH,
    COOKED,
    BROWNED,
    FROZEN,
    THAWED,
    TINNED,
    DRIED,
    SMOKED,
    GROUND,
    MINCED,
    DICED,
    STUFFED,
    TENDERISED,
    GRATED,
    PUREED,
    OPENED;

    /** As a cook says it. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Behind a comma this word still says what the food is bought as, not what is done with it: "peas, frozen". */
    public boolean isSaidBehind(String first) {
        return switch (this) {
            case FROZEN, TINNED, DRIED, SMOKED, FRESH, MINCED -> true;
            case COOKED -> first.equalsIgnoreCase("cooked") || first.equalsIgnoreCase("leftover");
            default -> false;
        };
    }

    static State ofWord(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }
}
